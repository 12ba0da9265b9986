import { useQuery } from "@tanstack/react-query";
import { useVirtualizer } from "@tanstack/react-virtual";
import clsx from "clsx";
import { type KeyboardEvent, useEffect, useMemo, useRef, useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import type { Schemas } from "../../api/client";
import { me } from "../../api/questions";
import { KEYS } from "../../parts/keys";
import { clock, plural } from "../../parts/words";
import type { Spot } from "./Bench";
import { LineStrip } from "./LineStrip";
import type { TeachSpot } from "./Teaching";

type Report = Schemas["Report"];
type Reading = Schemas["Reading"];
const LINE = 19;

/** The next of some line numbers after a line, starting again at the top. */
export function nextAfter(lines: number[], line: number): number | null {
  return lines.find((candidate) => candidate > line) ?? lines[0] ?? null;
}

export function ReportPane({
  visit,
  hot,
  goal,
  lit,
  onHot,
  onTeach,
}: {
  visit: Schemas["VisitDetail"];
  hot: Spot | null;
  goal: Spot | null;
  lit: Schemas["Change"][];
  onHot: (spot: Spot | null) => void;
  onTeach: (spot: TeachSpot) => void;
}) {
  const [index, setIndex] = useState(0);
  const [line, setLine] = useState(0);
  const report = visit.reports[Math.min(index, visit.reports.length - 1)];
  useHotkeys(KEYS.report.keys, () => setIndex((now) => (now + 1) % Math.max(1, visit.reports.length)));
  const doubts =
    report?.readings.filter((r) => r.mark === "doubt" || r.mark === "disputed").map((r) => r.line) ?? [];
  const jump = (lines: number[]) => {
    const next = nextAfter(lines, line);
    if (next !== null && report) {
      setLine(next);
      onHot({ report: report.sha256, line: next });
    }
  };
  useHotkeys(KEYS.doubt.keys, () => jump(doubts));
  useHotkeys(KEYS.failure.keys, () => jump(report?.failures.map((failure) => failure.line) ?? []));
  useHotkeys(KEYS.unread.keys, () => jump(report?.unread_lines ?? []));
  const mayTeach = useQuery(me).data?.role !== "reader";
  const teach = () =>
    mayTeach && report && line > 0 && onTeach({ report: report.sha256, command: report.command, line });
  useHotkeys(KEYS.teach.keys, () => teach(), { preventDefault: true });
  const count = visit.reports.length;
  const before = useRef(count);
  useEffect(() => {
    // A report that has just joined is the one to look at.
    if (count > before.current) setIndex(count - 1);
    before.current = count;
  }, [count]);
  useEffect(() => {
    if (!goal) return;
    const place = visit.reports.findIndex((r) => r.sha256 === goal.report);
    if (place >= 0) setIndex(place);
    setLine(goal.line);
  }, [goal, visit.reports]);
  if (!report) return <div />;
  const speaking = new Set(report.readings.map((reading) => reading.line)).size;
  return (
    <section className="flex min-h-0 flex-col px-4 pt-5 pb-4" aria-label="Report as printed">
      <div className="flex items-baseline gap-4">
        <h2 className="text-[16px] whitespace-nowrap">
          Report {visit.reports.indexOf(report) + 1} of {visit.reports.length}
        </h2>
        {visit.reports.length > 2 && (
          <select
            className="field w-auto max-w-48 py-0.5 font-mono text-[13px]"
            aria-label="Which report"
            value={visit.reports.indexOf(report)}
            onChange={(event) => setIndex(Number(event.target.value))}
          >
            {visit.reports.map((each, place) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: reports are only added at the end
              <option key={place} value={place}>
                {each.failures.length > 0 ? `${each.file} (failed)` : each.file}
              </option>
            ))}
          </select>
        )}
        <p
          className="min-w-0 truncate text-soft"
          title={`${report.file}, ${report.encoding}, SHA-256 ${report.sha256}`}
        >
          {report.way} {clock(report.at)} · {plural(report.lines.length, "line")}, {speaking} speak
          {report.failures.length > 0 && `, ${report.failures.length} failed`}
        </p>
        <p className="ml-auto flex shrink-0 gap-3 text-[12px] whitespace-nowrap text-soft">
          {doubts.length > 0 && (
            <span>
              doubts <kbd className="key">n</kbd>
            </span>
          )}
          {report.unread_lines.length > 0 && (
            <span>
              {report.unread_lines.length} unread <kbd className="key">u</kbd>
            </span>
          )}
          {visit.reports.length > 1 && (
            <span>
              next report <kbd className="key">r</kbd>
            </span>
          )}
        </p>
      </div>
      <Paper
        key={report.sha256}
        report={report}
        line={line}
        hot={hot}
        lit={lit}
        onHot={onHot}
        onLine={setLine}
      />
      {line > 0 && line <= report.lines.length && (
        <LineStrip report={report} line={line} onTeach={mayTeach ? teach : null} />
      )}
    </section>
  );
}

