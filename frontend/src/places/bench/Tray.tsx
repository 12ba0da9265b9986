import clsx from "clsx";
import { useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import { Link } from "react-router";
import type { Schemas } from "../../api/client";
import { KEYS } from "../../parts/keys";
import { Stroke } from "../../parts/Stroke";
import { clock, plural } from "../../parts/words";
import { FromShell } from "./FromShell";

/** The visits that are not sealed yet. */
export function Tray({
  entries,
  error,
  selected,
  fresh,
  onFresh,
  onFile,
  busy,
  trouble,
}: {
  entries: Schemas["TrayEntry"][] | undefined;
  error: Error | null;
  selected: number | null;
  fresh: boolean;
  onFresh: () => void;
  onFile: () => void;
  busy: boolean;
  trouble: Error | null;
}) {
  const [shell, setShell] = useState(false);
  useHotkeys(KEYS.shell.keys, () => setShell(true));
  return (
    <nav className="flex min-h-0 flex-col overflow-y-auto border-r border-rule px-3 py-5" aria-label="Tray">
      <h2 className="px-1 text-[16px]">
        In the tray <span className="font-normal text-pale">{entries?.length ?? ""}</span>
      </h2>
      <ul className="mt-2 flex flex-col gap-1">
        {entries?.map((entry) => (
          <li key={entry.id}>
            <Link
              to={`/bench/${entry.id}`}
              aria-current={entry.id === selected ? "page" : undefined}
              className={clsx(
                "flex gap-2.5 rounded-lg px-2.5 py-2",
                entry.id === selected ? "bg-ink text-sheet" : "hover:bg-sheet",
              )}
            >
              <Stroke verdict={entry.sign} height={18} />
              <span className="min-w-0">
                <span
                  className={clsx(
                    "block truncate font-mono text-[13px] font-semibold",
                    !entry.known && "italic",
                  )}
                >
                  {entry.title}
                </span>
                <span
                  className={clsx(
                    "block truncate text-[12px]",
                    entry.id === selected ? "text-rule" : "text-soft",
                  )}
                >
                  {clock(entry.taken_at)}, {plural(entry.reports, "report")}
                  {entry.under_way && ", being asked …"}
                  {entry.failures > 0 && `, ${entry.failures} failed`}
                </span>
              </span>
            </Link>
          </li>
        ))}
      </ul>
      {error && <p className="mt-2 px-1 text-no-text">{error.message}</p>}
      <div className="mt-4 rounded-lg border border-dashed border-unsaid px-3 py-4 text-center">
        <p>{busy ? "Taking it in …" : "Paste anywhere"}</p>
        <p className="text-[12px] text-soft">or drop files, or</p>
        <button type="button" className="quiet mt-2 text-[13px]" onClick={onFile}>
          choose files <kbd className="key">o</kbd>
        </button>
        <button
          type="button"
          className="mt-2 block w-full text-[12px] text-soft underline"
          onClick={() => setShell(true)}
        >
          from any shell <kbd className="key">s</kbd>
        </button>
        <label className="mt-3 flex items-center justify-center gap-2 text-[12px]">
          <input type="checkbox" checked={fresh} onChange={onFresh} /> as a visit of its own{" "}
          <kbd className="key">v</kbd>
        </label>
      </div>
      <FromShell open={shell} visit={fresh ? null : selected} onOpen={setShell} />
      {trouble && (
        <p role="alert" className="mt-3 rounded-lg bg-wash-no px-3 py-2 text-no-text">
          {trouble.message}
        </p>
      )}
    </nav>
  );
}
