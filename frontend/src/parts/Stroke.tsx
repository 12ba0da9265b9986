import type { Verdict } from "./words";

export const STROKE_COLOUR: Record<Verdict, string> = {
  yes: "var(--color-yes)",
  no: "var(--color-no)",
  unsaid: "var(--color-unsaid)",
  disputed: "var(--color-disputed)",
  waived: "var(--color-waived)",
};

/** The lines of a stroke in a box 10 wide and 24 high; shape alone tells the answer. */
export function StrokeShape({ verdict, strength }: { verdict: Verdict; strength: "must" | "should" }) {
  const light = strength === "should";
  const top = light ? 12 : 2;
  const width = light ? 1.6 : 2.4;
  const common = { stroke: STROKE_COLOUR[verdict], strokeLinecap: "round" as const, fill: "none" };
  if (verdict === "yes") return <path d={`M5 ${top}V22`} strokeWidth={width} {...common} />;
  if (verdict === "no") return <path d={`M8.2 ${top}L1.8 22`} strokeWidth={width + 1} {...common} />;
  if (verdict === "unsaid")
    return (
      <path
        d={`M5 ${top + 0.5}V22.5`}
        strokeWidth={width + 0.2}
        strokeDasharray={light ? "0 4.6" : "0 6.4"}
        {...common}
      />
    );
  if (verdict === "waived")
    return (
      <>
        <path d={`M5 ${light ? 17 : 14}V22`} strokeWidth={width} {...common} />
        <circle cx={5} cy={light ? 13.4 : 9} r={light ? 2.4 : 3.4} strokeWidth={width - 0.4} {...common} />
      </>
    );
  const fork = light ? 16 : 11;
  return (
    <path d={`M5 22V${fork}M5 ${fork}L1.2 ${top}M5 ${fork}L8.8 ${top}`} strokeWidth={width} {...common} />
  );
}

/** One stroke by itself. */
export function Stroke({
  verdict,
  strength = "must",
  height = 18,
}: {
  verdict: Verdict;
  strength?: "must" | "should";
  height?: number;
}) {
  return (
    <svg
      viewBox="0 0 10 24"
      height={height}
      width={(height * 10) / 24}
      role="img"
      aria-label={strength === "should" ? `${verdict} (should)` : verdict}
      className="shrink-0"
    >
      <StrokeShape verdict={verdict} strength={strength} />
    </svg>
  );
}
