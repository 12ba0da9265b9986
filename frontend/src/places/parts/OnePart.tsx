import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Schemas, told } from "../../api/client";
import { afterParts, partHistory } from "../../api/questions";
import { exact } from "../../parts/words";
import type { Columns } from "./Parts";

const HINTS: Record<string, string> = {
  size: "16 GB",
  clock: "3.2 GHz",
  max_clock: "4.2 GHz",
  limit: "64 GB, the most memory it takes",
  serial_form: "AB#-#####: # a digit, @ a letter, * anything",
  refurbished: "yes",
  speed: "3200",
  pins: "288",
};

/** One part, to be written, changed or taken out; every earlier entry stays to be read. */
export function OnePart({
  book,
  part,
  fresh,
  may,
  onWritten,
}: {
  book: Schemas["PartsBook"];
  part?: Schemas["PartEntry"];
  fresh?: Columns;
  may: boolean;
  onWritten: (part: number) => void;
}) {
  const [columns, setColumns] = useState<Columns>(
    fresh ?? { kind: part?.kind ?? "module", number: part?.number ?? "", ...part?.columns },
  );
  const { write, takeOut, trouble, busy } = useWriting(part, onWritten);
  const kind = columns.kind ?? "module";
  const names = book.columns[kind] ?? [];
  const set = (name: string, text: string) => setColumns({ ...columns, [name]: text });
  const own = Object.fromEntries(
    Object.entries(columns).filter(([name]) => ["kind", "number", ...names].includes(name)),
  );
  return (
    <>
      <h2 className="font-mono text-[18px] font-semibold">
        {part ? part.number : columns.number || "A new part"}
      </h2>
      {part && (
        <p className="mt-0.5 text-soft">
          {book.called[part.kind]}, written by {part.written_by} on {exact(part.written_at)}
        </p>
      )}
      <form
        className="mt-3"
        onSubmit={(event) => {
          event.preventDefault();
          write(own);
        }}
      >
        <fieldset disabled={!may} className="grid grid-cols-[110px_1fr] items-center gap-x-3 gap-y-1.5">
          {!part && (
            <>
              <label htmlFor="part-kind">what it is</label>
              <select
                id="part-kind"
                className="field"
                value={kind}
                onChange={(event) => set("kind", event.target.value)}
              >
                {Object.entries(book.called).map(([value, name]) => (
                  <option key={value} value={value}>
                    {name}
                  </option>
                ))}
              </select>
            </>
          )}
          {["number", ...names].map((name) => (
            <Field key={name} name={name} value={columns[name] ?? ""} onChange={(text) => set(name, text)} />
          ))}
        </fieldset>
        {trouble && (
          <p
            role="alert"
            className="mt-2 rounded-lg bg-wash-no px-3 py-2 text-no-text first-letter:uppercase"
          >
            {trouble.message}
          </p>
        )}
        {may && (
          <div className="mt-3 flex gap-2">
            <button type="submit" className="deed" disabled={busy || !columns.number?.trim()}>
              Keep it
            </button>
            {part && (
              <button type="button" className="quiet" disabled={busy} onClick={() => takeOut()}>
                Take it out
              </button>
            )}
          </div>
        )}
      </form>
      {part && <History part={part} />}
    </>
  );
}

function Field({ name, value, onChange }: { name: string; value: string; onChange: (text: string) => void }) {
  return (
    <>
      <label htmlFor={`part-${name}`}>{name.replaceAll("_", " ")}</label>
      <input
        id={`part-${name}`}
        className="field"
        placeholder={HINTS[name]}
        value={value}
        onChange={(event) => onChange(event.target.value)}
      />
    </>
  );
}

function History({ part }: { part: Schemas["PartEntry"] }) {
  const { data } = useQuery(partHistory(part.id));
  const before = (data ?? []).filter((entry) => entry.id !== part.id);
  if (before.length === 0) return null;
  return (
    <section aria-label="Earlier entries" className="mt-6">
      <h3 className="text-[15px]">Before</h3>
      <ul className="mt-1 text-[13px]">
        {before.map((entry) => (
          <li key={entry.id} className="border-t border-rule py-1.5">
            {Object.entries(entry.columns)
              .map(([name, text]) => `${name.replaceAll("_", " ")} ${text}`)
              .join(" · ")}
            <span className="block text-[12px] text-soft">
              {entry.written_by}, {exact(entry.written_at)}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

function useWriting(part: Schemas["PartEntry"] | undefined, onWritten: (part: number) => void) {
  const queries = useQueryClient();
  const onSettled = () => Promise.all(afterParts.map((queryKey) => queries.invalidateQueries({ queryKey })));
  const writing = useMutation({
    mutationFn: (columns: Columns) =>
      told(api.POST("/api/parts", { body: { columns, replaces: part?.id ?? null } })),
    onSuccess: async (written) => {
      await onSettled();
      onWritten(written.id);
    },
  });
  const taking = useMutation({
    mutationFn: () =>
      told(api.POST("/api/parts/{number}/take-out", { params: { path: { number: part?.id ?? 0 } } })),
    onSettled,
  });
  return {
    write: writing.mutate,
    takeOut: taking.mutate,
    trouble: writing.error ?? taking.error,
    busy: writing.isPending || taking.isPending,
  };
}
