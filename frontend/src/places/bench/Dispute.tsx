import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Schemas, told } from "../../api/client";
import { afterChange, me } from "../../api/questions";
import { nameOf } from "../../parts/FactSheet";
import { Stroke } from "../../parts/Stroke";
import { exact } from "../../parts/words";
import type { Spot } from "./Bench";

type Fact = Schemas["Fact"];
type Visit = Schemas["VisitDetail"];

/** A dispute is a question: who says what and where, and whom a person believes, with the reason. */
export function Dispute({ visit, fact, onGo }: { visit: Visit; fact: Fact; onGo: (spot: Spot) => void }) {
  const role = useQuery(me).data?.role;
  const { rule, takeBack, trouble, busy } = useRuling(visit, fact);
  const [choice, setChoice] = useState<number | null>(null);
  const [why, setWhy] = useState("");
  const may = visit.state === "open" && role !== undefined && role !== "reader";
  const lapsed = visit.lapsed.find((each) => each.fact === fact.name && each.item === fact.item);
  return (
    <section
      aria-label={`${nameOf(fact)} disputed`}
      className={`mt-4 rounded-[10px] border p-3.5 ${fact.ruled ? "border-rule bg-sheet" : "border-disputed/40 bg-wash-doubt"}`}
    >
      <h2 className="flex items-center gap-2 text-[15px]">
        <Stroke verdict={fact.ruled ? "yes" : "disputed"} height={17} />{" "}
        <span className="first-letter:uppercase">
          {fact.ruled
            ? `${nameOf(fact)}: ${fact.values[0]?.shown}, as ruled`
            : `${nameOf(fact)}: which is true?`}
        </span>
      </h2>
      {fact.ruled && (
        <p className="mt-1 text-[13px]">
          “{fact.ruled.why}”{" "}
          <span className="text-soft">
            {fact.ruled.by}, {exact(fact.ruled.at)}
          </span>
        </p>
      )}
      {lapsed && (
        <p className="mt-1 text-[13px]">
          {lapsed.by} ruled on this (“{lapsed.why}”); a witness has spoken since who was not heard then.
        </p>
      )}
      <table className="mt-1.5 w-full text-[13px]">
        <tbody>
          {fact.values.flatMap((value, place) =>
            value.witnesses.map((witness, index) => (
              <tr key={`${value.shown} ${witness.source} ${witness.line}`}>
                <td className="max-w-36 truncate py-0.5 pr-2 text-soft" title={witness.source}>
                  {witness.source}
                </td>
                <td className="pr-2 font-mono font-semibold whitespace-nowrap">{witness.shown}</td>
                <td className="text-right whitespace-nowrap">
                  <button
                    type="button"
                    className="underline decoration-rule underline-offset-2"
                    onClick={() => onGo({ report: witness.report, line: witness.line })}
                  >
                    line {witness.line}
                  </button>
                  {may && !fact.ruled && index === 0 && (
                    <button
                      type="button"
                      aria-pressed={choice === place}
                      className="ml-3 underline underline-offset-2 aria-pressed:font-bold"
                      onClick={() => setChoice(choice === place ? null : place)}
                    >
                      believe {value.shown}
                    </button>
                  )}
                </td>
              </tr>
            )),
          )}
        </tbody>
      </table>
      {choice !== null && !fact.ruled && (
        <form
          className="mt-2 flex gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            rule({ choice, why });
          }}
        >
          <input
            // biome-ignore lint/a11y/noAutofocus: it was just asked for
            autoFocus
            className="field"
            aria-label={`Why ${fact.values[choice]?.shown}`}
            placeholder={`why ${fact.values[choice]?.shown}? it stands in the record`}
            value={why}
            onChange={(event) => setWhy(event.target.value)}
          />
          <button type="submit" className="deed shrink-0 py-1" disabled={!why.trim() || busy}>
            Rule
          </button>
        </form>
      )}
      {fact.ruled && may && (
        <button
          type="button"
          className="mt-1 text-[12px] text-soft underline underline-offset-2"
          disabled={busy}
          onClick={() => takeBack()}
        >
          take the ruling back
        </button>
      )}
      {trouble && (
        <p role="alert" className="mt-2 text-no-text first-letter:uppercase">
          {trouble.message}
        </p>
      )}
    </section>
  );
}

function useRuling(visit: Visit, fact: Fact) {
  const queries = useQueryClient();
  const onSettled = () => Promise.all(afterChange.map((queryKey) => queries.invalidateQueries({ queryKey })));
  const params = { path: { number: visit.id } };
  const place = { version: visit.version, fact: fact.name, item: fact.item };
  const ruling = useMutation({
    mutationFn: (given: { choice: number; why: string }) =>
      told(api.POST("/api/visits/{number}/rulings", { params, body: { ...place, ...given } })),
    onSettled,
  });
  const back = useMutation({
    mutationFn: () => told(api.POST("/api/visits/{number}/rulings/take-back", { params, body: place })),
    onSettled,
  });
  return {
    rule: ruling.mutate,
    takeBack: back.mutate,
    trouble: ruling.error ?? back.error,
    busy: ruling.isPending || back.isPending,
  };
}
