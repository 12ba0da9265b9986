import type { Schemas } from "../api/client";

export type Verdict = Schemas["Stroke"]["verdict"];

export const VERDICTS: Verdict[] = ["yes", "no", "unsaid", "disputed", "waived"];

/** "13 yes · 2 no · 1 unsaid" */
export function tallyInWords(strokes: { verdict: Verdict }[]): string {
  if (strokes.length === 0) return "nothing to hold it against";
  return VERDICTS.map((verdict) => ({ verdict, n: strokes.filter((s) => s.verdict === verdict).length }))
    .filter(({ n }) => n > 0)
    .map(({ verdict, n }) => `${n} ${verdict}`)
    .join(" · ");
}

/** The worst that a must gets, for sorting: no before disputed before unsaid before yes. */
export function badness(strokes: Schemas["Stroke"][]): number {
  const weight: Record<Verdict, number> = { no: 100, disputed: 10, unsaid: 1, waived: 0.5, yes: 0 };
  return strokes.reduce((sum, s) => sum + weight[s.verdict] * (s.strength === "must" ? 1 : 0.1), 0);
}

/** "today", "2 d", "5 mo": how long ago, at a glance. */
export function ago(iso: string | null, now: Date = new Date()): string {
  if (!iso) return "never met";
  const days = Math.floor((startOfDay(now) - startOfDay(new Date(iso))) / 86_400_000);
  if (days <= 0) return "today";
  if (days < 60) return `${days} d`;
  return `${Math.round(days / 30.4)} mo`;
}

function startOfDay(date: Date): number {
  return new Date(date.getFullYear(), date.getMonth(), date.getDate()).getTime();
}

export function clock(iso: string): string {
  return new Date(iso).toLocaleTimeString("en-GB", { hour: "2-digit", minute: "2-digit" });
}

export function day(iso: string): string {
  return new Date(iso).toLocaleDateString("en-GB", { day: "numeric", month: "short", year: "numeric" });
}

export function exact(iso: string): string {
  return `${day(iso)}, ${clock(iso)}`;
}

/** "0.3 s", "4 s", "2 min": how long something takes. */
export function span(seconds: number): string {
  if (seconds < 10) return `${seconds.toFixed(1).replace(/\.0$/, "")} s`;
  if (seconds < 120) return `${Math.round(seconds)} s`;
  return `${Math.round(seconds / 60)} min`;
}

export function plural(n: number, one: string): string {
  return `${n} ${one}${n === 1 ? "" : "s"}`;
}
