import { useQuery } from "@tanstack/react-query";
import { useParams } from "react-router";
import { asset as ask } from "../../api/questions";
import { FactSheet } from "../../parts/FactSheet";
import { Findings } from "../../parts/Findings";
import { Empty, Failed, Waiting } from "../../parts/States";
import { Tally } from "../../parts/Tally";
import { exact, tallyInWords } from "../../parts/words";
import { AgainstSpec } from "./AgainstSpec";
import { InsideCase } from "./InsideCase";
import { SinceSealed } from "./SinceSealed";
import { Visits } from "./Visits";

const INSIDE = new Set(["processor", "module", "disk", "partition", "volume", "adapter"]);

/** One PC's ledger page: against its spec, inside the case, its visits and records. */
export function AssetPage() {
  const { asset: number } = useParams();
  const { data, error, refetch } = useQuery(ask(Number(number)));
  if (error) return <Failed error={error} again={() => refetch()} />;
  if (!data) return <Waiting what="the asset" />;
  const { asset } = data;
  const record = data.visits[0]?.record;
  const rest = data.facts.filter((fact) => !INSIDE.has(fact.name.split(".")[0] ?? ""));
  return (
    <div className="h-full overflow-y-auto px-6 py-4">
      <p className="text-soft">
        {[asset.site, asset.room, asset.desk, asset.role].filter(Boolean).join(" · ")}
      </p>
      <div className="flex items-end gap-6">
        <h1 className="text-[32px]">{asset.host || asset.tag}</h1>
        <div className="flex items-end gap-6 pb-1">
          <Tally
            strokes={data.answers}
            height={32}
            focusable
            onPick={(index) =>
              document.getElementById(`answer-${index}`)?.scrollIntoView({ block: "center" })
            }
          />
          <span className="text-soft">{data.answers.length > 0 && tallyInWords(data.answers)}</span>
        </div>
        <p className="ml-auto text-right text-[13px] text-soft">
          <span className="font-mono">{[asset.tag, data.serial].filter(Boolean).join(" · ")}</span>
          {record && data.taken_at && (
            <span className="block">
              visited {exact(data.taken_at)} · record {record.number}{" "}
              <span className={record.whole ? "text-yes" : "font-bold text-no-text"}>
                {record.whole ? "seal whole" : "seal broken: it was changed after sealing"}
              </span>
            </span>
          )}
        </p>
      </div>
      {data.visits.length === 0 ? (
        <Empty title="Never met">
          No visit of this PC is sealed yet. Hand its reports in on the Bench and enter them to {asset.tag}.
        </Empty>
      ) : (
        <>
          <div className="mt-4 grid grid-cols-[minmax(0,1fr)_430px] items-start gap-5">
            <AgainstSpec asset={asset.id} answers={data.answers} specs={data.specs} />
            <div className="min-w-0">
              {data.findings.length + data.crossings.length > 0 && (
                <div className="sheet mb-5 px-5 pb-2">
                  <Findings findings={data.findings} crossings={data.crossings} />
                </div>
              )}
              <section className="sheet px-5 pt-4 pb-2" aria-label="Inside the case">
                <h2 className="text-[17px]">Inside the case</h2>
                <InsideCase facts={data.facts} answers={data.answers} />
                <FactSheet facts={rest} />
              </section>
            </div>
          </div>
          {data.since_sealed.length > 0 && <SinceSealed facts={data.since_sealed} />}
          <Visits visits={data.visits} />
        </>
      )}
    </div>
  );
}
