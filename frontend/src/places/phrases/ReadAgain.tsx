import { Link } from "react-router";
import type { Schemas } from "../../api/client";
import { plural } from "../../parts/words";

/** How far the stored reports are read as they would be today, and which sealed visits say something else now. */
export function ReadAgain({ state: { reports, waiting, sealed } }: { state: Schemas["ReadAgain"] }) {
  return (
    <>
      <h2 className="text-[18px]">
        {waiting > 0 ? "Reading the stored reports again" : "Every stored report is read"}
      </h2>
      {waiting > 0 && (
        <progress
          className="mt-2 h-2 w-full accent-yes"
          max={reports}
          value={reports - waiting}
          aria-label="Read"
        />
      )}
      <p className="mt-1 text-soft">
        {waiting > 0
          ? `${reports - waiting} of ${reports} done; pages can be used meanwhile.`
          : `${plural(reports, "report")}, with the reader and the phrasebook as they are.`}
      </p>
      <h2 className="mt-6 text-[16px]">Sealed visits that say something else now</h2>
      {sealed.length === 0 ? (
        <p className="mt-1 text-soft">
          None. Records never change; where a new reading differs, it stands here.
        </p>
      ) : (
        <ul className="mt-1">
          {sealed.map((each) => (
            <li key={each.visit} className="border-t border-rule">
              <Link to={`/assets/${each.asset}`} className="flex justify-between py-1 hover:bg-sheet">
                <b>{each.host}</b>
                <span className="text-soft">
                  {plural(each.differs, "fact")} · record {each.record}
                </span>
              </Link>
            </li>
          ))}
        </ul>
      )}
    </>
  );
}
