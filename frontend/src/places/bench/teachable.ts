import type { Schemas } from "../../api/client";

/** Stands for a phrase that is to mean nothing. */
export const NOTHING = "nothing that counts";
export type Choice = string | null;

/** What is asked about: the words that the phrase is known by, the value, and what it may be. */
export interface Asked {
  label: string;
  after: string | null;
  printed: string;
  headings: string[];
  mayBe: string[];
  fact: string | null;
}

export function wordsOf(text: string): string[] {
  return text.trim().split(/\s+/).filter(Boolean).slice(0, 60);
}

/** The words that look like a line's value: those with a figure in them, else the last one. */
export function statementOf(words: string[]): [number, number] {
  const last = Math.max(0, words.length - 1);
  const from = words.findIndex((word) => /\d/.test(word));
  if (from < 0) return [last, last];
  let to = from;
  while (/\d/.test(words[to + 1] ?? "")) to += 1;
  return [from, UNIT.test(words[to + 1] ?? "") ? to + 1 : to];
}

const UNIT = /^([kKMGT]i?B|[kMG]Hz|[kMG]bit\/s|%|percent|days?|hours?|minutes?)[.,;]?$/;

/** The labelled value that is chosen, or a statement made of the words before and behind the value. */
export function offered(
  line: Schemas["Line"],
  part: number,
  words: string[],
  [from, to]: [number, number],
): Asked {
  const chosen = line.parts[part];
  if (chosen)
    return {
      label: chosen.label,
      after: null,
      printed: chosen.printed,
      headings: chosen.headings,
      mayBe: chosen.may_be,
      fact: chosen.fact,
    };
  return {
    label: words.slice(0, from).join(" "),
    after: words.slice(to + 1).join(" "),
    printed: words.slice(from, to + 1).join(" "),
    headings: line.headings,
    mayBe: line.may_be,
    fact: null,
  };
}
