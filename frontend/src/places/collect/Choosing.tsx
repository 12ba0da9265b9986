import { useMemo, useState } from "react";
import type { Schemas } from "../../api/client";
import { ago, exact, plural } from "../../parts/words";
import { WhereReached } from "./WhereReached";

type Pc = Schemas["Reachable"];
const OLD_DAYS = 30;

/** Every PC by room, with how long ago it was visited; rooms, old ones, or single ones are chosen. */
export function Choosing({
  pcs,
  chosen,
  onChosen,
}: {
  pcs: Pc[];
  chosen: ReadonlySet<number>;
  onChosen: (chosen: ReadonlySet<number>) => void;
}) {
  const [words, setWords] = useState("");
  const [reaching, setReaching] = useState<Pc | null>(null);
  const shown = useMemo(() => pcs.filter((pc) => holds(pc, words)), [pcs, words]);
  const rooms = useMemo(() => byRoom(shown), [shown]);
  const old = shown.filter(isOld);
  const set = (some: Pc[], on: boolean) => {
    const next = new Set(chosen);
    for (const pc of some) on ? next.add(pc.asset.id) : next.delete(pc.asset.id);
    onChosen(next);
  };
  return (
    <div className="flex min-h-0 flex-1 flex-col px-5">
      <div className="flex items-center gap-2">
        <input
          className="field"
          placeholder="Host, room or role"
          aria-label="Show only PCs with"
          value={words}
          onChange={(event) => setWords(event.target.value)}
        />
        <button type="button" className="quiet shrink-0 py-1 text-[13px]" onClick={() => set(shown, true)}>
          All {shown.length}
        </button>
        <button
          type="button"
          className="quiet shrink-0 py-1 text-[13px]"
          disabled={old.length === 0}
          onClick={() => onChosen(new Set(old.map((pc) => pc.asset.id)))}
          title={`Not visited for ${OLD_DAYS} days, or never`}
        >
          Over {OLD_DAYS} d: {old.length}
        </button>
        <button
          type="button"
          className="shrink-0 text-[13px] text-soft underline"
          onClick={() => onChosen(new Set())}
        >
          None
        </button>
      </div>
      <ul className="mt-2 min-h-0 flex-1 overflow-y-auto" aria-label="PCs">
        {rooms.map(([room, members]) => (
          <li key={room} className="mb-2">
            <label className="flex items-baseline gap-2 py-1 font-semibold">
              <input
                type="checkbox"
                checked={members.every((pc) => chosen.has(pc.asset.id))}
                ref={(box) => {
                  const some = members.some((pc) => chosen.has(pc.asset.id));
                  if (box) box.indeterminate = some && !members.every((pc) => chosen.has(pc.asset.id));
                }}
                onChange={(event) => set(members, event.target.checked)}
              />
              {room}
              <span className="font-normal text-pale">{plural(members.length, "PC")}</span>
            </label>
            <ul>
              {members.map((pc) => (
                <li key={pc.asset.id} className="flex items-center gap-2 pl-5">
                  <label className="flex min-w-0 flex-1 items-center gap-2 py-0.5">
                    <input
                      type="checkbox"
                      checked={chosen.has(pc.asset.id)}
                      onChange={(event) => set([pc], event.target.checked)}
                    />
                    <span className="font-mono text-[13px]">{pc.asset.host || pc.asset.tag}</span>
                    <span
                      className="ml-auto text-[12px] text-pale"
                      title={pc.visited_at ? exact(pc.visited_at) : "never met"}
                    >
                      {ago(pc.visited_at)}
                    </span>
                  </label>
                  <button
                    type="button"
                    className="w-[104px] truncate text-left text-[12px] text-soft underline decoration-dotted"
                    title={
                      pc.address
                        ? `Reached at ${pc.address}, port ${pc.port}`
                        : "Where it is reached is not said"
                    }
                    onClick={() => setReaching(pc)}
                    aria-label={`Where ${pc.asset.host || pc.asset.tag} is reached: ${reachedAt(pc)}`}
                  >
                    {reachedAt(pc)}
                  </button>
                </li>
              ))}
            </ul>
          </li>
        ))}
        {rooms.length === 0 && <li className="py-4 text-soft">No PC goes by “{words}”.</li>}
      </ul>
      <WhereReached key={reaching?.asset.id} pc={reaching} onDone={() => setReaching(null)} />
    </div>
  );
}

function reachedAt(pc: Pc): string {
  return pc.address ? `${pc.address}:${pc.port}` : "no address";
}

function holds(pc: Pc, words: string): boolean {
  const { host, tag, room, site, role } = pc.asset;
  const text = `${host} ${tag} ${room} ${site} ${role}`.toLowerCase();
  return words
    .toLowerCase()
    .split(/\s+/)
    .every((word) => text.includes(word));
}

function isOld(pc: Pc): boolean {
  return !pc.visited_at || Date.now() - new Date(pc.visited_at).getTime() > OLD_DAYS * 86_400_000;
}

function byRoom(pcs: Pc[]): [string, Pc[]][] {
  const rooms = new Map<string, Pc[]>();
  for (const pc of pcs) {
    const room = pc.asset.room ? `${pc.asset.room}, ${pc.asset.site}` : pc.asset.site || "No room";
    rooms.set(room, [...(rooms.get(room) ?? []), pc]);
  }
  return [...rooms];
}
