import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import { Link, useNavigate } from "react-router";
import type { Schemas } from "../../api/client";
import { floor } from "../../api/questions";
import { KEYS } from "../../parts/keys";
import { Empty, Failed, Waiting } from "../../parts/States";
import { Stroke } from "../../parts/Stroke";
import { Tally } from "../../parts/Tally";
import { ago, badness, exact, plural, type Verdict } from "../../parts/words";

type Row = Schemas["FloorAsset"];
interface Sheet {
  key: string;
  title: string;
  place: string;
  rows: Row[];
}

export function byRoom(rows: Row[]): Sheet[] {
  const sheets = new Map<string, Sheet>();
  const size = (site: string) => rows.filter((row) => row.asset.site === site).length;
  for (const row of [...rows].sort((a, b) => size(b.asset.site) - size(a.asset.site))) {
    const key = `${row.asset.site}/${row.asset.room}`;
    const sheet = sheets.get(key) ?? {
      key,
      title: row.asset.room || "No room",
      place: row.asset.site,
      rows: [],
    };
    sheet.rows.push(row);
    sheets.set(key, sheet);
  }
  return [...sheets.values()];
}

export function worstFirst(rows: Row[]): Sheet[] {
  const sorted = [...rows].sort((a, b) => badness(b.strokes) - badness(a.strokes));
  const bad = sorted.filter((row) => badness(row.strokes) >= 1 || !row.visited_at);
  const good = sorted.filter((row) => badness(row.strokes) < 1 && row.visited_at);
  return [
    { key: "bad", title: "Not all yes", place: plural(bad.length, "PC"), rows: bad },
    { key: "good", title: "All yes", place: plural(good.length, "PC"), rows: good },
  ].filter((sheet) => sheet.rows.length > 0);
}

/** The sheets in columns of about equal length, in reading order. */
export function inColumns(sheets: Sheet[], columns: number): Sheet[][] {
  const filled: Sheet[][] = Array.from({ length: columns }, () => []);
  const heights = filled.map(() => 0);
  for (const sheet of sheets) {
    const shortest = heights.indexOf(Math.min(...heights));
    filled[shortest]?.push(sheet);
    heights[shortest] = (heights[shortest] ?? 0) + sheet.rows.length + 2;
  }
  return filled;
}

export function Floor() {
  const { data, error, refetch } = useQuery(floor);
  const [worst, setWorst] = useState(false);
  useHotkeys(KEYS.worst.keys, () => setWorst((now) => !now));
  useRowKeys();
  if (error) return <Failed error={error} again={() => refetch()} />;
  if (!data) return <Waiting what="the office" />;
  if (data.assets.length === 0)
    return (
      <Empty title="No PC is known yet">
        Hand a report in on the <Link to="/bench">Bench</Link>, enter it to a new asset, and it stands here.
      </Empty>
    );
  const allYes = data.assets.filter((row) => row.visited_at && badness(row.strokes) < 1).length;
  const columns = inColumns(worst ? worstFirst(data.assets) : byRoom(data.assets), worst ? 2 : 3);
  return (
    <div className="flex h-full">
      <section className="min-w-0 flex-1 overflow-y-auto px-5 py-5" aria-label="Every PC">
        <div className="flex items-end gap-5">
          <h1 className="text-[28px]">
            {plural(data.assets.length, "PC")}, {allYes} all yes
          </h1>
          <p className="pb-1 text-soft">each tally is the latest sealed visit's</p>
          <div className="ml-auto flex rounded-lg border border-rule bg-sheet p-0.5">
            {[false, true].map((choice) => (
              <button
                key={String(choice)}
                type="button"
                aria-pressed={worst === choice}
                onClick={() => setWorst(choice)}
                className="rounded-md px-3 py-1.5 font-semibold aria-pressed:bg-ink aria-pressed:text-sheet"
              >
                {choice ? "Worst first" : "Rooms"}
              </button>
            ))}
          </div>
        </div>
        <div className="mt-4 flex gap-3">
          {columns.map((sheets) => (
            <div key={sheets[0]?.key ?? "none"} className="flex min-w-0 flex-1 flex-col gap-3">
              {sheets.map((sheet) => (
                <RoomSheet key={sheet.key} sheet={sheet} />
              ))}
            </div>
          ))}
        </div>
      </section>
      <Aside data={data} />
    </div>
  );
}

/** Up and down move between PCs, wherever on the Floor the focus is. */
function useRowKeys() {
  const move = (step: number) => {
    const rows = [...document.querySelectorAll<HTMLElement>("[data-pc]")];
    const now = rows.indexOf(document.activeElement as HTMLElement);
    rows[Math.min(rows.length - 1, Math.max(0, now + step))]?.focus();
  };
  useHotkeys(KEYS.down.keys, () => move(1), { preventDefault: true });
  useHotkeys(KEYS.up.keys, () => move(-1), { preventDefault: true });
}