/** The report as printed; only the lines in sight are drawn. */
function Paper({
  report,
  line,
  hot,
  lit,
  onHot,
  onLine,
}: {
  report: Report;
  line: number;
  hot: Spot | null;
  lit: Schemas["Change"][];
  onHot: (spot: Spot | null) => void;
  onLine: (line: number) => void;
}) {
  const box = useRef<HTMLDivElement>(null);
  const rows = useVirtualizer({
    count: report.lines.length,
    getScrollElement: () => box.current,
    estimateSize: () => LINE,
    overscan: 30,
  });
  const byLine = useMemo(() => Map.groupBy(report.readings, (reading) => reading.line), [report]);
  const kinds = useMemo(() => lineKinds(report), [report]);
  const digits = String(report.lines.length).length;
  const failures = useMemo(
    () => new Map(report.failures.map((failure) => [failure.line, failure])),
    [report],
  );
  const taught = useMemo(
    () => new Set(lit.filter((change) => change.report === report.sha256).map((change) => change.line)),
    [lit, report],
  );
  useEffect(() => {
    if (line > 0 && line <= report.lines.length) rows.scrollToIndex(line - 1, { align: "auto" });
  }, [line, rows, report]);
  // A scroll that glides through thousands of lines is lost when something beside them is drawn meanwhile.
  const leap = (event: KeyboardEvent) => {
    const index = { Home: 0, End: report.lines.length - 1 }[event.key];
    if (index === undefined || event.shiftKey || event.ctrlKey || event.altKey || event.metaKey) return;
    event.preventDefault();
    rows.scrollToIndex(index);
  };
  return (
    // biome-ignore lint/a11y/useSemanticElements: the lines of a report are no list of ours
    <div
      ref={box}
      role="region"
      // biome-ignore lint/a11y/noNoninteractiveTabindex: a region that scrolls must take the focus
      tabIndex={0}
      aria-label="Lines of the report"
      className="sheet mt-3 min-h-0 flex-1 overflow-auto py-3 font-mono text-[13px]"
      onKeyDown={leap}
      onMouseLeave={() => onHot(null)}
    >
      <div className="relative min-w-max" style={{ height: rows.getTotalSize() }}>
        {rows.getVirtualItems().map(({ index, start }) => {
          const number = index + 1;
          const readings = byLine.get(number) ?? [];
          const isHot = hot?.report === report.sha256 && hot.line === number;
          return (
            // biome-ignore lint/a11y/noStaticElementInteractions: hovering and clicking do what keys do too
            // biome-ignore lint/a11y/useKeyWithClickEvents: keys go to the next doubt, failure or unread line
            <div
              key={number}
              data-line={number}
              data-hot={isHot}
              data-lit={taught.has(number)}
              aria-current={number === line ? "true" : undefined}
              className="absolute left-0 flex w-full whitespace-pre aria-current:bg-paper data-[hot=true]:bg-wash-doubt data-[lit=true]:bg-wash-yes"
              style={{ top: start, height: LINE, lineHeight: `${LINE}px` }}
              onClick={() => onLine(number)}
              onMouseEnter={() => onHot(readings.length ? { report: report.sha256, line: number } : null)}
            >
              <span
                className="min-w-10 shrink-0 pr-2 text-right text-[12px] text-pale select-none"
                style={{ width: `calc(${digits}ch + 1rem)` }}
              >
                {number}
              </span>
              <span className={clsx("mr-3 w-1 shrink-0", marginOf(readings, kinds.get(number)))} />
              <span className={clsx("pr-4", kinds.get(number) && readings.length === 0 && "text-pale")}>
                <Marked text={report.lines[index] ?? ""} readings={readings} hot={isHot} />
                {failures.has(number) && (
                  <em className="ml-4 font-sans text-[12px] text-no-text">
                    {failures.get(number)?.sentence}
                  </em>
                )}
              </span>
            </div>
          );
        })}
      </div>
    </div>
  );
}

