import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { api, type Schemas, told } from "../../api/client";
import { afterTeaching, phraseSays } from "../../api/questions";
import { Changes } from "../../parts/Changes";
import { Waiting } from "../../parts/States";
import { exact } from "../../parts/words";
import { PhraseInWords } from "./PhraseInWords";

/** One phrase of the book: who taught it from what, what it says in the stored reports, and its switch. */
export function OnePhrase({ phrase }: { phrase: Schemas["Phrase"] }) {
  const queries = useQueryClient();
  const says = useQuery(phraseSays(phrase.id));
  const turn = useMutation({
    mutationFn: () => {
      const params = { path: { number: phrase.id } };
      return told(
        phrase.off_at
          ? api.POST("/api/phrases/{number}/on", { params })
          : api.POST("/api/phrases/{number}/off", { params }),
      );
    },
    onSettled: () => Promise.all(afterTeaching.map((queryKey) => queries.invalidateQueries({ queryKey }))),
  });
  return (
    <>
      <h2 className="text-[18px]">
        <PhraseInWords phrase={phrase} />
      </h2>
      <p className="mt-1 text-soft">
        {phrase.taught_by} taught it on {exact(phrase.taught_at)}
        {phrase.printed && (
          <>
            {" "}
            from <code className="font-mono text-[13px]">{phrase.printed}</code>
            {phrase.report && (
              <>
                {" "}
                in{" "}
                <a className="underline underline-offset-2" href={`/api/reports/${phrase.report}`}>
                  report {phrase.report.slice(0, 8)}
                </a>
                , line {phrase.line}
              </>
            )}
          </>
        )}
        .{phrase.off_at && ` ${phrase.off_by} switched it off on ${exact(phrase.off_at)}.`}
      </p>
      <button type="button" className="quiet mt-3" disabled={turn.isPending} onClick={() => turn.mutate()}>
        {phrase.off_at ? "Switch it on again" : "Switch it off"}
      </button>
      {turn.error && (
        <p role="alert" className="mt-2 rounded-lg bg-wash-no px-3 py-2 text-no-text first-letter:uppercase">
          {turn.error.message}
        </p>
      )}
      <div className="mt-5">
        {says.data ? <Changes found={says.data} /> : says.isPending && <Waiting what="what it says" />}
      </div>
    </>
  );
}