function RoomSheet({ sheet }: { sheet: Sheet }) {
  return (
    <section className="sheet px-4 pt-3 pb-1" aria-label={`${sheet.title}, ${sheet.place}`}>
      <div className="flex items-baseline justify-between">
        <h2 className="text-[16px]">{sheet.title}</h2>
        <span className="text-[12px] text-pale">{sheet.place}</span>
      </div>
      <ul className="mt-1">
        {sheet.rows.map((row) => (
          <PcRow key={row.asset.id} row={row} />
        ))}
      </ul>
    </section>
  );
}

function PcRow({ row }: { row: Row }) {
  const [at, setAt] = useState<number | null>(null);
  const go = useNavigate();
  const name = row.asset.host || row.asset.tag;
  return (
    <li className="border-t border-rule">
      <Link
        data-pc={row.asset.id}
        to={`/assets/${row.asset.id}`}
        className="flex h-[28px] items-center gap-3 hover:bg-paper"
        onBlur={() => setAt(null)}
        onKeyDown={(event) => {
          const step = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
          if (!step) return;
          event.preventDefault();
          setAt((now) => Math.min(row.strokes.length - 1, Math.max(0, (now ?? -1) + step)));
        }}
      >
        <span className="w-[78px] shrink-0 font-mono text-[13px] font-semibold">{name}</span>
        <span className="min-w-0 flex-1">
          {row.visited_at && (
            <Tally
              strokes={row.strokes}
              height={16}
              at={at}
              onPick={(index) => go(`/assets/${row.asset.id}#answer-${index}`)}
            />
          )}
        </span>
        <span
          className="shrink-0 text-[12px] text-pale"
          title={row.visited_at ? exact(row.visited_at) : "never met"}
        >
          {ago(row.visited_at)}
        </span>
      </Link>
    </li>
  );
}

function Aside({ data }: { data: Schemas["Floor"] }) {
  return (
    <aside className="w-[290px] shrink-0 overflow-y-auto border-l border-rule px-5 py-5">
      <h2 className="text-[17px]">What says no most</h2>
      <ul className="mt-2">
        {data.most_no.map((entry) => (
          <li key={entry.says} className="border-t border-rule py-2">
            <p className="line-clamp-1 font-mono text-[12px]" title={entry.says}>
              {entry.says}
            </p>
            <p className="mt-1 flex items-center gap-2 text-[12px] text-soft">
              <Marks entry={entry} />
              {inWords(entry)}
            </p>
          </li>
        ))}
        {data.most_no.length === 0 && <li className="text-soft">Nothing: every sealed answer is yes.</li>}
      </ul>
      <h2 className="mt-6 text-[17px]">Needs a person</h2>
      <ul className="mt-2">
        {data.matters.map((matter) => (
          <li key={matter.where.join() + matter.what} className="flex gap-3 border-t border-rule py-2.5">
            <Stroke verdict="disputed" height={16} />
            <Where matter={matter} />
          </li>
        ))}
        {data.matters.length === 0 && <li className="text-soft">Nothing waits for a decision.</li>}
      </ul>
    </aside>
  );
}

function Where({ matter }: { matter: Schemas["Matter"] }) {
  const to = matter.visit ? `/bench/${matter.visit}` : matter.asset ? `/assets/${matter.asset}` : null;
  const text = (
    <>
      <span className="block font-mono text-[13px]">{matter.where.join(" · ")}</span>
      <span className="block text-[13px] text-soft">{matter.what}</span>
    </>
  );
  return to ? (
    <Link to={to} className="hover:underline">
      {text}
    </Link>
  ) : (
    <span>{text}</span>
  );
}

const MOST_MARKS = 12;

function Marks({ entry }: { entry: Schemas["MostNo"] }) {
  const marks: Verdict[] = [
    ...Array<Verdict>(entry.no).fill("no"),
    ...Array<Verdict>(entry.disputed).fill("disputed"),
    ...Array<Verdict>(entry.unsaid).fill("unsaid"),
  ];
  return (
    <span className="flex" aria-hidden="true">
      {marks.slice(0, MOST_MARKS).map((verdict, index) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: equal marks in a fixed order
        <Stroke key={index} verdict={verdict} height={15} />
      ))}
    </span>
  );
}

function inWords(entry: Schemas["MostNo"]): string {
  return (["no", "disputed", "unsaid"] as const)
    .filter((verdict) => entry[verdict] > 0)
    .map((verdict) => `${entry[verdict]} ${verdict}`)
    .join(", ");
}
