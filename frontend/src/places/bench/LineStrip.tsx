import type { Schemas } from "../../api/client";

/** What was made of the line that is looked at, and why; or that nothing was, and how to change that. */
export function LineStrip({
  report,
  line,
  onTeach,
}: {
  report: Schemas["Report"];
  line: number;
  onTeach: (() => void) | null;
}) {
  const readings = report.readings.filter((reading) => reading.line === line);
  const failure = report.failures.find((each) => each.line === line);
  return (
    <section aria-label={`Line ${line}`} className="mt-2 flex min-h-13 items-start gap-3 px-1 text-[13px]">
      <b className="shrink-0 tabular-nums">Line {line}</b>
      <div className="max-h-24 min-w-0 flex-1 overflow-y-auto">
        {readings.map((reading) => (
          <p key={`${reading.fact} ${reading.column}`}>
            <b>{reading.fact}</b> {reading.shown}
            {reading.range && <span className="text-soft"> ({reading.range})</span>}
            <span className="text-soft">
              {" "}
              · {reading.shape}, {Math.round(reading.confidence * 100)} % sure: {reading.why}
              {reading.also.length > 0 && `; or ${reading.also.join(", ")}`}
            </span>
          </p>
        ))}
        {readings.length === 0 && (
          <p className="text-soft">
            {failure
              ? `The command failed: ${failure.sentence}.`
              : report.blank_lines.includes(line)
                ? "It names something and says nothing of it."
                : "Nothing was read from this line."}
          </p>
        )}
      </div>
      {!failure && onTeach && (
        <button type="button" className="quiet shrink-0 px-2 py-0.5" onClick={onTeach}>
          {readings.length ? "Teach it otherwise" : "Teach it"} <kbd className="key ml-1">t</kbd>
        </button>
      )}
    </section>
  );
}
