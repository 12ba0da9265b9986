import { keepPreviousData, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import clsx from "clsx";
import { useEffect, useId, useMemo, useRef, useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import { api, type Schemas, told } from "../../api/client";
import { afterTeaching, catalogue, lineOf, preview } from "../../api/questions";
import { Changes } from "../../parts/Changes";
import { KEYS } from "../../parts/keys";
import { Failed, Waiting } from "../../parts/States";
import { useSettled } from "../../parts/useSettled";
import { type Asked, type Choice, NOTHING, offered, statementOf, wordsOf } from "./teachable";

export interface TeachSpot {
  report: string;
  command: string;
  line: number;
}

/** One line becomes a phrase: which part is the value, what it stands for, how far the phrase reaches. */
export function Teaching({
  spot,
  onLit,
  onClose,
}: {
  spot: TeachSpot;
  onLit: (places: Schemas["Change"][]) => void;
  onClose: () => void;
}) {
  const line = useQuery(lineOf(spot));
  useHotkeys(KEYS.leave.keys, onClose, { enableOnFormTags: true });
  const panel = useRef<HTMLElement>(null);
  const waits = line.data === undefined;
  useEffect(() => {
    if (waits) panel.current?.focus();
  }, [waits]);
  return (
    // Who types before the line is there means this panel, and must not be led to another place by a letter.
    <section
      ref={panel}
      tabIndex={-1}
      className="flex min-h-0 flex-col border-l border-rule outline-none"
      aria-label="Teach a phrase"
      onKeyDown={(event) => event.key.length === 1 && event.stopPropagation()}
    >
      <div className="flex items-baseline justify-between px-5 pt-5">
        <h1 className="text-[20px]">What does line {spot.line} say?</h1>
        <button type="button" className="text-soft underline underline-offset-2" onClick={onClose}>
          leave <kbd className="key ml-1">Esc</kbd>
        </button>
      </div>
      {line.error ? (
        <Failed error={line.error} again={() => line.refetch()} />
      ) : line.data ? (
        <Form
          key={`${spot.report} ${spot.line}`}
          spot={spot}
          line={line.data}
          onLit={onLit}
          onClose={onClose}
        />
      ) : (
        <Waiting what="the line" />
      )}
    </section>
  );
}

function Form({
  spot,
  line,
  onLit,
  onClose,
}: {
  spot: TeachSpot;
  line: Schemas["Line"];
  onLit: (places: Schemas["Change"][]) => void;
  onClose: () => void;
}) {
  const queries = useQueryClient();
  const facts = useQuery(catalogue);
  const name = useId();
  const words = useMemo(() => wordsOf(line.text), [line.text]);
  const [part, setPart] = useState(0);
  const [value, setValue] = useState<[number, number]>(() => statementOf(words));
  const [fact, setFact] = useState<Choice>(null);
  const [heading, setHeading] = useState("");
  const [wanted, setWanted] = useState(false);
  const asked: Asked = offered(line, part, words, value);
  const phrase: Schemas["Taught"] = {
    label: asked.label,
    after: asked.after,
    printed: asked.printed,
    fact: fact === NOTHING ? null : fact,
    heading,
    report: spot.report,
    command: spot.command,
    line: spot.line,
  };
  const settled = useSettled(phrase, 200);
  const stands = JSON.stringify(settled) === JSON.stringify(phrase);
  const seen = useQuery({
    ...preview(settled),
    enabled: stands && fact !== null && settled.label + (settled.after ?? "") !== "",
    placeholderData: keepPreviousData,
  });
  const found = fact === null ? undefined : seen.data;
  useEffect(() => onLit(found?.changes ?? []), [found, onLit]);
  useEffect(() => () => onLit([]), [onLit]);
  const teach = useMutation({
    mutationFn: () => told(api.POST("/api/phrases", { body: phrase })),
    onSuccess: async () => {
      await Promise.all(afterTeaching.map((queryKey) => queries.invalidateQueries({ queryKey })));
      onClose();
    },
  });
  const looked = stands && !seen.isPlaceholderData;
  const ready = found !== undefined && looked && !found.refused && !teach.isPending;
  // Who presses Enter before the preview is there means what was chosen; it is taught when nothing speaks against it.
  const { mutate } = teach;
  useEffect(() => {
    if (wanted && looked && found) {
      setWanted(false);
      if (ready) mutate();
    }
  }, [wanted, looked, found, ready, mutate]);
  return (
    <form
      className="flex min-h-0 flex-1 flex-col"
      onSubmit={(event) => {
        event.preventDefault();
        setWanted(true);
      }}
    >
      <div className="min-h-0 flex-1 overflow-y-auto px-5 pb-4">
        {line.parts.length > 0 ? (
          <Parts parts={line.parts} part={part} name={name} onPart={setPart} />
        ) : (
          <Words words={words} value={value} onValue={setValue} />
        )}
        <StandsFor
          key={part}
          facts={facts.data ?? []}
          likely={asked.mayBe}
          now={asked.fact}
          chosen={fact}
          onChoose={setFact}
        />
        <fieldset className="mt-3 text-[13px]">
          <legend className="font-semibold">Where</legend>
          {["", ...asked.headings.slice(0, 3)].map((each) => (
            <label key={each} className="mt-0.5 flex items-baseline gap-1.5">
              <input
                type="radio"
                name={`${name}-where`}
                checked={heading === each}
                onChange={() => setHeading(each)}
              />
              {each === "" ? (
                "wherever it stands"
              ) : (
                <span className="min-w-0">
                  only under <code className="font-mono break-all">{each}</code>
                </span>
              )}
            </label>
          ))}
        </fieldset>
        {found && (
          <div className="mt-4" aria-live="polite">
            {found.refused ? (
              <p role="alert" className="rounded-lg bg-wash-no px-3 py-2 text-no-text first-letter:uppercase">
                {found.refused}.
              </p>
            ) : (
              <Changes found={found} here={spot.report} />
            )}
          </div>
        )}
        {(teach.error || seen.error) && (
          <p role="alert" className="mt-3 rounded-lg bg-wash-no px-3 py-2 text-no-text">
            {(teach.error ?? seen.error)?.message}
          </p>
        )}
      </div>
      <div className="border-t border-rule bg-sheet px-5 py-3">
        <button type="submit" className="deed w-full" disabled={fact === null || (looked && !ready)}>
          {teach.isPending ? "Teaching …" : "Teach it to the team"} <kbd className="key ml-1">↵</kbd>
        </button>
      </div>
    </form>
  );
}

function Parts({
  parts,
  part,
  name,
  onPart,
}: {
  parts: Schemas["Part"][];
  part: number;
  name: string;
  onPart: (part: number) => void;
}) {
  return (
    <fieldset className="mt-3">
      <legend className="sr-only">Which value</legend>
      {parts.map((each, index) => (
        <label
          key={`${each.label} ${each.column}`}
          className={clsx(
            "mt-1 flex items-baseline gap-2 rounded border px-2.5 py-1.5 font-mono text-[13px]",
            index === part ? "border-ink bg-sheet" : "border-rule text-soft",
          )}
        >
          <input
            type="radio"
            className={parts.length > 1 ? "" : "sr-only"}
            name={`${name}-part`}
            checked={index === part}
            onChange={() => onPart(index)}
          />
          <span>{each.label}</span>
          <b className="min-w-0 break-all">{each.printed || "(nothing)"}</b>
        </label>
      ))}
    </fieldset>
  );
}

/** A line without a label: the words that are the value are chosen, the others are how the line is known again. */
function Words({
  words,
  value: [from, to],
  onValue,
}: {
  words: string[];
  value: [number, number];
  onValue: (value: [number, number]) => void;
}) {
  const choose = (index: number) => {
    if (index === from && index === to) return;
    if (index < from) onValue([index, to]);
    else if (index > to) onValue([from, index]);
    else onValue([index, index]);
  };
  return (
    <fieldset className="mt-3">
      <legend className="text-[13px]">
        Choose the words that are the value; the others tell the line again.
      </legend>
      <div className="mt-1.5 flex flex-wrap gap-1">
        {words.map((word, index) => (
          <button
            // biome-ignore lint/suspicious/noArrayIndexKey: the words of a line never move
            key={index}
            type="button"
            aria-pressed={index >= from && index <= to}
            onClick={() => choose(index)}
            className={clsx(
              "rounded border px-1.5 py-0.5 font-mono text-[13px]",
              index >= from && index <= to ? "border-ink bg-sheet font-semibold" : "border-rule text-soft",
            )}
          >
            {word}
          </button>
        ))}
      </div>
    </fieldset>
  );
}

const SHOWN = 7;

function StandsFor({
  facts,
  likely,
  now,
  chosen,
  onChoose,
}: {
  facts: Schemas["CatalogueEntry"][];
  likely: string[];
  now: string | null;
  chosen: Choice;
  onChoose: (fact: Choice) => void;
}) {
  const [typed, setTyped] = useState("");
  const list = useId();
  const needle = typed.trim().toLowerCase().replaceAll(" ", "");
  const all = likely.length > 0 ? likely : facts.map((fact) => fact.name);
  const others = facts.map((fact) => fact.name).filter((each) => !likely.includes(each));
  const fitting = (needle && likely.length > 0 ? [...all, ...others] : all)
    .filter((each) => each.replaceAll(/[._]/g, "").includes(needle.replaceAll(/[._]/g, "")))
    .filter((each) => each !== now || needle !== "")
    .slice(0, SHOWN);
  const rows: (string | typeof NOTHING)[] = needle && fitting.length ? fitting : [...fitting, NOTHING];
  const at = rows.indexOf(chosen ?? "");
  const move = (step: number) => {
    const next = rows[Math.min(rows.length - 1, Math.max(0, at + step))];
    if (next !== undefined) onChoose(next);
  };
  return (
    <div className="mt-4">
      <label className="font-semibold" htmlFor={`${list}-box`}>
        It stands for
      </label>
      <input
        id={`${list}-box`}
        className="field mt-1"
        placeholder="type part of a fact, or choose with the arrows"
        value={typed}
        // biome-ignore lint/a11y/noAutofocus: the panel was asked for, and this is its one question
        autoFocus
        role="combobox"
        aria-expanded
        aria-controls={list}
        aria-activedescendant={at >= 0 ? `${list}-${at}` : undefined}
        onChange={(event) => {
          setTyped(event.target.value);
          onChoose(null);
        }}
        onKeyDown={(event) => {
          if (event.key === "ArrowDown" || event.key === "ArrowUp") {
            event.preventDefault();
            move(event.key === "ArrowDown" ? 1 : -1);
          }
        }}
      />
      <div id={list} role="listbox" aria-label="Facts" className="mt-1">
        {rows.map((row, index) => (
          <div
            key={row}
            id={`${list}-${index}`}
            role="option"
            aria-selected={row === chosen}
            tabIndex={-1}
            onClick={() => onChoose(row)}
            onKeyDown={(event) => event.key === " " && onChoose(row)}
            className={clsx(
              "flex cursor-pointer justify-between gap-3 rounded px-2 py-0.5",
              row === chosen ? "bg-ink text-sheet" : "hover:bg-sheet",
            )}
          >
            {row === NOTHING ? (
              <span className="italic">nothing that counts</span>
            ) : (
              <span className="font-mono text-[13px]">{row}</span>
            )}
            <span className={clsx("text-[12px]", row === chosen ? "" : "text-soft")}>
              {row === NOTHING ? "" : kindOf(facts, row)}
            </span>
          </div>
        ))}
      </div>
      {now && <p className="mt-1 text-[12px] text-soft">Read as {now} now.</p>}
    </div>
  );
}

function kindOf(facts: Schemas["CatalogueEntry"][], name: string): string {
  const fact = facts.find((each) => each.name === name);
  if (!fact) return "";
  if (fact.choices.length > 0)
    return fact.choices.length > 4 ? `one of ${fact.choices.length} words` : fact.choices.join(", ");
  return fact.kind === "flag" ? "yes or no" : fact.kind;
}
