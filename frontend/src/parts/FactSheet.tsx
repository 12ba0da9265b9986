import { useState } from "react";
import type { Schemas } from "../api/client";

type Fact = Schemas["Fact"];
type Witness = Schemas["Witness"];

const TITLES: Record<string, string> = {
  machine: "Machine",
  board: "Board",
  firmware: "Firmware",
  security: "Security",
  host: "Host",
  memory: "Memory",
  os: "System",
  licence: "Licence",
  processor: "Processor",
  module: "Modules",
  disk: "Disks",
  partition: "Partitions",
  volume: "Volumes",
  graphics: "Graphics",
  adapter: "Network",
  account: "Accounts",
  software: "Software",
  update: "Updates",
  firewall: "Firewall",
  process: "Processes",
  connection: "Connections",
  neighbour: "Neighbours",
  route: "Routes",
  page_file: "Page file",
  boot_entry: "Start entries",
};
const FEW = 4;

/** "memory installed", "volume free of sys:": a fact's name as a person says it. */
export function nameOf(fact: Fact): string {
  const item = fact.item?.includes(":") ? ` of ${fact.item.slice(fact.item.indexOf(":") + 1)}` : "";
  return fact.name.replace(".", " ").replaceAll("_", " ") + item;
}

function fieldOf(fact: Fact): string {
  return fact.name.slice(fact.name.indexOf(".") + 1).replaceAll("_", " ");
}

function groupOf(fact: Fact): string {
  return fact.name.slice(0, fact.name.indexOf("."));
}

/** Fields whose value says by itself what it is; any other is shown with its name. */
const PLAIN = new Set(
  "maker model serial tag form name edition mount slot type part mac ipv4 full_name media kind channel filesystem number cpu mode profile id title pid program".split(
    " ",
  ),
);

function shown(fact: Fact): string {
  const text = fact.values.map((value) => value.shown).join(" or ");
  return PLAIN.has(fact.name.slice(fact.name.indexOf(".") + 1)) ? text : `${fieldOf(fact)} ${text}`;
}

/** The facts by group; an item is a line. Each value lights the line it was read from. */
export function FactSheet({
  facts,
  isHot = () => false,
  onHot,
  onGo,
}: {
  facts: Fact[];
  isHot?: (witness: Witness) => boolean;
  onHot?: (witness: Witness | null) => void;
  onGo?: (witness: Witness) => void;
}) {
  const groups = Map.groupBy(facts, groupOf);
  return (
    <dl className="mt-1">
      {[...groups].map(([group, own]) => (
        <div key={group} className="grid grid-cols-[84px_1fr] gap-2 border-t border-rule py-2">
          <dt className="text-soft">{TITLES[group] ?? group.replaceAll("_", " ")}</dt>
          <dd className="min-w-0">
            <Lines facts={own} isHot={isHot} onHot={onHot} onGo={onGo} />
          </dd>
        </div>
      ))}
    </dl>
  );
}

interface Handlers {
  isHot: (witness: Witness) => boolean;
  onHot?: (witness: Witness | null) => void;
  onGo?: (witness: Witness) => void;
}

function Lines({ facts, ...handlers }: { facts: Fact[] } & Handlers) {
  const [all, setAll] = useState(false);
  const items = [...Map.groupBy(facts, (fact) => fact.item ?? "")];
  const seen = all ? items : items.slice(0, FEW);
  return (
    <>
      {seen.map(([item, own]) => (
        <p key={item} className="break-words">
          {own.map((fact, index) => (
            <span key={fact.name}>
              {index > 0 && <span className="text-pale"> · </span>}
              <FactValue fact={fact} {...handlers} />
            </span>
          ))}
        </p>
      ))}
      {items.length > FEW && (
        <button
          type="button"
          className="text-[12px] text-soft underline underline-offset-2"
          onClick={() => setAll(!all)}
        >
          {all ? "fewer" : `${items.length - FEW} more`}
        </button>
      )}
    </>
  );
}

function FactValue({ fact, isHot, onHot, onGo }: { fact: Fact } & Handlers) {
  const witness = fact.values[0]?.witnesses.find((w) => w.line > 0);
  const hot = fact.values.some((value) => value.witnesses.some(isHot));
  const told = fact.values
    .flatMap((value) => value.witnesses.map((w) => `${w.source}, line ${w.line}: ${w.printed}`))
    .join("\n");
  const kind = fact.estimated ? " (an estimate)" : fact.derived ? " (follows from other facts)" : "";
  const text = (
    <span className={`${hot ? "bg-wash-doubt" : ""} ${fact.values.length > 1 ? "text-disputed-text" : ""}`}>
      {shown(fact)}
      {fact.estimated && <span className="text-pale"> (estimated)</span>}
    </span>
  );
  const title = `${nameOf(fact)}${kind}\n${told}`;
  if (!witness || !onGo) return <span title={title}>{text}</span>;
  return (
    <button
      type="button"
      tabIndex={-1}
      title={title}
      className="text-left hover:underline"
      onMouseEnter={() => onHot?.(witness)}
      onMouseLeave={() => onHot?.(null)}
      onClick={() => onGo(witness)}
    >
      {text}
    </button>
  );
}
