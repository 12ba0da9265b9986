import { useState } from "react";
import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { PrintedLines } from "./PrintedLines";
import { plural } from "./words";

type Place = Schemas["Place"];

/** What does not go together: what the cross-checks saw, and ids that other PCs have shown. */
export function Findings({
  findings,
  crossings,
  onGo,
}: {
  findings: Schemas["Finding"][];
  crossings: Schemas["Crossing"][];
  onGo?: (place: Place) => void;
}) {
  if (findings.length + crossings.length === 0) return null;
  const notices = findings.filter((finding) => finding.weight === "notice").length;
  const wrong = findings.filter((finding) => finding.weight === "contradiction").length + crossings.length;
  return (
    <section aria-label="Cross-checks" className="mt-5">
      <h2 className="text-[15px]">
        {[wrong > 0 && plural(wrong, "contradiction"), notices > 0 && `${notices} worth a closer look`]
          .filter(Boolean)
          .join(", ")}
      </h2>
      <ul className="mt-1">
        {crossings.map((crossing) => (
          <li key={crossing.says} className="flex gap-2.5 border-t border-rule py-2">
            <Mark weight="contradiction" />
            <span className="min-w-0 first-letter:uppercase">
              {capital(crossing.says)}{" "}
              <Link
                to={`/assets/${crossing.asset}`}
                className="whitespace-nowrap underline underline-offset-2"
              >
                look at it
              </Link>
            </span>
          </li>
        ))}
        {findings.map((finding) => (
          <One key={finding.check + finding.says} finding={finding} onGo={onGo} />
        ))}
      </ul>
    </section>
  );
}

function One({ finding, onGo }: { finding: Schemas["Finding"]; onGo?: (place: Place) => void }) {
  const [seen, setSeen] = useState<Place | null>(null);
  return (
    <li className="border-t border-rule py-2">
      <div className="flex gap-2.5">
        <Mark weight={finding.weight} />
        <div className="min-w-0">
          <p className="first-letter:uppercase">{finding.says}</p>
          <p className="text-[12px] text-soft">
            {capital(finding.why)}.{" "}
            {finding.places
              .filter((place) => place.line > 0)
              .slice(0, 4)
              .map((place, index) => (
                <span key={`${place.report} ${place.line}`}>
                  {index > 0 && ", "}
                  <button
                    type="button"
                    aria-expanded={onGo ? undefined : seen === place}
                    className="underline decoration-rule underline-offset-2"
                    onClick={() => (onGo ? onGo(place) : setSeen(seen === place ? null : place))}
                  >
                    <span className="font-mono">{place.source}</span>, line {place.line}
                  </button>
                </span>
              ))}
          </p>
        </div>
      </div>
      {seen && (
        <div className="mt-1.5">
          <PrintedLines report={seen.report} line={seen.line} />
        </div>
      )}
    </li>
  );
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

/** Two strokes that part, for what cannot be; two that lean together, for what one would ask about. */
function Mark({ weight }: { weight: Schemas["Finding"]["weight"] }) {
  const wrong = weight === "contradiction";
  return (
    <svg width="16" height="17" viewBox="0 0 16 17" className="mt-0.5 shrink-0" role="img">
      <title>{wrong ? "cannot be as told" : "worth a look"}</title>
      <path
        d={wrong ? "M6.5 15 2 2M9.5 15 14 2" : "M4 15 7 2M12 15 9 2"}
        stroke={wrong ? "var(--color-no)" : "var(--color-disputed)"}
        strokeWidth="2.4"
        strokeLinecap="round"
        fill="none"
      />
    </svg>
  );
}
