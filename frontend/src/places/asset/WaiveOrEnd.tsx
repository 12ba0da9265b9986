import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Popover } from "radix-ui";
import { useState } from "react";
import { api, type Schemas, told } from "../../api/client";
import { me } from "../../api/questions";

function inDays(days: number): string {
  return new Date(Date.now() + days * 86_400_000).toISOString().slice(0, 10);
}

/** A lead agrees that a no may stand until a day, with the reason; or ends that before. */
export function WaiveOrEnd({ asset, answer }: { asset: number; answer: Schemas["Answer"] }) {
  const queries = useQueryClient();
  const isLead = useQuery(me).data?.role === "lead";
  const [open, setOpen] = useState(false);
  const [why, setWhy] = useState("");
  const [until, setUntil] = useState(inDays(30));
  const done = () => {
    setOpen(false);
    setWhy("");
    return queries.invalidateQueries();
  };
  const waive = useMutation({
    mutationFn: () =>
      told(api.POST("/api/waivers", { body: { assets: [asset], says: answer.says, why, until } })),
    onSuccess: done,
  });
  const end = useMutation({
    mutationFn: (number: number) =>
      told(api.POST("/api/waivers/{number}/end", { params: { path: { number } } })),
    onSuccess: done,
  });
  if (!isLead || (answer.verdict !== "no" && !answer.waiver)) return null;
  const { waiver } = answer;
  if (waiver)
    return (
      <button
        type="button"
        className="ml-2 underline underline-offset-2"
        disabled={end.isPending}
        onClick={() => end.mutate(waiver.id)}
      >
        end it
      </button>
    );
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger className="ml-2 underline underline-offset-2">waive</Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          aria-label="Waive"
          align="end"
          sideOffset={4}
          className="sheet z-40 w-80 p-4 shadow-lg"
        >
          <form
            aria-label="Waive"
            onSubmit={(event) => {
              event.preventDefault();
              waive.mutate();
            }}
          >
            <p className="font-mono text-[12px]">{answer.says}</p>
            <label className="mt-2 block font-semibold" htmlFor="waive-why">
              Why it may stay so
            </label>
            <input
              id="waive-why"
              className="field mt-1"
              value={why}
              onChange={(event) => setWhy(event.target.value)}
            />
            <label className="mt-2 block font-semibold" htmlFor="waive-until">
              Until and including
            </label>
            <input
              id="waive-until"
              type="date"
              className="field mt-1"
              min={inDays(0)}
              max={inDays(366)}
              value={until}
              onChange={(event) => setUntil(event.target.value)}
            />
            {waive.error && (
              <p role="alert" className="mt-2 text-no-text">
                {waive.error.message}
              </p>
            )}
            <button type="submit" className="deed mt-3 w-full" disabled={!why.trim() || waive.isPending}>
              Agree to it
            </button>
          </form>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
