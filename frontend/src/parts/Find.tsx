import { useQuery } from "@tanstack/react-query";
import { useId, useRef, useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import { useNavigate } from "react-router";
import type { Schemas } from "../api/client";
import { floor } from "../api/questions";
import { KEYS } from "./keys";
import { Tally } from "./Tally";

const MOST = 8;

/** PCs whose host, tag, room or role holds every word asked for; names that begin with it first. */
export function matching(assets: Schemas["FloorAsset"][], asked: string): Schemas["FloorAsset"][] {
  const words = asked.toLowerCase().split(/\s+/).filter(Boolean);
  if (words.length === 0) return [];
  const text = ({ asset }: Schemas["FloorAsset"]) =>
    [asset.host, asset.tag, asset.room, asset.site, asset.role, asset.desk].join(" ").toLowerCase();
  const first = (words[0] ?? "").toLowerCase();
  return assets
    .filter((row) => words.every((word) => text(row).includes(word)))
    .sort((a, b) => Number(b.asset.host.startsWith(first)) - Number(a.asset.host.startsWith(first)))
    .slice(0, MOST);
}

/** One box to find a PC; arrows choose, Enter goes there. */
export function Find() {
  const { data } = useQuery(floor);
  const [asked, setAsked] = useState("");
  const [at, setAt] = useState(0);
  const box = useRef<HTMLInputElement>(null);
  const list = useId();
  const go = useNavigate();
  useHotkeys(KEYS.find.keys, () => box.current?.focus(), { preventDefault: true });
  const found = matching(data?.assets ?? [], asked);
  const pick = (row: Schemas["FloorAsset"] | undefined) => {
    if (!row) return;
    setAsked("");
    box.current?.blur();
    go(`/assets/${row.asset.id}`);
  };
  return (
    <div className="relative">
      <input
        ref={box}
        role="combobox"
        aria-label="Find a PC"
        aria-expanded={asked !== ""}
        aria-controls={list}
        aria-activedescendant={found[at] ? `${list}-${at}` : undefined}
        className="sheet h-9 w-62 px-3 placeholder:text-pale"
        placeholder="Find a PC, a tag, a room …"
        value={asked}
        onChange={(event) => {
          setAsked(event.target.value);
          setAt(0);
        }}
        onBlur={() => setTimeout(() => setAsked(""), 150)}
        onKeyDown={(event) => {
          if (event.key === "ArrowDown") setAt((now) => Math.min(found.length - 1, now + 1));
          else if (event.key === "ArrowUp") setAt((now) => Math.max(0, now - 1));
          else if (event.key === "Enter") pick(found[at]);
          else if (event.key === "Escape") {
            setAsked("");
            box.current?.blur();
          } else return;
          event.preventDefault();
        }}
      />
      {asked === "" && <kbd className="key absolute top-2.5 right-2.5">/</kbd>}
      <div
        id={list}
        role="listbox"
        aria-label="PCs found"
        className={asked ? "sheet absolute right-0 z-40 mt-1 w-96 p-1 shadow-lg" : "hidden"}
      >
        {asked && found.length === 0 && (
          <p className="px-3 py-2 text-soft">No PC has that in its name, tag, room or role.</p>
        )}
        {found.map((row, index) => (
          // biome-ignore lint/a11y/useKeyWithClickEvents: the box above has the keys
          <div
            key={row.asset.id}
            id={`${list}-${index}`}
            role="option"
            tabIndex={-1}
            aria-selected={index === at}
            className={`flex cursor-pointer items-center gap-3 rounded px-3 py-1.5 ${index === at ? "bg-paper" : ""}`}
            onMouseEnter={() => setAt(index)}
            onClick={() => pick(row)}
          >
            <span className="w-24 font-mono font-semibold">{row.asset.host || row.asset.tag}</span>
            <span className="flex-1 truncate text-[12px] text-soft">
              {row.asset.room}, {row.asset.desk}
            </span>
            <Tally strokes={row.strokes} height={13} />
          </div>
        ))}
      </div>
    </div>
  );
}
