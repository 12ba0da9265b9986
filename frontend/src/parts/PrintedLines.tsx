import { useQuery } from "@tanstack/react-query";
import { linesAround } from "../api/questions";

/** The very line of a report that something rests on, between its neighbours, as printed. */
export function PrintedLines({ report, line }: { report: string; line: number }) {
  const { data, error } = useQuery(linesAround(report, line));
  if (error) return <p className="text-no-text">{error.message}</p>;
  return (
    <ol className="overflow-x-auto rounded bg-paper px-2 py-1 font-mono text-[12px] leading-[18px]">
      {(data ?? []).map(({ number, text }) => (
        <li
          key={number}
          className={`flex gap-3 whitespace-pre ${number === line ? "bg-wash-doubt font-semibold" : "text-soft"}`}
        >
          <span className="w-8 shrink-0 text-right text-pale">{number}</span>
          {text || " "}
        </li>
      ))}
    </ol>
  );
}
