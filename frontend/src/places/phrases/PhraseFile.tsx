import { useMutation, useQueryClient } from "@tanstack/react-query";
import { api, type Schemas, told } from "../../api/client";
import { afterTeaching } from "../../api/questions";
import { plural } from "../../parts/words";
import { PhraseInWords } from "./PhraseInWords";

/** The phrasebook taken along as a file, and phrases of another one taken in after a look. */
export function PhraseFile() {
  const queries = useQueryClient();
  const look = useMutation({
    mutationFn: async (file: File) => {
      const body = await parsed(file);
      return { body, offered: await send(body, false) };
    },
  });
  const take = useMutation({
    mutationFn: (body: Schemas["PhraseFile"]) => send(body, true),
    onSuccess: () => Promise.all(afterTeaching.map((queryKey) => queries.invalidateQueries({ queryKey }))),
  });
  const offered = look.data?.offered ?? [];
  const fit = offered.filter((each) => each.refused === null).length;
  const error = look.error ?? take.error;
  return (
    <>
      <h2 className="text-[18px]">The phrasebook as a file</h2>
      <p className="mt-2">
        <a className="quiet inline-block" href="/api/phrases/file" download="phrasebook.json">
          Take it along
        </a>
      </p>
      <label className="mt-4 block font-semibold" htmlFor="phrase-file">
        Take phrases in
      </label>
      <input
        id="phrase-file"
        type="file"
        accept=".json,application/json"
        className="mt-1 block w-full text-[13px]"
        onChange={(event) => {
          take.reset();
          const file = event.target.files?.[0];
          if (file) look.mutate(file);
          event.target.value = "";
        }}
      />
      {error && (
        <p role="alert" className="mt-3 rounded-lg bg-wash-no px-3 py-2 text-no-text">
          {error.message}
        </p>
      )}
      {look.data && (
        <>
          <p className="mt-3">
            {take.data
              ? `${plural(fit, "phrase")} taken in.`
              : `${fit} of ${plural(offered.length, "phrase")} can be taken in.`}
          </p>
          <ul className="mt-1 text-[13px]">
            {offered.map((each) => (
              <li key={JSON.stringify(each)} className="border-t border-rule py-1">
                <PhraseInWords phrase={each} />
                {each.refused && <span className="block text-no-text">not taken: {each.refused}</span>}
              </li>
            ))}
          </ul>
          {!take.data && fit > 0 && (
            <button
              type="button"
              className="deed mt-3"
              disabled={take.isPending}
              onClick={() => take.mutate(look.data.body)}
            >
              Take {plural(fit, "phrase")} in
            </button>
          )}
        </>
      )}
    </>
  );
}

async function parsed(file: File): Promise<Schemas["PhraseFile"]> {
  try {
    return JSON.parse(await file.text());
  } catch {
    throw new Error(`${file.name} is no JSON file; nothing was taken in.`);
  }
}

function send(body: Schemas["PhraseFile"], keep: boolean) {
  return told(api.POST("/api/phrases/file", { body, params: { query: { keep } } }));
}
