import { keepPreviousData, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import { api, type Schemas, told } from "../../api/client";
import { plan, runs, savedLogins } from "../../api/questions";
import { KEYS } from "../../parts/keys";
import { plural, span } from "../../parts/words";
import { isGiven, Login, type LoginGiven, NOBODY } from "./Login";

type Extent = Schemas["Choice"]["extent"];
const EXTENTS: { extent: Extent; name: string }[] = [
  { extent: "expected", name: "What their specs need" },
  { extent: "unsaid", name: "Only what is unsaid" },
  { extent: "sheet", name: "The whole sheet" },
];

const LIMITS: Schemas["RunLimits"] = {
  command_seconds: 60,
  pc_seconds: 300,
  output_bytes: 4 * 2 ** 20,
  side_by_side: 4,
  pcs_at_once: 40,
};

/** What to ask of the chosen PCs, how long that takes, who asks; and the deed. */
export function StartPanel({ chosen, onStarted }: { chosen: number[]; onStarted: (run: number) => void }) {
  const queries = useQueryClient();
  const [extent, setExtent] = useState<Extent>("expected");
  const [limits, setLimits] = useState(LIMITS);
  const [login, setLogin] = useState<LoginGiven>(NOBODY);
  const choice = { assets: chosen, extent, side_by_side: limits.side_by_side };
  const planned = useQuery({
    ...plan(choice),
    enabled: chosen.length > 0,
    placeholderData: keepPreviousData,
  });
  const start = useMutation({
    mutationFn: () => told(api.POST("/api/runs", { body: { name: "", choice, login, limits } })),
    onSuccess: async (run) => {
      setLogin({ ...NOBODY, user: login.user });
      await Promise.all([runs, savedLogins].map(({ queryKey }) => queries.invalidateQueries({ queryKey })));
      onStarted(run.id);
    },
  });
  const ready =
    chosen.length > 0 && isGiven(login) && !start.isPending && (planned.data?.commands.length ?? 0) > 0;
  useHotkeys(KEYS.ask.keys, () => ready && start.mutate());
  return (
    <form
      className="flex flex-col gap-2.5 border-t border-rule bg-sheet px-5 py-3"
      aria-label="Ask"
      onSubmit={(event) => {
        event.preventDefault();
        if (ready) start.mutate();
      }}
    >
      <fieldset className="flex flex-wrap gap-x-4 gap-y-1 text-[13px]">
        <legend className="sr-only">What to ask</legend>
        {EXTENTS.map((each) => (
          <label key={each.extent} className="flex items-center gap-1.5">
            <input
              type="radio"
              name="extent"
              checked={extent === each.extent}
              onChange={() => setExtent(each.extent)}
            />
            {each.name}
          </label>
        ))}
      </fieldset>
      <div className="min-h-[40px] text-[13px]">
        {chosen.length === 0 ? (
          <p className="text-soft">Choose PCs above, and what would be asked stands here.</p>
        ) : planned.error ? (
          <p role="alert" className="text-no-text">
            {planned.error.message}
          </p>
        ) : (
          planned.data && <PlanInWords plan={planned.data} />
        )}
      </div>
      <Login login={login} onLogin={setLogin} />
      <details className="text-[12px]">
        <summary className="text-soft">
          Give up a command after {limits.command_seconds} s, a PC after {limits.pc_seconds} s
        </summary>
        <div className="mt-1 flex gap-2">
          <Seconds
            name="A command, s"
            value={limits.command_seconds}
            onValue={(command_seconds) => setLimits({ ...limits, command_seconds })}
          />
          <Seconds
            name="A PC, s"
            value={limits.pc_seconds}
            onValue={(pc_seconds) => setLimits({ ...limits, pc_seconds })}
          />
        </div>
      </details>
      {start.error && (
        <p role="alert" className="rounded-lg bg-wash-no px-3 py-2 text-no-text">
          {start.error.message}
        </p>
      )}
      <button type="submit" className="deed" disabled={!ready}>
        {start.isPending ? "Starting …" : `Ask ${plural(chosen.length, "PC")}`}{" "}
        <kbd className="key ml-1">a</kbd>
      </button>
    </form>
  );
}

function PlanInWords({ plan: { commands, finish, unanswered } }: { plan: Schemas["Plan"] }) {
  if (commands.length === 0 && unanswered.length === 0)
    return <p>Nothing is left unsaid: there is nothing to ask.</p>;
  return (
    <>
      <details>
        <summary>
          <b>{plural(commands.length, "command")}</b>, a PC takes about <b>{span(finish)}</b>
        </summary>
        <ol className="mt-1 max-h-32 overflow-y-auto font-mono text-[12px]">
          {commands.map(({ typed, seconds, pcs }) => (
            <li key={typed} className="flex justify-between gap-3">
              <span className="truncate">{typed}</span>
              <span className="shrink-0 text-soft">
                {span(seconds)} · {pcs}
              </span>
            </li>
          ))}
        </ol>
      </details>
      {unanswered.length > 0 && (
        <details className="mt-0.5 text-disputed-text">
          <summary>{plural(unanswered.length, "expectation")} that no known command answers</summary>
          <ul className="mt-1 max-h-24 overflow-y-auto text-[12px]">
            {unanswered.map(({ says, facts, pcs }) => (
              <li key={says}>
                <code className="font-mono">{says}</code> on {plural(pcs, "PC")}: nothing tells{" "}
                {facts.join(", ")}
              </li>
            ))}
          </ul>
        </details>
      )}
    </>
  );
}

function Seconds({
  name,
  value,
  onValue,
}: {
  name: string;
  value: number;
  onValue: (value: number) => void;
}) {
  return (
    <label className="flex-1">
      {name}
      <input
        className="field py-0.5"
        type="number"
        min={1}
        max={36000}
        value={value}
        onChange={(event) => onValue(Math.max(1, Number(event.target.value) || 1))}
      />
    </label>
  );
}
