import type { Schemas } from "../../api/client";
import { Tally } from "../../parts/Tally";
import { day, exact, plural } from "../../parts/words";

/** The sealed visits on a line, oldest first, each with its tally and its record. */
export function Visits({ visits }: { visits: Schemas["SealedVisit"][] }) {
  const inOrder = [...visits].reverse();
  return (
    <section className="mt-5" aria-label="Visits and records">
      <h2 className="text-[17px]">Visits and their records</h2>
      <ol className="mt-3 flex gap-2 overflow-x-auto border-t-2 border-ink pb-3">
        {inOrder.map((visit) => (
          <li key={visit.id} className="relative min-w-[215px] flex-1 pt-3">
            <span className="absolute -top-[6px] left-0 size-2.5 rounded-full bg-ink" />
            <p>
              <b title={exact(visit.taken_at)}>{day(visit.taken_at)}</b>{" "}
              <span className="text-soft">
                {plural(visit.reports, "report")}, sealed by {visit.record.sealed_by}
              </span>
            </p>
            <div className="my-1.5">
              <Tally strokes={visit.strokes} height={16} />
            </div>
            <p className="text-[12px] text-soft">
              <a className="underline underline-offset-2" href={`/api/records/${visit.record.number}`}>
                record {visit.record.number}
              </a>{" "}
              <span className="font-mono" title={`SHA-256 ${visit.record.sha256}`}>
                {visit.record.sha256.slice(0, 12)}…
              </span>{" "}
              {visit.record.whole ? (
                <span className="text-yes">seal whole</span>
              ) : (
                <b className="text-no-text">seal broken</b>
              )}
            </p>
          </li>
        ))}
      </ol>
    </section>
  );
}
