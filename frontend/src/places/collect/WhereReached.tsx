import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Dialog } from "radix-ui";
import { useState } from "react";
import { api, type Schemas, told } from "../../api/client";
import { reachable, sheets } from "../../api/questions";

/** Where a PC answers, and which ask sheet its system understands. */
export function WhereReached({ pc, onDone }: { pc: Schemas["Reachable"] | null; onDone: () => void }) {
  const queries = useQueryClient();
  const known = useQuery(sheets);
  const [address, setAddress] = useState(pc?.address ?? "");
  const [port, setPort] = useState(String(pc?.port ?? 22));
  const [sheet, setSheet] = useState(pc?.sheet ?? "");
  const save = useMutation({
    mutationFn: () =>
      told(
        api.PUT("/api/assets/{number}/reach", {
          params: { path: { number: pc?.asset.id ?? 0 } },
          body: { address, port: Number(port) || 0, sheet },
        }),
      ),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: reachable.queryKey });
      onDone();
    },
  });
  return (
    <Dialog.Root open={pc !== null} onOpenChange={(open) => !open && onDone()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/40" />
        <Dialog.Content
          aria-describedby={undefined}
          className="sheet fixed top-1/2 left-1/2 z-50 w-[400px] -translate-x-1/2 -translate-y-1/2 p-6 shadow-xl"
        >
          <Dialog.Title className="text-[18px]">
            Where {pc?.asset.host || pc?.asset.tag} is reached
          </Dialog.Title>
          <form
            className="mt-3 flex flex-col gap-3"
            onSubmit={(event) => {
              event.preventDefault();
              save.mutate();
            }}
          >
            <label>
              Name or address
              <input
                className="field font-mono"
                value={address}
                onChange={(e) => setAddress(e.target.value)}
              />
            </label>
            <label>
              Port
              <input
                className="field font-mono"
                inputMode="numeric"
                value={port}
                onChange={(e) => setPort(e.target.value)}
              />
            </label>
            <label>
              Ask sheet
              <select className="field" value={sheet} onChange={(event) => setSheet(event.target.value)}>
                <option value="">none yet</option>
                {known.data?.map(({ name }) => (
                  <option key={name}>{name}</option>
                ))}
              </select>
            </label>
            {save.error && (
              <p role="alert" className="text-no-text">
                {save.error.message}
              </p>
            )}
            <div className="flex gap-3">
              <button type="submit" className="deed" disabled={save.isPending}>
                Keep
              </button>
              <Dialog.Close className="quiet">Leave it</Dialog.Close>
            </div>
          </form>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
