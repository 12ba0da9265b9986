import type { Schemas } from "../../api/client";

/** "Zustandsnote → disk.health, under “Platte”" */
export function PhraseInWords({ phrase }: { phrase: Schemas["PhraseText"] & { off_at?: string | null } }) {
  return (
    <span className={phrase.off_at ? "text-soft line-through" : ""}>
      <span className="font-mono text-[13px]">
        {phrase.label}
        {phrase.after !== null && ` … ${phrase.after}`}
      </span>
      {" → "}
      {phrase.fact ? <b className="font-mono text-[13px]">{phrase.fact}</b> : <i>nothing that counts</i>}
      {phrase.heading && <span className="text-soft"> under “{phrase.heading}”</span>}
    </span>
  );
}
