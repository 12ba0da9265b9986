import type { Schemas } from "../api/client";
import { STROKE_COLOUR } from "./Stroke";
import type { Verdict } from "./words";

const WIDTH = 150;
const PAD = 6;
const CHARACTER = 6.7; // the width of one character of the label, in pixels

/** Found value and limit on one line, so that the distance is seen. The base unit does not matter here. */
export function Scale({
  scale,
  verdict,
  margin,
}: {
  scale: Schemas["Scale"];
  verdict: Verdict;
  margin: string;
}) {
  const top = Math.max(scale.limit, scale.high) * 1.3 || 1;
  const at = (value: number) => PAD + (Math.max(0, value) / top) * (WIDTH - 2 * PAD);
  const middle = at((scale.low + scale.high) / 2);
  const colour = STROKE_COLOUR[verdict];
  const label = margin || verdict;
  const half = Math.min(WIDTH / 2, (label.length * CHARACTER) / 2);
  const labelAt = Math.min(WIDTH - half, Math.max(half, middle));
  return (
    <svg
      width={WIDTH}
      height={34}
      viewBox={`0 0 ${WIDTH} 34`}
      role="img"
      aria-label={`against the limit: ${label}`}
    >
      <path d={`M0 24H${WIDTH}`} stroke="var(--color-rule)" strokeWidth="2" />
      <path d={`M${at(scale.limit)} 16V32`} stroke="var(--color-ink)" strokeWidth="2" />
      <path
        d={`M${at(scale.low)} 24H${at(scale.high)}`}
        stroke={colour}
        strokeWidth="5"
        strokeLinecap="round"
      />
      <circle cx={middle} cy="24" r="4" fill={colour} />
      <text
        x={labelAt}
        y="11"
        textAnchor="middle"
        fontSize="11"
        fontFamily="var(--font-mono)"
        fill={verdict === "no" ? "var(--color-no-text)" : "var(--color-soft)"}
      >
        {label}
      </text>
    </svg>
  );
}
