import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import clsx from "clsx";
import { useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { api, type Schemas, told } from "../../api/client";
import { sheets } from "../../api/questions";
import { Empty, Failed, Waiting } from "../../parts/States";
import { plural, span } from "../../parts/words";
import { CollectTabs } from "./Collect";

type Sheet = Schemas["Sheet"];

/** The team's own lists of commands, and what came back of each. */
export function Sheets() {
  const { sheet: asked } = useParams();
  const { data, error, refetch } = useQuery(sheets);
  const [making, setMaking] = useState(false);
  if (error) return <Failed error={error} again={() => refetch()} />;
  if (!data) return <Waiting what="the ask sheets" />;
  const shown = data.find((each) => each.name === asked) ?? data[0];
  return (
    <div className="grid h-full grid-cols-[260px_minmax(0,1fr)]">
      <nav aria-label="Ask sheets" className="border-r border-rule">
        <CollectTabs />
        <ul className="px-3">
          {data.map(({ name, commands }) => (
            <li key={name}>
              <Link
                to={`/collect/sheets/${encodeURIComponent(name)}`}
                onClick={() => setMaking(false)}
                aria-current={name === shown?.name ? "page" : undefined}
                className={clsx(
                  "block rounded-lg px-3 py-2",
                  name === shown?.name && !making ? "bg-ink text-sheet" : "hover:bg-sheet",
                )}
              >
                {name} <span className="float-right text-[12px] opacity-80">{commands.length}</span>
              </Link>
            </li>
          ))}
        </ul>
        <button type="button" className="quiet mx-4 mt-3 text-[13px]" onClick={() => setMaking(true)}>
          A new sheet
        </button>
      </nav>
      {making ? (
        <Making onDone={() => setMaking(false)} />
      ) : shown ? (
        <OneSheet key={shown.name} sheet={shown} />
      ) : (
        <Empty title="There is no ask sheet yet">
          An ask sheet is the list of commands to run on a kind of PC. Make one by hand or from a pasted
          session.
        </Empty>
      )}
    </div>
  );
}

function OneSheet({ sheet }: { sheet: Sheet }) {
  const [editing, setEditing] = useState(false);
  const [copied, setCopied] = useState(false);
  const copy = async () => {
    await navigator.clipboard.writeText(`${sheet.commands.map((c) => c.typed).join("\n")}\n`);
    setCopied(true);
  };
  return (
    <section aria-label={sheet.name} className="flex min-h-0 flex-col px-6 py-4">
      <header className="flex items-baseline gap-4">
        <h1 className="text-[24px]">{sheet.name}</h1>
        <p className="text-soft">{plural(sheet.commands.length, "command")}</p>
        <div className="ml-auto flex gap-2">
          <button type="button" className="quiet py-1.5" onClick={copy}>
            {copied ? "Copied: paste it into the PC's window" : "Copy all to paste into a PC"}
          </button>
          <button type="button" className="quiet py-1.5" onClick={() => setEditing(!editing)}>
            {editing ? "Leave the text" : "Edit as text"}
          </button>
        </div>
      </header>
      {editing ? (
        <Editing name={sheet.name} text={asCsv(sheet.commands)} onDone={() => setEditing(false)} />
      ) : (
        // biome-ignore lint/a11y/useSemanticElements: the region is for scrolling only
        <div
          role="region"
          aria-label="Commands"
          // biome-ignore lint/a11y/noNoninteractiveTabindex: a region that scrolls must take the focus
          tabIndex={0}
          className="mt-3 min-h-0 flex-1 overflow-y-auto"
        >
          <table className="w-full text-[13px]">
            <thead className="sticky top-0 bg-paper text-left text-[12px] text-soft">
              <tr>
                <th className="py-1 pr-4 font-normal">What is typed</th>
                <th className="pr-4 font-normal">What for</th>
                <th className="pr-4 text-right font-normal">Takes</th>
                <th className="pr-4 font-normal">What it told</th>
                <th className="font-normal">How it went</th>
              </tr>
            </thead>
            <tbody>
              {sheet.commands.map((command) => (
                <tr key={command.typed} className="border-t border-rule/60 align-top">
                  <td className="py-1.5 pr-4 font-mono">
                    {command.typed}
                    {command.rights === "administrator" && (
                      <span className="block font-sans text-[11px] text-disputed-text">
                        needs administrator rights
                      </span>
                    )}
                  </td>
                  <td className="py-1.5 pr-4">{command.purpose}</td>
                  <td
                    className="py-1.5 pr-4 text-right whitespace-nowrap"
                    title={command.took === null ? "as the sheet says" : "as it was here"}
                  >
                    {command.took === null ? (
                      <span className="text-pale">≈ {span(command.seconds)}</span>
                    ) : (
                      span(command.took)
                    )}
                  </td>
                  <td className="py-1.5 pr-4">
                    <Told facts={command.facts} />
                  </td>
                  <td className="py-1.5 text-soft">{experience(command)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
    </section>
  );
}

function Told({ facts }: { facts: string[] }) {
  if (facts.length === 0) return <span className="text-pale">nothing yet</span>;
  const groups = [...new Set(facts.map((fact) => fact.split(".")[0]))];
  return (
    <span title={facts.join("\n")}>
      <b>{facts.length}</b> of <span className="font-mono text-[12px]">{groups.join(", ")}</span>
    </span>
  );
}

function experience({ asked, failed, pcs }: Schemas["MetCommand"]): string {
  if (asked === 0) return "never asked";
  const share = failed ? `, ${failed} without answer` : "";
  return `asked ${plural(asked, "time")}${share}; told on ${plural(pcs, "PC")}`;
}

function Editing({ name, text, onDone }: { name: string; text: string; onDone: () => void }) {
  const queries = useQueryClient();
  const [draft, setDraft] = useState(text);
  const save = useMutation({
    mutationFn: () =>
      told(
        api.PUT("/api/sheets/{name}/csv", {
          params: { path: { name } },
          body: draft,
          bodySerializer: (body) => body,
          headers: { "Content-Type": "text/plain; charset=utf-8" },
        }),
      ),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: sheets.queryKey });
      onDone();
    },
  });
  return (
    <form
      className="mt-3 flex min-h-0 flex-1 flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        save.mutate();
      }}
    >
      <p className="text-soft">
        One command a line: what is typed, what it is for, <code className="font-mono">anyone</code> or{" "}
        <code className="font-mono">administrator</code>, the seconds it takes. A spreadsheet opens and saves
        the same.
      </p>
      <textarea
        className="field min-h-0 flex-1 font-mono text-[12px]"
        aria-label="The sheet as text"
        spellCheck={false}
        value={draft}
        onChange={(event) => setDraft(event.target.value)}
      />
      {save.error && (
        <p role="alert" className="text-no-text">
          {save.error.message}
        </p>
      )}
      <div className="flex gap-3">
        <button type="submit" className="deed" disabled={save.isPending}>
          Keep this sheet
        </button>
        <button type="button" className="quiet" onClick={onDone}>
          Leave it as it was
        </button>
      </div>
    </form>
  );
}

function Making({ onDone }: { onDone: () => void }) {
  const go = useNavigate();
  const [name, setName] = useState("");
  const [session, setSession] = useState("");
  const [lines, setLines] = useState<string | null>(null);
  const cut = useMutation({
    mutationFn: () => told(api.POST("/api/sheets/from-session", { body: { text: session } })),
    onSuccess: (found) => setLines(asCsv(found)),
  });
  return (
    <section aria-label="A new sheet" className="flex min-h-0 flex-col gap-3 px-6 py-4">
      <h1 className="text-[24px]">A new sheet</h1>
      <label className="max-w-md">
        For which kind of PC
        <input className="field" value={name} onChange={(event) => setName(event.target.value)} />
      </label>
      {lines === null ? (
        <>
          <label className="flex min-h-0 flex-1 flex-col">
            Paste a session from such a PC, prompts and all; its commands become the sheet
            <textarea
              className="field min-h-0 flex-1 font-mono text-[12px]"
              spellCheck={false}
              value={session}
              onChange={(event) => setSession(event.target.value)}
            />
          </label>
          {cut.error && (
            <p role="alert" className="text-no-text">
              {cut.error.message}
            </p>
          )}
          <div className="flex gap-3">
            <button
              type="button"
              className="deed"
              disabled={!name.trim() || !session.trim()}
              onClick={() => cut.mutate()}
            >
              Take its commands
            </button>
            <button
              type="button"
              className="quiet"
              disabled={!name.trim()}
              onClick={() => setLines(asCsv([]))}
            >
              Write it by hand
            </button>
          </div>
        </>
      ) : (
        <Editing
          name={name.trim()}
          text={lines}
          onDone={() => {
            onDone();
            go(`/collect/sheets/${encodeURIComponent(name.trim())}`);
          }}
        />
      )}
    </section>
  );
}

function asCsv(commands: Schemas["SheetCommand"][]): string {
  const quote = (text: string) => (/[",\n]/.test(text) ? `"${text.replaceAll('"', '""')}"` : text);
  const rows = commands.map((c) => [quote(c.typed), quote(c.purpose), c.rights, String(c.seconds)].join(","));
  return `${["command,purpose,rights,seconds", ...rows].join("\n")}\n`;
}
