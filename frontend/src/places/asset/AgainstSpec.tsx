import { useEffect, useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import { useLocation } from "react-router";
import type { Schemas } from "../../api/client";
import { KEYS } from "../../parts/keys";
import { PrintedLines } from "../../parts/PrintedLines";
import { Scale } from "../../parts/Scale";
import { Stroke } from "../../parts/Stroke";
import { Asks } from "../../parts/ToAsk";
import { badness } from "../../parts/words";
import { WaiveOrEnd } from "./WaiveOrEnd";

type Answer = Schemas["Answer"];

/** Every expectation with what was found beside its limit. */
export function AgainstSpec({
  asset,
  answers,
  specs,
}: {
  asset: number;
  answers: Answer[];
  specs: string[];
}) {
  const [noFirst, setNoFirst] = useState(true);
  const { hash } = useLocation();
  useHotkeys(KEYS.worst.keys, () => setNoFirst((now) => !now));
  useEffect(() => {
    if (hash) document.getElementById(hash.slice(1))?.scrollIntoView({ block: "center" });
  }, [hash]);
  const rows = answers.map((answer, index) => ({ answer, index }));
  if (noFirst) rows.sort((a, b) => badness([b.answer]) - badness([a.answer]) || a.index - b.index);
  return (
    <section className="sheet px-5 pt-4 pb-2" aria-label="Against the spec">
      <div className="flex items-baseline gap-4">
        <h2 className="text-[17px]">
          {specs.length ? `Against ${specs.join(" and ")}` : "No spec is for this PC"}
        </h2>
        <button
          type="button"
          className="ml-auto text-[13px] text-soft underline underline-offset-2"
          onClick={() => setNoFirst(!noFirst)}
        >
          {noFirst ? "in the spec's order" : "no first"} <kbd className="key">w</kbd>
        </button>
      </div>
      <ul className="mt-2">
        {rows.map(({ answer, index }) => (
          <Row key={index} asset={asset} answer={answer} index={index} isGoal={hash === `#answer-${index}`} />
        ))}
      </ul>
    </section>
  );
}

function Row({
  asset,
  answer,
  index,
  isGoal,
}: {
  asset: number;
  answer: Answer;
  index: number;
  isGoal: boolean;
}) {
  const [open, setOpen] = useState(false);
  const said = answer.witnesses.filter((witness) => witness.line > 0);
  return (
    <li
      id={`answer-${index}`}
      className={`grid min-h-[40px] grid-cols-[18px_minmax(0,1.5fr)_minmax(0,1fr)_150px_minmax(0,0.9fr)] items-center gap-3 border-t border-rule py-1 ${isGoal ? "bg-wash-doubt" : ""}`}
    >
      <Stroke verdict={answer.verdict} strength={answer.strength} height={19} />
      <button
        type="button"
        disabled={said.length === 0}
        aria-expanded={open}
        className="text-left font-mono text-[12px] leading-snug enabled:hover:underline"
        title={answer.why}
        onClick={() => setOpen(!open)}
      >
        {answer.says}
        {answer.strength === "should" && <span className="text-pale"> (should)</span>}
      </button>
      <span className="line-clamp-3 leading-snug font-semibold" title={answer.why}>
        {answer.found}
      </span>
      {answer.scale && answer.verdict !== "unsaid" ? (
        <Scale scale={answer.scale} verdict={answer.verdict} margin={answer.margin} />
      ) : (
        <span className={`text-[12px] ${answer.verdict === "no" ? "text-no-text" : "text-soft"}`}>
          {answer.margin}
        </span>
      )}
      <span className="text-[12px] leading-snug text-soft" title={evidence(answer)}>
        <Note answer={answer} />
        <WaiveOrEnd asset={asset} answer={answer} />
      </span>
      {open && <Evidence answer={answer} />}
    </li>
  );
}

/** Every witness of an answer, with the very line that it printed. */
function Evidence({ answer }: { answer: Answer }) {
  const said = answer.witnesses.filter((witness) => witness.line > 0);
  return (
    <div className="col-span-full pb-2 pl-[30px]">
      <p className="text-[13px] first-letter:uppercase">{answer.why}</p>
      {said.map((witness) => (
        <div key={`${witness.report} ${witness.line} ${witness.source}`} className="mt-1.5">
          <p className="text-[12px] text-soft">
            <span className="font-mono">{witness.source}</span> printed{" "}
            <b className="font-mono">{witness.printed}</b>
          </p>
          <PrintedLines report={witness.report} line={witness.line} />
        </div>
      ))}
    </div>
  );
}

/** Why it is not a yes, or who says that it is: the command and its line. */
function Note({ answer }: { answer: Answer }) {
  const said = answer.witnesses.filter((witness) => witness.line > 0);
  const sources = new Set(said.map((witness) => witness.source));
  if (answer.verdict === "unsaid") {
    const failed = answer.why.indexOf("“");
    if (answer.why.includes("failed")) return answer.why.slice(failed);
    return <Asks asks={answer.ask} why={answer.why} />;
  }
  if (answer.verdict === "disputed") return answer.why;
  if (answer.waiver) return `${answer.waiver.why} (${answer.waiver.agreed_by})`;
  if (answer.verdict === "no" && answer.because) return answer.because;
  if (sources.size > 1) return `${sources.size} witnesses`;
  return said[0] ? (
    <>
      <span className="font-mono">{said[0].source}</span>, line {said[0].line}
    </>
  ) : null;
}

function evidence(answer: Answer): string {
  return answer.witnesses
    .filter((w) => w.line > 0)
    .map((w) => `${w.source}, line ${w.line}: ${w.printed}`)
    .join("\n");
}
