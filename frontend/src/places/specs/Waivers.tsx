import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { waivers } from "../../api/questions";
import { Stroke } from "../../parts/Stroke";
import { plural } from "../../parts/words";

const SOON = 14;

/** The waivers in force, those about to end first. */
export function Waivers() {
  const { data } = useQuery(waivers);
  if (!data || data.length === 0) return null;
  return (
    <section aria-label="Waivers" className="mt-5 px-2">
      <h2 className="text-[15px]">{plural(data.length, "waiver")}</h2>
      <ul className="mt-1 text-[12px]">
        {data.map((waiver) => (
          <li
            key={waiver.id}
            className="border-t border-rule py-1"
            title={`${waiver.why} (${waiver.agreed_by})`}
          >
            <Link to={`/assets/${waiver.asset.id}`} className="flex items-center gap-1.5 hover:underline">
              <Stroke verdict="waived" height={14} />
              <b>{waiver.asset.host || waiver.asset.tag}</b>
              <span className={`ml-auto ${waiver.days_left <= SOON ? "text-disputed-text" : "text-soft"}`}>
                {waiver.days_left === 0 ? "ends today" : `${waiver.days_left} d left`}
              </span>
            </Link>
            <code className="block truncate font-mono text-soft">{waiver.says}</code>
          </li>
        ))}
      </ul>
    </section>
  );
}
