import { type CompletionContext, type CompletionResult, snippetCompletion } from "@codemirror/autocomplete";
import { HighlightStyle, StreamLanguage, syntaxHighlighting } from "@codemirror/language";
import { tags } from "@lezer/highlight";
import { api, type Schemas, told } from "../../api/client";

const WORDS =
  /^(?:must|should|every|some|no|where|and|or|not|because|at|least|most|above|below|between|is|one|of|like|matches|contains|within|after|before|known|count|same|across|today|spec|for)\b/;

/** How the language of expectations is coloured: our own words, facts, quantities, texts, remarks. */
export const expectations = StreamLanguage.define({
  token(stream) {
    if (stream.eatSpace()) return null;
    if (stream.match(/^#.*/)) return "comment";
    if (stream.match(/^"[^"]*"?/)) return "string";
    if (stream.match(/^(?:must|should|spec|for)\b/)) return "heading";
    if (stream.match(WORDS)) return "keyword";
    if (stream.match(/^[a-z_]+\.[a-z0-9_]+/)) return "variableName";
    if (
      stream.match(
        /^\d[\d.-]*(?: ?(?:%|[kKMGTP]?i?B|[kMG]?Hz|MT\/s|[kMG]?bit\/s|(?:second|minute|hour|day|week)s?)(?!\w))?/,
      )
    )
      return "number";
    stream.match(/^[\w-]+|./);
    return null;
  },
});

export const colours = syntaxHighlighting(
  HighlightStyle.define([
    { tag: tags.heading, fontWeight: "600", color: "var(--color-ink)" },
    { tag: tags.keyword, color: "var(--color-soft)" },
    { tag: tags.variableName, color: "var(--color-yes)", fontWeight: "600" },
    { tag: tags.number, color: "var(--color-waived)", fontWeight: "600" },
    { tag: tags.string, color: "var(--color-disputed-text)" },
    { tag: tags.comment, color: "var(--color-pale)", fontStyle: "italic" },
  ]),
);

const TESTS = [
  "at least",
  "at most",
  "above",
  "below",
  "between",
  "is",
  "is not",
  "is one of",
  "is not one of",
  "is known",
  "like",
  "matches",
  "contains",
  "within",
  "after",
  "before",
];
const STARTS = [
  snippetCompletion(`must \${fact} \${at least …}`, { label: "must" }),
  snippetCompletion(`should \${fact} \${at least …}`, { label: "should" }),
];

/** What may follow: facts, items and fields, tests, and the values of a fact that were met in this office. */
export function completing(facts: () => Schemas["CatalogueEntry"][]) {
  return async (context: CompletionContext): Promise<CompletionResult | null> => {
    const line = context.state.doc.lineAt(context.pos);
    const before = line.text.slice(0, context.pos - line.from);
    const word = context.matchBefore(/[\w."-]*/);
    if (!word || (word.from === word.to && !context.explicit)) return null;
    if (/^\s*\w*$/.test(before)) return { from: word.from, options: STARTS };
    const names = facts();
    const group =
      /\b(?:every|some|no|count of) (\w+)\b[^:]*$/.exec(before)?.[1] ?? / across (\w*)$/.exec(before)?.[1];
    const valued =
      /([a-z_]+(?:\.[a-z0-9_]+)?) (?:is(?: not)?(?: one of(?: [^,]+,)*)?|like|within|contains) *["\w.-]*$/.exec(
        before,
      );
    if (valued?.[1]) {
      const name = valued[1].includes(".") ? valued[1] : `${itemOf(before)}.${valued[1]}`;
      const known = names.find((fact) => fact.name === name);
      if (known) return { from: word.from, options: await valuesOf(known) };
    }
    if (/\b(?:every|some|no|count of|across) \w*$/.test(before))
      return { from: word.from, options: groupsOf(names).map((label) => ({ label, type: "class" })) };
    const item = group && names.some((fact) => fact.group === group) ? group : null;
    return {
      from: word.from,
      options: [
        ...(item
          ? names
              .filter((f) => f.group === item)
              .map((f) => ({ label: f.name.slice(item.length + 1), detail: f.kind }))
          : []),
        ...names.map((fact) => ({ label: fact.name, detail: fact.kind })),
        ...TESTS.map((label) => ({ label, type: "keyword" })),
      ],
    };
  };
}

function itemOf(before: string): string {
  return /\b(?:every|some|no|count of) (\w+)\b/.exec(before)?.[1] ?? "";
}

function groupsOf(facts: Schemas["CatalogueEntry"][]): string[] {
  return [...new Set(facts.filter((fact) => fact.item).map((fact) => fact.group))];
}

async function valuesOf(fact: Schemas["CatalogueEntry"]) {
  if (fact.choices.length > 0) return fact.choices.map((label) => ({ label, type: "constant" }));
  if (fact.kind === "flag") return ["yes", "no"].map((label) => ({ label, type: "constant" }));
  const met = await told(api.GET("/api/specs/values/{fact}", { params: { path: { fact: fact.name } } }));
  return met.map((value) => ({ label: fact.kind === "text" ? `"${value}"` : value, detail: "met here" }));
}
