import type { Schemas } from "../../api/client";
import { plural } from "../../parts/words";

/** What the last visit's reports say today otherwise than when they were sealed. The record itself stays. */
export function SinceSealed({ facts }: { facts: Schemas["FactDiffers"][] }) {
  return (
    <section className="sheet mt-5 px-5 pt-4 pb-3" aria-label="Read again since">
      <h2 className="text-[17px]">Read again since it was sealed</h2>
      <p className="mt-0.5 text-soft">
        {plural(facts.length, "fact")} of the last visit would be sealed otherwise today, because phrases were
        taught or the reader has learned. The record stays as it is.
      </p>
      <table className="mt-2 w-full text-[13px]">
        <thead className="text-left text-soft">
          <tr>
            <th className="font-normal">fact</th>
            <th className="font-normal">as sealed</th>
            <th className="font-normal">as read now</th>
          </tr>
        </thead>
        <tbody>
          {facts.slice(0, 30).map((fact) => (
            <tr key={`${fact.name} ${fact.item}`} className="border-t border-rule align-baseline">
              <td className="py-1 font-mono text-[12px]">
                {fact.name} {fact.item?.split(":").slice(1).join(":")}
              </td>
              <td>{fact.sealed || <i className="text-soft">not said</i>}</td>
              <td>{fact.now || <i className="text-soft">not said</i>}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
