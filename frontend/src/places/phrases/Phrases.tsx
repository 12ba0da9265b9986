import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { Schemas } from "../../api/client";
import { phrases, readAgain, unknownLabels } from "../../api/questions";
import { Failed, Waiting } from "../../parts/States";
import { plural } from "../../parts/words";
import { Teaching } from "../bench/Teaching";
import { OnePhrase } from "./OnePhrase";
import { PhraseFile } from "./PhraseFile";
import { PhraseInWords } from "./PhraseInWords";
import { ReadAgain } from "./ReadAgain";

type Open = { phrase: number } | { label: Schemas["UnknownLabel"] } | { file: true } | null;

/** What the team has taught the reader, and what it does not know yet. */
export function Phrases() {
  const taught = useQuery(phrases);
  const unknown = useQuery(unknownLabels);
  const again = useQuery(readAgain);
  const [find, setFind] = useState("");
  const [open, setOpen] = useState<Open>(null);
  if (taught.error) return <Failed error={taught.error} again={() => taught.refetch()} />;
  if (!taught.data) return <Waiting what="the phrasebook" />;
  const fits = (...texts: (string | null | undefined)[]) =>
    texts.some((text) => text?.toLowerCase().includes(find.trim().toLowerCase()));
  const seen = taught.data.filter((p) => fits(p.label, p.after, p.fact, p.heading, p.taught_by));
  const labels = (unknown.data ?? []).filter((u) => fits(u.label, u.heading, u.printed));
  const on = taught.data.filter((phrase) => phrase.off_at === null).length;
  const chosen = open && "phrase" in open ? taught.data.find((p) => p.id === open.phrase) : undefined;
  return (
    <div className="grid h-full grid-cols-[minmax(0,1fr)_minmax(0,1fr)_392px]">
      <section className="flex min-h-0 flex-col px-5 pt-5" aria-label="Taught by the team">
        <h1 className="text-[24px]">{plural(on, "phrase")} taught</h1>
        <p className="mt-0.5 text-soft">
          They stand before those that ship; every stored report is read with them.
        </p>
        <div className="mt-3 flex gap-2">
          <input
            className="field"
            aria-label="Find a phrase or a label"
            placeholder="find a phrase or a label"
            value={find}
            onChange={(event) => setFind(event.target.value)}
          />
          <button type="button" className="quiet shrink-0 py-1" onClick={() => setOpen({ file: true })}>
            Files
          </button>
        </div>
        <ul className="mt-3 min-h-0 flex-1 overflow-y-auto pb-5">
          {seen.map((phrase) => (
            <li key={phrase.id}>
              <button
                type="button"
                aria-pressed={chosen?.id === phrase.id}
                className="w-full border-t border-rule px-1 py-1.5 text-left aria-pressed:bg-sheet hover:bg-sheet"
                onClick={() => setOpen({ phrase: phrase.id })}
              >
                <PhraseInWords phrase={phrase} />
                <span className="block text-[12px] text-soft">
                  {phrase.taught_by}
                  {phrase.printed && <>, from “{phrase.printed.slice(0, 60)}”</>}
                  {phrase.off_at && (
                    <b className="text-disputed-text"> · off since {phrase.off_by} said so</b>
                  )}
                </span>
              </button>
            </li>
          ))}
          {seen.length === 0 && (
            <li className="border-t border-rule py-3 text-soft">
              {taught.data.length === 0
                ? "Nothing was taught yet. Look at a line on the Bench and press t, or choose a label from the next column."
                : "No phrase is like that."}
            </li>
          )}
        </ul>
      </section>
      <section className="flex min-h-0 flex-col border-l border-rule px-5 pt-5" aria-label="Not known yet">
        <h2 className="text-[18px]">Labels that mean nothing yet</h2>
        <p className="mt-0.5 text-soft">Those in the most reports first; many need no meaning.</p>
        <ul className="mt-3 min-h-0 flex-1 overflow-y-auto pb-5">
          {labels.map((entry) => (
            <li key={entry.label}>
              <button
                type="button"
                aria-pressed={open !== null && "label" in open && open.label.label === entry.label}
                className="grid w-full grid-cols-[minmax(0,1fr)_auto] gap-x-3 border-t border-rule px-1 py-1.5 text-left aria-pressed:bg-sheet hover:bg-sheet"
                onClick={() => setOpen({ label: entry })}
              >
                <span className="truncate font-mono text-[13px]">
                  {entry.label} <b>{entry.printed}</b>
                </span>
                <span className="text-[12px] text-soft">{plural(entry.reports, "report")}</span>
                {entry.heading && (
                  <span className="truncate text-[12px] text-soft">under {entry.heading}</span>
                )}
              </button>
            </li>
          ))}
          {unknown.data && labels.length === 0 && (
            <li className="border-t border-rule py-3 text-soft">Every label is known.</li>
          )}
        </ul>
      </section>
      {open && "label" in open ? (
        <Teaching
          spot={{ report: open.label.report, command: open.label.command, line: open.label.line }}
          onLit={nobody}
          onClose={() => setOpen(null)}
        />
      ) : (
        <aside className="min-h-0 overflow-y-auto border-l border-rule px-5 pt-5 pb-5">
          {chosen ? (
            <OnePhrase key={chosen.id} phrase={chosen} />
          ) : open && "file" in open ? (
            <PhraseFile />
          ) : (
            again.data && <ReadAgain state={again.data} />
          )}
        </aside>
      )}
    </div>
  );
}

function nobody() {}
