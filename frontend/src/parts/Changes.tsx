import type { Schemas } from "../api/client";
import { plural } from "./words";

const SHOWN = 8;

/** What a phrase changes in the stored reports: how much, and the first places. */
export function Changes({ found, here = "" }: { found: Schemas["Preview"]; here?: string }) {
  const { changes, places, reports, not_read } = found;
  return (
    <>
      <h2 className="text-[15px]">
        {places === 0
          ? "It changes nothing in the reports at hand"
          : `It changes ${plural(places, "place")} in ${plural(reports, "report")}`}
      </h2>
      {not_read > 0 && (
        <p className="text-[13px] text-soft">
          {plural(not_read, "more report")} hold these words and were not looked through yet.
        </p>
      )}
      <ul className="mt-1 text-[13px]">
        {changes.slice(0, SHOWN).map((change) => (
          <li
            key={`${change.report} ${change.line} ${change.before?.fact} ${change.after?.fact} ${change.printed}`}
            className="border-t border-rule py-1"
          >
            <span className="text-soft">
              {change.report === here ? "this report" : change.where}, line {change.line}:
            </span>{" "}
            <Was read={change.before} /> → <Was read={change.after} />
          </li>
        ))}
      </ul>
      {changes.length > SHOWN && (
        <p className="text-[12px] text-soft">and {plural(places - SHOWN, "more place")}</p>
      )}
    </>
  );
}

function Was({ read }: { read: Schemas["ReadAs"] | null }) {
  if (!read) return <i className="text-soft">nothing</i>;
  return (
    <>
      <span className="font-mono text-[12px]">{read.fact}</span> {read.shown}
      {read.in_doubt && <i className="text-soft"> in doubt</i>}
    </>
  );
}
