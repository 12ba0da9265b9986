import { useState } from "react";
import { Link } from "react-router";
import type { Schemas } from "../../api/client";
import { Stroke } from "../../parts/Stroke";
import { plural } from "../../parts/words";
import { inWords } from "./Editor";
import { SpreadStrip } from "./SpreadStrip";

const ANSWERS = ["yes", "no", "unsaid", "disputed"] as const;

/** What the office says to the text as it stands: by line, who would change, and how its numbers lie. */
export function OfficeAnswer({
  found,
  onLimit,
}: {
  found: Schemas["SpecPreview"];
  onLimit: (line: number, before: string, after: string) => void;
}) {
  if (found.mistakes.length > 0)
    return (
      <section aria-label="Mistakes">
        <h2 className="text-[18px]">{plural(found.mistakes.length, "mistake")}</h2>
        <ul className="mt-2 text-[13px]">
          {found.mistakes.map((mistake) => (
            <li key={`${mistake.line} ${mistake.column}`} className="border-t border-rule py-1.5">
              <b>Line {mistake.line}</b>, column {mistake.column}: {inWords(mistake)}
            </li>
          ))}
        </ul>
      </section>
    );
  const changed = new Set(found.expectations.flatMap((each) => each.changes.map(({ asset }) => asset.id)));
  return (
    <section aria-label="What the office says">
      <h2 className="text-[18px]">{plural(found.assets, "PC")} would be held against it</h2>
      <p className="text-soft">
        {found.revision === 0
          ? "It is not published yet."
          : changed.size === 0
            ? `Nothing changes against revision ${found.revision}.`
            : `${plural(changed.size, "PC")} would answer otherwise than to revision ${found.revision}.`}
      </p>
      {found.contradictions.map((text) => (
        <p key={text} role="alert" className="mt-2 rounded-lg bg-wash-no px-3 py-2 text-[13px] text-no-text">
          {text}
        </p>
      ))}
      <ol className="mt-3">
        {found.expectations.map((each) => (
          <Line key={`${each.line} ${each.says}`} each={each} onLimit={onLimit} />
        ))}
      </ol>
    </section>
  );
}

function Line({
  each,
  onLimit,
}: {
  each: Schemas["ExpectationPreview"];
  onLimit: (line: number, before: string, after: string) => void;
}) {
  const [open, setOpen] = useState(false);
  const { spread } = each;
  return (
    <li className="border-t border-rule py-2">
      <button
        type="button"
        className="grid w-full grid-cols-[26px_minmax(0,1fr)_auto] items-baseline gap-2 text-left"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
      >
        <span className="text-right text-[12px] text-pale">{each.line}</span>
        <code className="font-mono text-[12px] break-words">{each.says}</code>
        <span className="flex items-center gap-2 text-[13px] tabular-nums">
          {ANSWERS.filter((verdict) => each[verdict] > 0).map((verdict) => (
            <span key={verdict} className="flex items-center gap-1">
              <Stroke verdict={verdict} height={14} /> {each[verdict]}
            </span>
          ))}
        </span>
      </button>
      {each.changed > 0 && !open && (
        <p className="ml-8 text-[12px] text-disputed-text">{plural(each.changed, "PC")} would change</p>
      )}
      {spread && (
        <div className="ml-8">
          <SpreadStrip
            key={spread.printed}
            spread={spread}
            onLimit={(after) => after !== spread.printed && onLimit(each.line, spread.printed, after)}
          />
        </div>
      )}
      {open && (
        <ul className="mt-1 ml-8 max-h-40 overflow-y-auto text-[13px]">
          {each.changes.map(({ asset, was, now }) => (
            <li key={asset.id}>
              <Link className="underline underline-offset-2" to={`/assets/${asset.id}`}>
                {asset.host || asset.tag}
              </Link>{" "}
              {was ?? "not asked"} → <b>{now}</b>
            </li>
          ))}
          {each.changes.length === 0 && <li className="text-soft">No PC would answer otherwise.</li>}
        </ul>
      )}
    </li>
  );
}
