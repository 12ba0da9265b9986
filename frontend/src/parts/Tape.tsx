import { useQuery } from "@tanstack/react-query";
import { tape } from "../api/questions";
import { STROKE_COLOUR } from "./Stroke";
import { clock, plural } from "./words";

const HOUR = 3_600_000;

/** The working day as a line; a tick for every report handed in today, by everyone. */
export function Tape() {
  const { data } = useQuery(tape);
  const now = new Date();
  const midnight = new Date(now.getFullYear(), now.getMonth(), now.getDate()).getTime();
  const ticks = (data?.ticks ?? []).filter((tick) => new Date(tick.at).getTime() >= midnight);
  const hours = [...ticks.map((t) => new Date(t.at).getTime()), now.getTime()].map(
    (t) => (t - midnight) / HOUR,
  );
  const first = Math.min(8, Math.floor(Math.min(...hours)));
  const last = Math.max(18, Math.ceil(Math.max(...hours)));
  const at = (time: number) => ((time - midnight) / HOUR - first) / (last - first);
  const visits = new Set(ticks.map((tick) => tick.visit)).size;
  const summary = `${plural(ticks.length, "report")}, ${plural(visits, "visit")}`;
  return (
    <div className="flex h-[34px] items-center gap-4 border-b border-rule px-5 text-[12px] text-soft">
      <span className="text-ink">Today</span>
      <span className="font-mono">{String(first).padStart(2, "0")}:00</span>
      <svg
        className="h-5 min-w-0 flex-1"
        viewBox="0 0 1000 20"
        preserveAspectRatio="none"
        role="img"
        aria-label={`Handed in today: ${summary}`}
      >
        <path d="M0 19.5H1000" stroke="var(--color-rule)" vectorEffect="non-scaling-stroke" />
        {ticks.map((tick) => (
          <path
            key={`${tick.visit} ${tick.at} ${tick.file}`}
            d={`M${at(new Date(tick.at).getTime()) * 1000} ${tick.verdict === "yes" ? 8 : 4}V19`}
            stroke={STROKE_COLOUR[tick.verdict]}
            strokeWidth="2"
            vectorEffect="non-scaling-stroke"
          >
            <title>{`${clock(tick.at)} ${tick.asset || "not known yet"}: ${tick.file}, by ${tick.by}`}</title>
          </path>
        ))}
        <path
          d={`M${at(now.getTime()) * 1000} 0V20`}
          stroke="var(--color-ink)"
          strokeWidth="1.5"
          vectorEffect="non-scaling-stroke"
        />
      </svg>
      <span className="font-mono">{String(last).padStart(2, "0")}:00</span>
      <span>
        <b className="text-ink">{ticks.length}</b> {summary.slice(String(ticks.length).length + 1)}
      </span>
    </div>
  );
}
