import { useRef, useState } from "react";
import type { Schemas } from "../../api/client";

const [WIDTH, HEIGHT, EDGE] = [376, 30, 8];

/** A quantity with the same unit as `printed`, for another number in the base unit. */
export function reprinted(printed: string, limit: number, value: number): string {
  const match = /^(\d+(?:\.\d+)?)(.*)$/.exec(printed);
  if (!match || limit === 0) return printed;
  const one = limit / Number(match[1]);
  const number = value / one;
  const digits = number >= 10 || Number.isInteger(Number(match[1])) ? 0 : 1;
  return `${Math.max(0, Number(number.toFixed(digits)))}${match[2]}`;
}

/** How a number lies over the office, taller where more PCs have it, with the limit drawn in; moving the limit edits the text. */
export function SpreadStrip({
  spread,
  onLimit,
}: {
  spread: Schemas["Spread"];
  onLimit: (printed: string) => void;
}) {
  const box = useRef<HTMLDivElement>(null);
  const [moving, setMoving] = useState<number | null>(null);
  const low = Math.min(spread.values[0] ?? 0, spread.limit);
  const high = Math.max(spread.values.at(-1) ?? 1, spread.limit);
  const room = high - low || Math.abs(high) || 1;
  const [from, to] = [Math.max(0, low - room * 0.08), high + room * 0.08];
  const x = (value: number) => EDGE + ((value - from) / (to - from)) * (WIDTH - 2 * EDGE);
  const limit = moving ?? spread.limit;
  const printed = moving === null ? spread.printed : reprinted(spread.printed, spread.limit, moving);
  const at = (clientX: number) => {
    const rect = box.current?.getBoundingClientRect();
    if (!rect) return spread.limit;
    const part = ((clientX - rect.left) / rect.width) * WIDTH;
    return from + ((Math.min(WIDTH - EDGE, Math.max(EDGE, part)) - EDGE) / (WIDTH - 2 * EDGE)) * (to - from);
  };
  const good = (value: number) => (spread.better === "more" ? value >= limit : value <= limit);
  const counted = new Map<number, number>();
  for (const value of spread.values) counted.set(value, (counted.get(value) ?? 0) + 1);
  const most = Math.max(1, ...counted.values());
  const unit = spread.limit / (Number.parseFloat(spread.printed) || 1);
  const step = (by: number) =>
    onLimit(reprinted(spread.printed, spread.limit, spread.limit + by * Math.max(room / 20, unit)));
  return (
    <div
      ref={box}
      className="mt-1 touch-none"
      role="slider"
      tabIndex={0}
      aria-label={`Limit of ${spread.fact}`}
      aria-valuemin={from}
      aria-valuemax={to}
      aria-valuenow={limit}
      aria-valuetext={printed}
      onKeyDown={(event) => {
        if (event.key === "ArrowRight" || event.key === "ArrowUp") step(1);
        else if (event.key === "ArrowLeft" || event.key === "ArrowDown") step(-1);
        else return;
        event.preventDefault();
      }}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        setMoving(at(event.clientX));
      }}
      onPointerMove={(event) => moving !== null && setMoving(at(event.clientX))}
      onPointerUp={() => {
        if (moving !== null) onLimit(printed);
        setMoving(null);
      }}
    >
      <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="block w-full" aria-hidden="true">
        <line x1={EDGE} x2={WIDTH - EDGE} y1={20} y2={20} stroke="var(--color-rule)" />
        {[...counted].map(([value, count]) => (
          <line
            key={value}
            x1={x(value)}
            x2={x(value)}
            y1={20 - 4 - (10 * count) / most}
            y2={20}
            stroke={good(value) ? "var(--color-yes)" : "var(--color-no)"}
            strokeWidth={3}
          />
        ))}
        <line
          x1={x(limit)}
          x2={x(limit)}
          y1={2}
          y2={24}
          stroke="var(--color-ink)"
          strokeWidth={2}
          strokeDasharray="3 2"
          className="cursor-ew-resize"
        />
        <text
          x={Math.min(WIDTH - EDGE, Math.max(EDGE, x(limit)))}
          y={10}
          dx={x(limit) > WIDTH * 0.7 ? -5 : 5}
          textAnchor={x(limit) > WIDTH * 0.7 ? "end" : "start"}
          fontSize={11}
          fill="var(--color-ink)"
        >
          {printed}
        </text>
        <text x={EDGE} y={HEIGHT - 1} fontSize={10} fill="var(--color-soft)">
          {spread.low_shown}
        </text>
        <text x={WIDTH - EDGE} y={HEIGHT - 1} fontSize={10} textAnchor="end" fill="var(--color-soft)">
          {spread.high_shown}
        </text>
      </svg>
    </div>
  );
}
