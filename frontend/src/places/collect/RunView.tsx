import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Schemas, told } from "../../api/client";
import { run as runQuestion } from "../../api/questions";
import { Failed, Waiting } from "../../parts/States";
import { clock, plural } from "../../parts/words";
import { isGiven, Login, NOBODY } from "./Login";
import { notAsked, PcLine, troubled } from "./PcLine";

type Run = Schemas["RunDetail"];

/** A run as it goes: a line a PC, the troubled ones first when it is over. */
export function RunView({ number }: { number: number }) {
  const { data, error, refetch } = useQuery(runQuestion(number));
  const [only, setOnly] = useState(false);
  if (error && !data) return <Failed error={error} again={() => refetch()} />;
  if (!data) return <Waiting what="the run" />;
  const bad = data.pcs.filter(troubled);
  const shown = only && bad.length ? bad : data.pcs;
  const longest = Math.max(1, ...data.pcs.map((pc) => pc.commands.reduce((sum, c) => sum + c.seconds, 0)));
  return (
    <>
      <RunHead run={data} bad={bad} only={only} onOnly={setOnly} />
      <ul className="min-h-0 flex-1 overflow-y-auto px-6 pb-6" aria-label="PCs of the run">
        {shown.map((pc) => (
          <PcLine key={pc.id} run={data} pc={pc} longest={longest} />
        ))}
      </ul>
      <Legend />
    </>
  );
}

function RunHead({
  run,
  bad,
  only,
  onOnly,
}: {
  run: Run;
  bad: Run["pcs"];
  only: boolean;
  onOnly: (only: boolean) => void;
}) {
  const queries = useQueryClient();
  const [login, setLogin] = useState(NOBODY);
  const changed = () => queries.invalidateQueries({ queryKey: ["runs"] });
  const params = { path: { number: run.id } };
  const stop = useMutation({
    mutationFn: () => told(api.POST("/api/runs/{number}/stop", { params })),
    onSettled: changed,
  });
  const again = useMutation({
    mutationFn: () =>
      told(
        api.POST("/api/runs/{number}/go", {
          params,
          body: { pcs: null, login: run.remembers_login ? null : login },
        }),
      ),
    onSettled: changed,
  });
  const commands = run.pcs.flatMap((pc) => pc.commands);
  const answered = commands.filter((c) => c.state === "answered").length;
  const failed = commands.filter((c) => c.state === "failed" && !notAsked(c)).length;
  const open = run.pcs.filter(
    (pc) => pc.state !== "ended" || pc.commands.some((c) => c.state !== "answered"),
  ).length;
  return (
    <header className="px-6 pt-3 pb-3">
      <div className="flex items-baseline gap-4">
        <h2 className="text-[24px]">{run.name}</h2>
        <p className="text-soft" role="status">
          asked by {run.by} at {clock(run.started_at)} ·{" "}
          {run.going ? (
            <b className="text-ink">under way</b>
          ) : run.ended_at ? (
            `ended ${clock(run.ended_at)}`
          ) : (
            ""
          )}
        </p>
        <div className="ml-auto flex gap-2">
          {run.going && (
            <button type="button" className="quiet py-1.5" onClick={() => stop.mutate()}>
              Stop
            </button>
          )}
          {!run.going && open > 0 && (
            <button
              type="button"
              className="quiet py-1.5"
              disabled={again.isPending || !(run.remembers_login || isGiven(login))}
              onClick={() => again.mutate()}
            >
              Ask again what has no answer
            </button>
          )}
        </div>
      </div>
      <p className="mt-1">
        <b>{answered}</b> of {plural(commands.length, "answer")} on the disk
        {failed > 0 && (
          <>
            , <b className="text-no-text">{failed}</b> without
          </>
        )}
        {bad.length > 0 && (
          <label className="ml-4 inline-flex items-center gap-1.5 text-[13px]">
            <input type="checkbox" checked={only} onChange={(event) => onOnly(event.target.checked)} />
            only the {bad.length} with trouble
          </label>
        )}
      </p>
      {!run.going && open > 0 && !run.remembers_login && (
        <div className="mt-2 max-w-md">
          <p className="text-[13px] text-soft">
            The user and password of this run are forgotten; to go on, enter them again.
          </p>
          <Login login={login} onLogin={setLogin} />
        </div>
      )}
      {(again.error ?? stop.error) && (
        <p role="alert" className="mt-2 text-no-text">
          {(again.error ?? stop.error)?.message}
        </p>
      )}
    </header>
  );
}

function Legend() {
  const parts = [
    ["waiting", "not asked yet"],
    ["asking", "being asked"],
    ["answered", "answered"],
    ["failed", "no answer"],
    ["skipped", "given up before"],
  ] as const;
  return (
    <footer className="flex gap-5 border-t border-rule px-6 py-2 text-[12px] text-soft">
      {parts.map(([state, words]) => (
        <span key={state} className="flex items-center gap-1.5">
          <i className="piece w-5" data-state={state} aria-hidden="true" />
          {words}
        </span>
      ))}
      <span className="ml-auto">a piece is as wide as its command is slow</span>
    </footer>
  );
}
