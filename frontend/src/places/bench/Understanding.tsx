import { useState } from "react";
import type { Schemas } from "../../api/client";
import { FactSheet } from "../../parts/FactSheet";
import { Findings } from "../../parts/Findings";
import { Stroke } from "../../parts/Stroke";
import { Tally } from "../../parts/Tally";
import { ToAsk } from "../../parts/ToAsk";
import { tallyInWords } from "../../parts/words";
import type { Spot } from "./Bench";
import { Dispute } from "./Dispute";
import { Entering } from "./Entering";
import { NotAsExpected } from "./NotAsExpected";

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
  const first = picked === null ? undefined : visit.answers[picked];
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
          <Dispute key={`${fact.name} ${fact.item}`} visit={visit} fact={fact} onGo={onGo} />
        ))}
        <Findings findings={visit.findings} crossings={visit.crossings} onGo={onGo} />
        <NotAsExpected
          answers={first ? [first, ...noes.filter((answer) => answer !== first)] : noes}
          onGo={goTo}
        />
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
        <ToAsk answers={visit.answers} />
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
