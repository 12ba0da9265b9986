import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { Schemas } from "../../api/client";
import { me, parts } from "../../api/questions";
import { Failed, Waiting } from "../../parts/States";
import { plural } from "../../parts/words";
import { OnePart } from "./OnePart";
import { PartsFile } from "./PartsFile";

export type Columns = Record<string, string>;
type Open = { part: number } | { fresh: Columns } | { file: true } | null;
type Book = Schemas["PartsBook"];

/** What is known of part numbers, processors, disks and PC models; what records suggest; files in and out. */
export function Parts() {
  const { data, error, refetch } = useQuery(parts);
  const may = useQuery(me).data?.role !== "reader";
  const [find, setFind] = useState("");
  const [open, setOpen] = useState<Open>(null);
  if (error) return <Failed error={error} again={() => refetch()} />;
  if (!data) return <Waiting what="the parts book" />;
  const wanted = find.trim().toLowerCase();
  const seen = data.parts.filter((part) =>
    [part.number, part.kind, ...Object.values(part.columns)].some((text) =>
      text.toLowerCase().includes(wanted),
    ),
  );
  const chosen = open && "part" in open ? data.parts.find((part) => part.id === open.part) : undefined;
  return (
    <div className="grid h-full grid-cols-[minmax(0,1fr)_400px]">
      <section className="flex min-h-0 flex-col px-6 pt-5" aria-label="The parts book">
        <div className="flex items-baseline gap-4">
          <h1 className="text-[24px]">{plural(data.parts.length, "part")} known</h1>
          <p className="text-soft">
            What they say settles what a PC leaves unsaid, and gives away what cannot be.
          </p>
        </div>
        <div className="mt-3 flex gap-2">
          <input
            className="field max-w-96"
            aria-label="Find a part"
            placeholder="find a part"
            value={find}
            onChange={(event) => setFind(event.target.value)}
          />
          {may && (
            <button
              type="button"
              className="quiet shrink-0 py-1"
              onClick={() => setOpen({ fresh: { kind: "module" } })}
            >
              A new part
            </button>
          )}
          <button type="button" className="quiet shrink-0 py-1" onClick={() => setOpen({ file: true })}>
            Files
          </button>
        </div>
        <div className="mt-3 min-h-0 flex-1 overflow-y-auto pb-5">
          {Object.keys(data.columns).map((kind) => (
            <OfKind
              key={kind}
              book={data}
              kind={kind}
              parts={seen.filter((part) => part.kind === kind)}
              chosen={chosen?.id}
              onChoose={(part) => setOpen({ part })}
            />
          ))}
          {seen.length === 0 && <p className="border-t border-rule py-3 text-soft">No part is like that.</p>}
        </div>
      </section>
      <aside className="min-h-0 overflow-y-auto border-l border-rule px-5 pt-5 pb-5">
        {open && "file" in open ? (
          <PartsFile may={may} />
        ) : chosen ? (
          <OnePart
            key={chosen.id}
            book={data}
            part={chosen}
            may={may}
            onWritten={(part) => setOpen({ part })}
          />
        ) : open && "fresh" in open ? (
          <OnePart
            key={JSON.stringify(open.fresh)}
            book={data}
            fresh={open.fresh}
            may={may}
            onWritten={(part) => setOpen({ part })}
          />
        ) : (
          <Suggested book={data} onChoose={(fresh) => setOpen({ fresh })} />
        )}
      </aside>
    </div>
  );
}

function OfKind({
  book,
  kind,
  parts: own,
  chosen,
  onChoose,
}: {
  book: Book;
  kind: string;
  parts: Schemas["PartEntry"][];
  chosen: number | undefined;
  onChoose: (part: number) => void;
}) {
  if (own.length === 0) return null;
  const columns = (book.columns[kind] ?? []).filter((name) => own.some((part) => part.columns[name]));
  return (
    <table className="mb-6 w-full text-[13px]">
      <caption className="pb-1 text-left font-display text-[16px] font-semibold first-letter:uppercase">
        {plural(own.length, book.called[kind] ?? kind)}
      </caption>
      <thead>
        <tr className="text-left text-soft">
          <th scope="col" className="py-1 pr-3 font-normal">
            {kind === "marker" ? "stands in a name" : "number"}
          </th>
          {columns.map((name) => (
            <th key={name} scope="col" className="py-1 pr-3 font-normal">
              {name.replaceAll("_", " ")}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {own.map((part) => (
          <tr
            key={part.id}
            className={`border-t border-rule ${chosen === part.id ? "bg-sheet" : "hover:bg-sheet"}`}
          >
            <th scope="row" className="py-1.5 pr-3 text-left font-mono font-semibold whitespace-nowrap">
              <button
                type="button"
                aria-pressed={chosen === part.id}
                className="underline decoration-rule underline-offset-2"
                onClick={() => onChoose(part.id)}
              >
                {part.number}
              </button>
            </th>
            {columns.map((name) => (
              <td key={name} className="py-1.5 pr-3">
                {part.columns[name]}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Suggested({ book, onChoose }: { book: Book; onChoose: (columns: Columns) => void }) {
  return (
    <>
      <h2 className="text-[18px]">Met in records, not in the book</h2>
      <p className="mt-0.5 text-soft">
        {book.suggested.length
          ? "What the records agree on is filled in; look at it, then keep it."
          : "Every part that a record names is in the book."}
      </p>
      <ul className="mt-3">
        {book.suggested.map(({ columns, met, open }) => (
          <li key={`${columns.kind} ${columns.number}`}>
            <button
              type="button"
              className="w-full border-t border-rule px-1 py-1.5 text-left hover:bg-sheet"
              onClick={() => onChoose(columns)}
            >
              <span className="font-mono text-[13px] font-semibold">{columns.number}</span>
              <span className="block text-[12px] text-soft">
                {book.called[columns.kind ?? ""]} in {plural(met, "PC")} ·{" "}
                {Object.entries(columns)
                  .filter(([name]) => name !== "kind" && name !== "number")
                  .map(([, text]) => text)
                  .join(" · ")}
                {open.length > 0 && (
                  <span className="text-disputed-text"> · they differ in {open.join(", ")}</span>
                )}
              </span>
            </button>
          </li>
        ))}
      </ul>
    </>
  );
}
