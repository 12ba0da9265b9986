import { useQuery } from "@tanstack/react-query";
import { diffLines } from "diff";
import { useState } from "react";
import { specRevisions } from "../../api/questions";
import { ago, exact } from "../../parts/words";

/** A spec's revisions; one that is looked at shows what the text at hand changes against it, and can be taken up again. */
export function History({
  name,
  text,
  onText,
}: {
  name: string;
  text: string;
  onText: (text: string) => void;
}) {
  const { data } = useQuery(specRevisions(name));
  const [seen, setSeen] = useState<number | null>(null);
  const revision = data?.find(({ number }) => number === seen);
  return (
    <section aria-label="Revisions" className="mt-5">
      <h2 className="text-[15px]">Revisions</h2>
      <ul className="mt-1 text-[13px]">
        {data?.map(({ number, author, published_at, note }) => (
          <li key={number}>
            <button
              type="button"
              aria-pressed={seen === number}
              title={exact(published_at)}
              className="w-full border-t border-rule py-1 text-left aria-pressed:bg-sheet hover:bg-sheet"
              onClick={() => setSeen(seen === number ? null : number)}
            >
              <b>{number}</b> {author}, {ago(published_at)}
              {note && <span className="block text-[12px] text-soft">{note}</span>}
            </button>
          </li>
        ))}
      </ul>
      {revision && (
        <>
          <pre className="sheet mt-2 max-h-52 overflow-auto p-2 font-mono text-[11px] leading-snug">
            {diffLines(revision.text, text).map((part, index) => (
              <span
                // biome-ignore lint/suspicious/noArrayIndexKey: the parts of one difference
                key={index}
                className={part.added ? "text-yes" : part.removed ? "text-no-text line-through" : "text-soft"}
              >
                {part.value}
              </span>
            ))}
          </pre>
          <button
            type="button"
            className="quiet mt-2 w-full px-2 py-1 text-[13px]"
            disabled={revision.text === text}
            onClick={() => onText(revision.text)}
          >
            Take revision {revision.number} up again
          </button>
        </>
      )}
    </section>
  );
}