type LineKind = "prompt" | "failed" | "unread" | "blank";

function lineKinds(report: Report): Map<number, LineKind> {
  return new Map<number, LineKind>([
    ...report.unread_lines.map((line) => [line, "unread"] as const),
    ...report.blank_lines.map((line) => [line, "blank"] as const),
    ...report.prompt_lines.map((line) => [line, "prompt"] as const),
    ...report.failures.map((failure) => [failure.line, "failed"] as const),
  ]);
}

function marginOf(readings: Reading[], kind: LineKind | undefined): string {
  const marks = new Set(readings.map((reading) => reading.mark));
  if (marks.has("no") || kind === "failed") return "bg-no";
  if (marks.has("disputed") || marks.has("doubt")) return "bg-disputed";
  if (marks.size > 0 && kind !== "prompt") return "bg-yes";
  return kind === "blank" ? "bg-rule" : "";
}

/** The text of a line in pieces: plain, or read. Readings that lie within another are told by its hint. */
export function pieces(
  text: string,
  readings: Reading[],
): { text: string; at: number; readings: Reading[] }[] {
  const found: { text: string; at: number; readings: Reading[] }[] = [];
  let at = 0;
  for (const reading of [...readings].sort((a, b) => a.column - b.column || b.end_column - a.end_column)) {
    const [start, end] = [reading.column - 1, Math.min(text.length, reading.end_column - 1)];
    if (start < at) {
      found.at(-1)?.readings.push(reading);
      continue;
    }
    if (start > at) found.push({ text: text.slice(at, start), at, readings: [] });
    found.push({ text: text.slice(start, end), at: start, readings: [reading] });
    at = end;
  }
  if (at < text.length) found.push({ text: text.slice(at), at, readings: [] });
  return found;
}

const WORST = ["no", "disputed", "doubt", "read"] as const;

function Marked({ text, readings, hot }: { text: string; readings: Reading[]; hot: boolean }) {
  if (readings.length === 0) return text || " ";
  return pieces(text, readings).map((piece) =>
    piece.readings.length === 0 ? (
      <span key={piece.at}>{piece.text}</span>
    ) : (
      <span
        key={piece.at}
        className="mark"
        data-hot={hot}
        data-mark={WORST.find((mark) => piece.readings.some((reading) => reading.mark === mark))}
        title={piece.readings.map(explained).join("\n\n")}
      >
        {piece.text}
      </span>
    ),
  );
}

function explained(reading: Reading): string {
  const other = reading.also.length ? `\nor: ${reading.also.join(", ")}` : "";
  return `${reading.fact} = ${reading.shown}\n${reading.shape}, ${Math.round(reading.confidence * 100)} % sure: ${reading.why}${other}`;
}
