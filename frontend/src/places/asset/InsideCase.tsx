import type { Schemas } from "../../api/client";

type Fact = Schemas["Fact"];
type Fields = Map<string, Fact>;
type Item = { name: string; fields: Fields };

function items(facts: Fact[], group: string): Item[] {
  const own = facts.filter((fact) => fact.name.startsWith(`${group}.`) && fact.item);
  return [...Map.groupBy(own, (fact) => fact.item ?? "")].map(([item, found]) => ({
    name: item.slice(item.indexOf(":") + 1),
    fields: new Map(found.map((fact) => [fact.name.slice(group.length + 1), fact])),
  }));
}

const text = (fields: Fields, field: string): string => fields.get(field)?.values[0]?.shown ?? "";
const number = (fields: Fields, field: string): number => {
  const value = fields.get(field)?.values[0]?.value;
  return typeof value === "number" ? value : 0;
};
const told = (fields: Fields, field: string, word: string): string =>
  fields.has(field) ? `${text(fields, field)} ${word}` : "";
const single = (facts: Fact[], name: string): string =>
  facts.find((fact) => fact.name === name)?.values[0]?.shown ?? "";

/** Processor, memory slots, disks with what lies on them, and adapters, drawn as they sit in the case. */
export function InsideCase({ facts, answers }: { facts: Fact[]; answers: Schemas["Answer"][] }) {
  const modules = items(facts, "module");
  const disks = items(facts, "disk");
  const volumes = items(facts, "volume").filter(({ fields }) => text(fields, "kind") !== "memory");
  const partitions = items(facts, "partition");
  const adapters = items(facts, "adapter").filter(({ fields }) => text(fields, "kind") !== "loopback");
  const tight = answers.some((answer) => answer.verdict === "no" && answer.says.includes("volume"));
  return (
    <>
      {items(facts, "processor").map(({ name, fields }) => (
        <p key={name} className="mt-2 text-[13px]">
          <b>{text(fields, "name") || "Processor"}</b>{" "}
          <span className="text-soft">
            {[
              told(fields, "cores", "cores"),
              told(fields, "threads", "threads"),
              text(fields, "clock"),
              text(fields, "generation") && `generation ${text(fields, "generation")}`,
            ]
              .filter(Boolean)
              .join(" · ")}
          </span>
        </p>
      ))}
      {modules.length > 0 && <Slots modules={modules} facts={facts} />}
      {disks.map(({ name, fields }) => (
        <div key={name}>
          <p className="mt-3 text-[13px] text-soft">
            Disk {text(fields, "number") || name} ·{" "}
            {[text(fields, "model"), text(fields, "media"), text(fields, "size"), text(fields, "layout")]
              .filter(Boolean)
              .join(" · ")}
            {text(fields, "serial") && <span className="font-mono"> · {text(fields, "serial")}</span>}
          </p>
          <Partitions
            size={number(fields, "size")}
            partitions={partitions.filter(
              (own) => text(own.fields, "disk") === text(fields, "number") || disks.length === 1,
            )}
          />
        </div>
      ))}
      {volumes.length > 0 && <Volumes volumes={volumes} tight={tight} />}
      {adapters.length > 0 && <Adapters adapters={adapters} />}
      <div className="mt-4" />
    </>
  );
}

