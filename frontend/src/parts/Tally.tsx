import { type KeyboardEvent, useState } from "react";
import type { Schemas } from "../api/client";
import { StrokeShape } from "./Stroke";
import { tallyInWords } from "./words";

type Answer = Schemas["Stroke"];
const STEP = 9;
const BUNDLE_GAP = 7;

function placeOf(index: number): number {
  return index * STEP + Math.floor(index / 5) * BUNDLE_GAP;
}

/**
 * A row of strokes in bundles of five. Hovering, or focus and the arrow keys, name a stroke's expectation; `onPick`
 * goes there. `at` lets a parent that has the focus move it.
 */
export function Tally({
  strokes,
  height = 18,
  at,
  onPick,
  focusable = false,
}: {
  strokes: Answer[];
  height?: number;
  at?: number | null;
  onPick?: (index: number) => void;
  focusable?: boolean;
}) {
  const [own, setOwn] = useState<number | null>(null);
  const shown = own ?? at ?? null;
  const width = placeOf(Math.max(0, strokes.length - 1)) + 10;
  const scale = height / 24;
  const keys = (event: KeyboardEvent) => {
    const step = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
    if (step) {
      event.preventDefault();
      setOwn((now) =>
        Math.min(strokes.length - 1, Math.max(0, (now ?? (step > 0 ? -1 : strokes.length)) + step)),
      );
    } else if (event.key === "Enter" && own !== null) onPick?.(own);
    else if (event.key === "Escape") setOwn(null);
  };
  if (strokes.length === 0) return <span className="text-pale text-[12px]">{tallyInWords(strokes)}</span>;
  const picture = (
    <svg
      viewBox={`0 0 ${width} 24`}
      width={width * scale}
      height={height}
      role="img"
      aria-label={tallyInWords(strokes)}
      className="block"
    >
      {strokes.map((stroke, index) => (
        // biome-ignore lint/a11y/noStaticElementInteractions: the keyboard's way to a stroke is the arrow keys on the row
        <g
          // biome-ignore lint/suspicious/noArrayIndexKey: a tally's order is the spec's order
          key={index}
          transform={`translate(${placeOf(index)} 0)`}
          data-verdict={stroke.verdict}
          onMouseEnter={() => setOwn(index)}
          onMouseLeave={() => setOwn(null)}
          onClick={onPick ? () => onPick(index) : undefined}
          className={onPick ? "cursor-pointer" : undefined}
        >
          <rect
            width={STEP + 1}
            height="24"
            fill={shown === index ? "var(--color-rule)" : "transparent"}
            rx="2"
          />
          <StrokeShape verdict={stroke.verdict} strength={stroke.strength} />
        </g>
      ))}
    </svg>
  );
  const bubble = shown !== null && strokes[shown] && (
    <Bubble stroke={strokes[shown]} left={placeOf(shown) * scale} top={height + 6} />
  );
  if (!focusable)
    return (
      <span className="relative inline-block">
        {picture}
        {bubble}
      </span>
    );
  return (
    // biome-ignore lint/a11y/useSemanticElements: a group of drawn strokes is no fieldset
    <span
      className="relative inline-block"
      role="group"
      aria-label="Tally; arrow keys name its strokes"
      // biome-ignore lint/a11y/noNoninteractiveTabindex: focus and the arrow keys name each stroke
      tabIndex={0}
      onKeyDown={keys}
      onBlur={() => setOwn(null)}
    >
      {picture}
      {bubble}
    </span>
  );
}

function Bubble({ stroke, left, top }: { stroke: Answer; left: number; top: number }) {
  return (
    <span
      role="status"
      className="sheet absolute z-30 block w-max max-w-80 px-3 py-2 text-left text-[12px] font-normal shadow-lg"
      style={{ left: Math.max(0, left - 20), top }}
    >
      <span className="block font-mono">{stroke.says}</span>
      <span className="mt-1 block">
        <b>{stroke.verdict}</b>
        {stroke.strength === "should" && " (should)"} · {stroke.found}
        {stroke.margin && ` · ${stroke.margin}`}
      </span>
    </span>
  );
}
