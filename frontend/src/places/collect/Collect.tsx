import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useLocation, useNavigate, useParams } from "react-router";
import { reachable, runs } from "../../api/questions";
import { Empty, Failed, Waiting } from "../../parts/States";
import { clock, day } from "../../parts/words";
import { Choosing } from "./Choosing";
import { RunView } from "./RunView";
import { StartPanel } from "./StartPanel";

/** Choose PCs on the left, say what to ask, and watch them answer on the right. */
export function Collect() {
  const { run: asked } = useParams();
  const go = useNavigate();
  const list = useQuery(reachable);
  const latest = useQuery(runs);
  const [chosen, setChosen] = useState<ReadonlySet<number>>(new Set());
  const number = asked ? Number(asked) : (latest.data?.[0]?.id ?? null);
  if (list.error) return <Failed error={list.error} again={() => list.refetch()} />;
  if (!list.data) return <Waiting what="the PCs" />;
  return (
    <div className="grid h-full grid-cols-[392px_minmax(0,1fr)]">
      <section aria-label="What to collect" className="flex min-h-0 flex-col border-r border-rule">
        <h1 className="sr-only">Collect</h1>
        <CollectTabs />
        <Choosing pcs={list.data} chosen={chosen} onChosen={setChosen} />
        <StartPanel chosen={[...chosen]} onStarted={(id) => go(`/collect/${id}`)} />
      </section>
      <section aria-label="Run" className="flex min-h-0 flex-col">
        {number === null ? (
          <Empty title="Nothing was collected yet">
            Choose PCs on the left, say who asks, and press Ask. Each PC then stands here as a line that fills
            as it answers.
          </Empty>
        ) : (
          <>
            {latest.data && latest.data.length > 1 && (
              <label className="flex items-center justify-end gap-2 px-6 pt-3 text-[12px] text-soft">
                Run
                <select
                  className="field w-auto max-w-80"
                  value={number}
                  onChange={(event) => go(`/collect/${event.target.value}`)}
                >
                  {latest.data.map((each) => (
                    <option key={each.id} value={each.id}>
                      {day(each.started_at)}, {clock(each.started_at)} · {each.name} · {each.by}
                    </option>
                  ))}
                </select>
              </label>
            )}
            <RunView key={number} number={number} />
          </>
        )}
      </section>
    </div>
  );
}

const TABS = [
  { to: "/collect", name: "Ask PCs" },
  { to: "/collect/sheets", name: "Ask sheets" },
];

export function CollectTabs() {
  const { pathname } = useLocation();
  const here = TABS[pathname.startsWith("/collect/sheets") ? 1 : 0]?.to;
  return (
    <nav aria-label="Collect" className="flex gap-5 px-5 pt-4 pb-2">
      {TABS.map(({ to, name }) => (
        <Link
          key={to}
          to={to}
          aria-current={to === here ? "page" : undefined}
          className={to === here ? "font-semibold underline decoration-2 underline-offset-4" : "text-soft"}
        >
          {name}
        </Link>
      ))}
    </nav>
  );
}
