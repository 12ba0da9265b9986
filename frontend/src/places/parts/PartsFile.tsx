import { useMutation, useQueryClient } from "@tanstack/react-query";
import { api, type Schemas, told } from "../../api/client";
import { afterParts } from "../../api/questions";
import { plural } from "../../parts/words";

/** The parts book taken along as a file, and one taken in after a look at what it would do. */
export function PartsFile({ may }: { may: boolean }) {
  const queries = useQueryClient();
  const look = useMutation({
    mutationFn: async (file: File) => {
      const text = await file.text();
      return { text, found: await told(api.POST("/api/parts/file/look", { body: { text } })) };
    },
  });
  const take = useMutation({
    mutationFn: (text: string) => told(api.POST("/api/parts/file", { body: { text } })),
    onSuccess: () => Promise.all(afterParts.map((queryKey) => queries.invalidateQueries({ queryKey }))),
  });
  const error = look.error ?? take.error;
  const found = look.data?.found;
  const telling = found ? found.new + found.changed : 0;
  return (
    <>
      <h2 className="text-[18px]">The parts book as a file</h2>
      <p className="mt-2">
        <a className="quiet inline-block" href="/api/parts/file" download="parts-book.csv">
          Take it along
        </a>
      </p>
      {may && (
        <>
          <label className="mt-4 block font-semibold" htmlFor="parts-file">
            Take parts in
          </label>
          <input
            id="parts-file"
            type="file"
            accept=".csv,text/csv"
            className="mt-1 block w-full text-[13px]"
            onChange={(event) => {
              take.reset();
              const file = event.target.files?.[0];
              if (file) look.mutate(file);
              event.target.value = "";
            }}
          />
        </>
      )}
      {error && (
        <p role="alert" className="mt-3 rounded-lg bg-wash-no px-3 py-2 text-no-text">
          {error.message}
        </p>
      )}
      {found && look.data && (
        <>
          <p className="mt-3 font-semibold">
            {take.data
              ? `${plural(telling, "part")} taken in.`
              : found.troubles.length > 0
                ? "Nothing can be taken in while a line is wrong."
                : `${found.new} new, ${found.changed} changed, ${found.same} as they are.`}
          </p>
          <Troubles troubles={found.troubles} />
          <ul className="mt-1 text-[13px]">
            {found.lines.map((line) => (
              <WhatALineDoes key={line.line} line={line} />
            ))}
          </ul>
          {!take.data && found.troubles.length === 0 && telling > 0 && (
            <button
              type="button"
              className="deed mt-3"
              disabled={take.isPending}
              onClick={() => take.mutate(look.data.text)}
            >
              Take {plural(telling, "part")} in
            </button>
          )}
        </>
      )}
    </>
  );
}

function Troubles({ troubles }: { troubles: Schemas["FileTrouble"][] }) {
  return (
    <ul className="mt-1 text-[13px]">
      {troubles.map((trouble) => (
        <li key={`${trouble.line} ${trouble.message}`} className="border-t border-rule py-1 text-no-text">
          line {trouble.line}: {trouble.message}
        </li>
      ))}
    </ul>
  );
}

function WhatALineDoes({ line }: { line: Schemas["FileLine"] }) {
  const before = line.before ?? {};
  const names = [...new Set([...Object.keys(before), ...Object.keys(line.columns)])];
  const told = names.filter((name) => name !== "kind" && before[name] !== line.columns[name]);
  return (
    <li className="border-t border-rule py-1">
      <b className="font-mono">{line.columns.number}</b> <span className="text-soft">{line.fate}</span>
      {line.fate === "changed" && (
        <span className="block text-[12px]">
          {told.map((name) => (
            <span key={name} className="mr-2">
              {name.replaceAll("_", " ")} <s className="text-soft">{before[name] ?? "nothing"}</s> →{" "}
              {line.columns[name] ?? "nothing"}
            </span>
          ))}
        </span>
      )}
    </li>
  );
}
