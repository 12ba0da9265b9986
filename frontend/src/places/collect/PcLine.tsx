import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import clsx from "clsx";
import { useState } from "react";
import { Link } from "react-router";
import { api, type Schemas, told } from "../../api/client";
import { me } from "../../api/questions";
import { plural, span } from "../../parts/words";

type Pc = Schemas["RunPc"];
type Command = Schemas["RunCommand"];

/** Whether a PC did not answer all it was asked. */
export function troubled(pc: Pc): boolean {
  return (
    pc.state === "not-reached" || pc.state === "stopped" || pc.commands.some((c) => c.state === "failed")
  );
}

/** A command that was never sent, because its PC had been given up. */
export function notAsked(command: Command): boolean {
  return command.failure === "not-asked";
}

/** A PC as a line of pieces, one a command, that fill as it answers. */
export function PcLine({ run, pc, longest }: { run: Schemas["RunDetail"]; pc: Pc; longest: number }) {
  const [open, setOpen] = useState(false);
  const answered = pc.commands.filter((c) => c.state === "answered").length;
  const expected = pc.commands.reduce((sum, c) => sum + c.seconds, 0);
  const name = pc.asset.host || pc.asset.tag;
  return (
    <li className="border-b border-rule/60">
      <button
        type="button"
        aria-expanded={open}
        className="grid w-full grid-cols-[112px_minmax(0,1fr)_236px] items-center gap-3 py-1 text-left"
        onClick={() => setOpen(!open)}
      >
        <span className="font-mono text-[13px] font-semibold">{name}</span>
        <span
          aria-hidden="true"
          className="flex h-[14px] items-end gap-[2px]"
          style={{ width: `${Math.max(12, (expected / longest) * 100)}%` }}
        >
          {pc.commands.map((command) => (
            <i
              key={command.id}
              className="piece"
              data-state={command.failure === "not-asked" ? "skipped" : command.state}
              title={inWords(command)}
              style={{
                flexGrow: Math.max(0.25, command.seconds),
                animationDuration: `${Math.max(0.4, command.seconds)}s`,
              }}
            />
          ))}
        </span>
        <span
          className={clsx("truncate text-[12px]", troubled(pc) ? "text-no-text" : "text-soft")}
          title={pcInWords(pc)}
        >
          {pcInWords(pc, answered)}
        </span>
      </button>
      {open && <Opened run={run} pc={pc} />}
    </li>
  );
}

function Opened({ run, pc }: { run: Schemas["RunDetail"]; pc: Pc }) {
  const queries = useQueryClient();
  const person = useQuery(me);
  const settled = () => queries.invalidateQueries({ queryKey: ["runs"] });
  const again = useMutation({
    mutationFn: () =>
      told(
        api.POST("/api/runs/{number}/go", {
          params: { path: { number: run.id } },
          body: { pcs: [pc.id], login: null },
        }),
      ),
    onSettled: settled,
  });
  const forget = useMutation({
    mutationFn: () =>
      told(api.POST("/api/host-keys/forget", { body: { address: pc.address, port: pc.port } })),
    onSettled: settled,
  });
  const unanswered = pc.commands.some((c) => c.state !== "answered");
  const skipped = pc.commands.filter(notAsked);
  const heard = pc.commands.filter((c) => !notAsked(c));
  return (
    <div className="mb-3 ml-[124px]">
      {pc.why && <p className="max-w-2xl rounded-lg bg-wash-no px-3 py-2 text-no-text">{pc.why}</p>}
      <ul className="mt-1 text-[12px]">
        {heard.map((command) => (
          <li key={command.id} className="grid grid-cols-[170px_56px_minmax(0,1fr)] gap-3 py-0.5">
            <span className="truncate font-mono">{command.typed}</span>
            <span className="text-right text-soft">{command.took !== null ? span(command.took) : ""}</span>
            <span className={command.state === "failed" ? "text-no-text" : "text-soft"}>
              {command.why || STATE_WORDS[command.state]}
            </span>
          </li>
        ))}
        {skipped[0] && (
          <li className="py-0.5 text-soft" title={skipped.map((c) => c.typed).join("\n")}>
            {plural(skipped.length, "further command")}: {skipped[0].why}
          </li>
        )}
      </ul>
      <div className="mt-2 flex items-center gap-4 text-[13px]">
        {pc.visit !== null && (
          <Link to={`/bench/${pc.visit}`} className="underline">
            See it on the Bench
          </Link>
        )}
        {!run.going && unanswered && run.remembers_login && (
          <button type="button" className="underline" onClick={() => again.mutate()}>
            Ask just this PC again
          </button>
        )}
        {pc.kind === "key-changed" && person.data?.role === "lead" && (
          <button type="button" className="underline" onClick={() => forget.mutate()}>
            Forget the pinned key
          </button>
        )}
        {(again.error ?? forget.error) && (
          <span role="alert" className="text-no-text">
            {(again.error ?? forget.error)?.message}
          </span>
        )}
      </div>
    </div>
  );
}

const STATE_WORDS: Record<Command["state"], string> = {
  waiting: "not asked yet",
  asking: "being asked …",
  answered: "answered",
  failed: "no answer",
};

function inWords(command: Command): string {
  const took = command.took !== null ? `, ${span(command.took)}` : "";
  return `${command.typed}: ${command.why || STATE_WORDS[command.state]}${took}`;
}

/** What a line says at its end: the trouble before anything else. */
function pcInWords(pc: Pc, answered = pc.commands.filter((c) => c.state === "answered").length): string {
  if (pc.state === "not-reached") return REACHED_WORDS[pc.kind] ?? pc.why;
  if (pc.state === "stopped")
    return pc.kind === "restarted" ? "stands still: the server was restarted" : "stopped";
  const failed = pc.commands.filter((c) => c.state === "failed" && !notAsked(c));
  const skipped = pc.commands.filter(notAsked).length;
  if (failed.length || skipped) {
    const whys = [...new Set(failed.map((c) => FAILED_WORDS[c.failure] ?? "no answer"))];
    const said = failed.length ? [`${failed.length} without answer: ${whys.join(", ")}`] : [];
    return [...said, ...(skipped ? [`${skipped} not asked`] : [])].join("; ");
  }
  if (pc.state === "waiting") return "waits its turn";
  if (pc.state === "asking") return `${answered} of ${pc.commands.length}`;
  return `all ${answered} answered`;
}

const REACHED_WORDS: Record<string, string> = {
  unreachable: "does not answer",
  "not-let-in": "did not let us in",
  "key-changed": "shows another host key!",
  lost: "broke the connection off",
};

const FAILED_WORDS: Record<string, string> = {
  "no-rights": "needs administrator rights",
  "not-found": "no such command",
  "not-supported": "not supported",
  "timed-out": "too slow",
  "cut-off": "cut off",
  "too-long": "printed too much",
  failed: "an error",
};