function Slots({ modules, facts }: { modules: Item[]; facts: Fact[] }) {
  const fitted = modules.filter(({ fields }) => number(fields, "size") > 0);
  const slowest = Math.min(
    ...fitted.map(({ fields }) => number(fields, "speed") || Number.POSITIVE_INFINITY),
  );
  const fastest = Math.max(...fitted.map(({ fields }) => number(fields, "speed")));
  const limit = single(facts, "memory.limit");
  return (
    <>
      <p className="mt-2 text-[13px] text-soft">
        Memory · {fitted.length} of {modules.length} slots{limit && ` · takes up to ${limit}`}
      </p>
      <ul className="mt-1.5 grid grid-cols-4 gap-2">
        {modules.map(({ name, fields }) => {
          const size = text(fields, "size");
          const slows = slowest < fastest && number(fields, "speed") === slowest;
          const look = !size
            ? "border-dashed border-unsaid"
            : slows
              ? "border-no bg-wash-no"
              : "border-yes bg-wash-yes";
          return (
            <li
              key={name}
              className={`min-h-[74px] rounded border px-2.5 py-2 font-mono text-[12px] leading-snug ${look}`}
            >
              <b>{name}</b>
              <br />
              {size ? `${size} ${text(fields, "type")}` : "free"}
              {size && (
                <span className="block text-soft">
                  {text(fields, "speed").replace(" MT/s", "")}
                  {slows && ", slowest"}
                </span>
              )}
              {size && (
                <span
                  className="block truncate text-[10.5px] tracking-tight text-soft"
                  title={text(fields, "part")}
                >
                  {text(fields, "part")}
                </span>
              )}
              {text(fields, "pins") && (
                <span className="block text-[10.5px] text-soft">{text(fields, "pins")} pins</span>
              )}
            </li>
          );
        })}
      </ul>
    </>
  );
}

/** What a disk is divided into, to scale; what no partition takes stays open. */
function Partitions({ size, partitions }: { size: number; partitions: Item[] }) {
  if (!size || partitions.length === 0) return null;
  return (
    <ul className="mt-1.5 flex h-2.5 overflow-hidden rounded-sm border border-rule" aria-label="Partitions">
      {partitions.map(({ name, fields }) => (
        <li
          key={name}
          className="min-w-1 border-r border-sheet bg-unsaid/50 last:border-r-0"
          style={{ width: `${Math.min(100, (number(fields, "size") / size) * 100)}%` }}
          title={`partition ${text(fields, "number")}, ${text(fields, "kind")}, ${text(fields, "size")}`}
        >
          <span className="sr-only">
            {text(fields, "number")} {text(fields, "kind")} {text(fields, "size")}
          </span>
        </li>
      ))}
    </ul>
  );
}

function Adapters({ adapters }: { adapters: Item[] }) {
  return (
    <ul className="mt-3 text-[13px]" aria-label="Network adapters">
      {adapters.map(({ name, fields }) => (
        <li key={name} className="flex items-baseline gap-2 py-0.5">
          <span
            className={`size-2 shrink-0 rounded-sm border ${fields.get("connected")?.values[0]?.value === true ? "border-yes bg-yes" : "border-unsaid border-dashed"}`}
            title={
              fields.has("connected")
                ? `connected: ${text(fields, "connected")}`
                : "not said whether connected"
            }
          />
          <span className="min-w-0">
            {text(fields, "connection") || text(fields, "name") || name}
            <span className="text-soft">
              {[text(fields, "kind"), text(fields, "speed")].filter(Boolean).map((each) => ` · ${each}`)}
            </span>
            <span className="block font-mono text-[11.5px] text-soft">
              {[text(fields, "ipv4"), text(fields, "mac")].filter(Boolean).join(" · ")}
            </span>
          </span>
        </li>
      ))}
    </ul>
  );
}

const TIGHT = 0.15;

function Volumes({ volumes, tight }: { volumes: Item[]; tight: boolean }) {
  const total = volumes.reduce((sum, { fields }) => sum + number(fields, "size"), 0) || 1;
  return (
    <ul className="mt-1.5 flex gap-1">
      {volumes.map(({ name, fields }) => {
        const share = number(fields, "free_share");
        const low = tight && share < TIGHT;
        return (
          <li
            key={name}
            className="relative h-9 min-w-[72px] overflow-hidden rounded border border-rule"
            style={{ flexGrow: number(fields, "size") / total }}
            title={`${name} ${text(fields, "free")} of ${text(fields, "size")} free, ${text(fields, "filesystem")}`}
          >
            <span
              className={`absolute inset-y-0 left-0 ${low ? "bg-no/25" : "bg-yes/15"}`}
              style={{ width: `${(1 - share) * 100}%` }}
            />
            <span className="relative block truncate px-2 leading-9 text-[12px]">
              <span className="font-mono font-semibold">{name}</span> {Math.round(share * 1000) / 10} % free
            </span>
          </li>
        );
      })}
    </ul>
  );
}
