import type { Schemas } from "../api/client";
import { Stroke } from "./Stroke";

/** What nothing said, and the commands that are known to say it. */
export function ToAsk({ answers }: { answers: Schemas["Answer"][] }) {
  const unsaid = answers.filter((answer) => answer.verdict === "unsaid");
  if (unsaid.length === 0) return null;
  return (
    <section aria-label="Unsaid" className="mt-5">
      <h2 className="text-[15px]">Unsaid, and what would say it</h2>
      <ul className="mt-1">
        {unsaid.map((answer) => (
          <li key={answer.spec + answer.says} className="flex gap-2.5 border-t border-rule py-1.5">
            <Stroke verdict="unsaid" strength={answer.strength} height={16} />
            <span className="min-w-0">
              <span className="block font-mono text-[12px]">{answer.says}</span>
              <span className="text-[12px] text-soft">
                <Asks asks={answer.ask} why={answer.why} />
              </span>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

export function Asks({ asks, why }: { asks: Schemas["Ask"][]; why: string }) {
  if (asks.length === 0) return why;
  return (
    <>
      ask{" "}
      {asks.slice(0, 2).map((ask, index) => (
        <span key={ask.typed}>
          {index > 0 && " or "}
          <code className="font-mono text-ink">{ask.typed}</code>
          {ask.seconds >= 1 && ` (${Math.round(ask.seconds)} s)`}
        </span>
      ))}
    </>
  );
}
