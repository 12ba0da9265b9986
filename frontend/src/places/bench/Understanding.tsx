import { useState } from "react";
import type { Schemas } from "../../api/client";
import { FactSheet, nameOf } from "../../parts/FactSheet";
import { Stroke } from "../../parts/Stroke";
import { Tally } from "../../parts/Tally";
import { tallyInWords } from "../../parts/words";
import type { Spot } from "./Bench";
import { Entering } from "./Entering";

/** Which PC it is and why, its tally, what needs an answer, and the facts. */
export function Understanding({
  visit,
  hot,
  onHot,
  onGo,
}: {
  visit: Schemas["VisitDetail"];
  hot: Spot | null;
  onHot: (spot: Spot | null) => void;
  onGo: (spot: Spot) => void;
}) {
  const [picked, setPicked] = useState<number | null>(null);
  const noes = visit.answers.filter((answer) => answer.verdict === "no" && answer.strength === "must");
  const disputed = visit.facts.filter((fact) => fact.values.length > 1);
  const failures = visit.reports.flatMap((report) =>
    report.failures.map((failure) => ({ ...failure, report: report.sha256 })),
  );
  const goTo = (answer: Schemas["Answer"] | undefined) => {
    const witness = answer?.witnesses.find((w) => w.line > 0);
    if (witness) onGo({ report: witness.report, line: witness.line });
  };
  return (
    <section className="flex min-h-0 flex-col border-l border-rule" aria-label="What it says">
      <div className="min-h-0 flex-1 overflow-y-auto px-5 pt-5 pb-6">
        <Who visit={visit} />
        {visit.answers.length > 0 && (
          <div className="mt-3">
            <Tally
              strokes={visit.answers}
              height={24}
              focusable
              onPick={(index) => {
                setPicked(index);
                goTo(visit.answers[index]);
              }}
            />
            <p className="mt-1 text-soft">
              {tallyInWords(visit.answers)}, against {visit.specs.join(" and ")}
            </p>
          </div>
        )}
        {disputed.map((fact) => (
          <Dispute key={`${fact.name} ${fact.item}`} fact={fact} onGo={onGo} />
        ))}
        {(noes.length > 0 || picked !== null) && (
          <Noes
            answers={
              picked === null
                ? noes
                : [
                    visit.answers[picked] as Schemas["Answer"],
                    ...noes.filter((a) => a !== visit.answers[picked]),
                  ]
            }
            onGo={goTo}
          />
        )}
        {failures.length > 0 && (
          <div className="mt-5">
            <h2 className="text-[15px]">Not said, because it failed</h2>
            <ul className="mt-1">
              {failures.map((failure) => (
                <li key={`${failure.report} ${failure.line}`} className="border-t border-rule">
                  <button
                    type="button"
                    className="flex w-full gap-2 py-1.5 text-left hover:bg-sheet"
                    onClick={() => onGo({ report: failure.report, line: failure.line })}
                  >
                    <Stroke verdict="unsaid" height={16} />
                    <span>
                      <span className="font-mono text-[12px]">{failure.command || "a command"}</span>:{" "}
                      {failure.sentence}
                    </span>
                  </button>
                </li>
              ))}
            </ul>
          </div>
        )}
        <h2 className="mt-5 text-[15px]">
          Read from {visit.reports.length === 1 ? "this report" : "these reports"}
        </h2>
        {visit.facts.length === 0 ? (
          <p className="mt-1 text-soft">Nothing in it was understood. It is kept whole.</p>
        ) : (
          <FactSheet
            facts={visit.facts}
            isHot={(witness) => hot?.report === witness.report && hot.line === witness.line}
            onHot={(witness) => onHot(witness ? { report: witness.report, line: witness.line } : null)}
            onGo={(witness) => onGo({ report: witness.report, line: witness.line })}
          />
        )}
      </div>
      <Entering visit={visit} />
    </section>
  );
}

function Who({ visit }: { visit: Schemas["VisitDetail"] }) {
  const { asset, identity } = visit;
  if (asset)
    return (
      <>
        <p className="text-[12px] text-soft">{visit.entered ? "Entered to" : "This is"}</p>
        <h1 className="text-[28px]">{asset.host || asset.tag}</h1>
        <p className="text-soft">
          {asset.tag} · {asset.role} · {identity.reason}
        </p>
      </>
    );
  return (
    <>
      <p className="text-[12px] text-soft">
        {identity.kind === "new" ? "Not met before" : "Which PC is this?"}
      </p>
      <h1 className="text-[28px]">{visit.title || "Not known yet"}</h1>
      <p className="text-soft first-letter:uppercase">{identity.reason}</p>
    </>
  );
}

/** A dispute is a question: who says what, and where. */
function Dispute({ fact, onGo }: { fact: Schemas["Fact"]; onGo: (spot: Spot) => void }) {
  return (
    <div className="mt-4 rounded-[10px] border border-disputed/40 bg-wash-doubt p-3.5">
      <h2 className="flex items-center gap-2 text-[15px]">
        <Stroke verdict="disputed" height={17} />{" "}
        <span className="first-letter:uppercase">{nameOf(fact)}: which is true?</span>
      </h2>
      <table className="mt-1.5 w-full text-[13px]">
        <tbody>
          {fact.values.flatMap((value) =>
            value.witnesses.map((witness) => (
              <tr key={`${value.shown} ${witness.source} ${witness.line}`}>
                <td className="max-w-40 truncate py-0.5 pr-2 text-soft" title={witness.source}>
                  {witness.source}
                </td>
                <td className="pr-2 font-mono font-semibold whitespace-nowrap">{witness.shown}</td>
                <td className="text-right">
                  <button
                    type="button"
                    className="whitespace-nowrap underline decoration-rule underline-offset-2"
                    onClick={() => onGo({ report: witness.report, line: witness.line })}
                  >
                    line {witness.line}
                  </button>
                </td>
              </tr>
            )),
          )}
        </tbody>
      </table>
    </div>
  );
}

function Noes({
  answers,
  onGo,
}: {
  answers: Schemas["Answer"][];
  onGo: (answer: Schemas["Answer"]) => void;
}) {
  return (
    <div className="mt-5">
      <h2 className="text-[15px]">Not as expected</h2>
      <ul className="mt-1">
        {answers.map((answer) => (
          <li key={answer.spec + answer.says} className="border-t border-rule">
            <button
              type="button"
              className="flex w-full gap-2.5 py-2 text-left hover:bg-sheet"
              onClick={() => onGo(answer)}
            >
              <Stroke verdict={answer.verdict} strength={answer.strength} height={17} />
              <span className="min-w-0">
                <span className="block font-mono text-[12px]">{answer.says}</span>
                <span>
                  <b>{answer.found}</b>
                  {answer.margin && ` · ${answer.margin}`}
                </span>
              </span>
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}
