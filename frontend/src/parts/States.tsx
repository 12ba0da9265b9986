import type { ReactNode } from "react";
import { Trouble } from "../api/client";

/** What stands where data is on its way: the same room, so that nothing jumps. */
export function Waiting({ what }: { what: string }) {
  return (
    <p role="status" className="px-6 py-10 text-soft">
      Fetching {what} …
    </p>
  );
}

/** What happened, what was kept, what to do. */
export function Failed({ error, again }: { error: Error; again?: () => void }) {
  const title = error instanceof Trouble ? error.title : "Something went wrong on this page";
  return (
    <div role="alert" className="sheet m-6 max-w-xl border-l-4 border-l-no p-5">
      <h2 className="text-[16px]">{title}</h2>
      <p className="mt-1">{error.message}</p>
      {again && (
        <button type="button" className="quiet mt-3" onClick={again}>
          Try again
        </button>
      )}
    </div>
  );
}

export function Empty({ title, children }: { title: string; children: ReactNode }) {
  return (
    <div className="px-6 py-10 text-soft">
      <h2 className="text-[18px] text-ink">{title}</h2>
      <div className="mt-2 max-w-lg">{children}</div>
    </div>
  );
}
