import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useRef, useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import { useNavigate, useParams } from "react-router";
import { handIn, type Schemas } from "../../api/client";
import { afterChange, tray, visit } from "../../api/questions";
import { KEYS } from "../../parts/keys";
import { Empty, Failed, Waiting } from "../../parts/States";
import { filesIn } from "./dropped";
import { ReportPane } from "./ReportPane";
import { Teaching, type TeachSpot } from "./Teaching";
import { Tray } from "./Tray";
import { Understanding } from "./Understanding";

export interface Spot {
  report: string;
  line: number;
}

/** Reports come in on the left, stand as printed in the middle, and what they say stands on the right. */
export function Bench() {
  const { visit: asked } = useParams();
  const number = asked ? Number(asked) : null;
  const go = useNavigate();
  const list = useQuery(tray);
  const detail = useQuery({ ...visit(number ?? 0), enabled: number !== null });
  const [hot, setHot] = useState<Spot | null>(null);
  const [goal, setGoal] = useState<Spot | null>(null);
  const [teaching, setTeaching] = useState<TeachSpot | null>(null);
  const [lit, setLit] = useState<Schemas["Change"][]>([]);
  const [fresh, setFresh] = useState(false);
  const beside = fresh ? null : number;
  const taking = useTaking(beside, (taken) => {
    setFresh(false);
    go(`/bench/${taken}`);
  });
  const chooser = useRef<HTMLInputElement>(null);

  // biome-ignore lint/correctness/useExhaustiveDependencies: another visit is another line
  useEffect(() => setTeaching(null), [number]);
  useEffect(() => {
    const first = list.data?.[0];
    if (number === null && first) go(`/bench/${first.id}`, { replace: true });
  }, [number, list.data, go]);

  const move = (step: number) => {
    const entries = list.data ?? [];
    const now = entries.findIndex((entry) => entry.id === number);
    const next = entries[Math.min(entries.length - 1, Math.max(0, now + step))];
    if (next) go(`/bench/${next.id}`);
  };
  useHotkeys(KEYS.down.keys, () => move(1), { preventDefault: true });
  useHotkeys(KEYS.up.keys, () => move(-1), { preventDefault: true });
  useHotkeys(KEYS.file.keys, () => chooser.current?.click());
  useHotkeys(KEYS.fresh.keys, () => setFresh((now) => !now));

  const pasting = taking.mutate;
  useEffect(() => {
    const paste = (event: ClipboardEvent) => {
      if ((event.target as HTMLElement).closest("input, textarea, [role=dialog]")) return;
      const text = event.clipboardData?.getData("text/plain");
      if (text) pasting([{ body: new Blob([text]), file: "pasted", way: "pasted" }]);
    };
    const over = (event: DragEvent) => event.preventDefault();
    const drop = (event: DragEvent) => {
      event.preventDefault();
      const entries = [...(event.dataTransfer?.items ?? [])].map((item) => item.webkitGetAsEntry());
      filesIn(entries).then((files) => {
        if (files.length)
          pasting(files.map(({ file, name }) => ({ body: file, file: name, way: "file" as const })));
      });
    };
    document.addEventListener("paste", paste);
    window.addEventListener("dragover", over);
    window.addEventListener("drop", drop);
    return () => {
      document.removeEventListener("paste", paste);
      window.removeEventListener("dragover", over);
      window.removeEventListener("drop", drop);
    };
  }, [pasting]);

  const light = useCallback((spot: Spot | null) => setHot(spot), []);
  return (
    <div className="grid h-full grid-cols-[216px_minmax(0,1fr)_392px]">
      <Tray
        entries={list.data}
        error={list.error}
        selected={number}
        fresh={fresh}
        onFresh={() => setFresh((now) => !now)}
        onFile={() => chooser.current?.click()}
        busy={taking.isPending}
        trouble={taking.error}
      />
      <input
        ref={chooser}
        type="file"
        multiple
        hidden
        aria-label="Files to hand in"
        onChange={(event) => {
          const files = [...(event.target.files ?? [])];
          if (files.length)
            pasting(files.map((file) => ({ body: file, file: file.name, way: "file" as const })));
          event.target.value = "";
        }}
      />
      {number === null ? (
        <div className="col-span-2">
          {list.isPending ? (
            <Waiting what="the tray" />
          ) : (
            <Empty title="The tray is empty">
              Copy what a PC printed and press <kbd className="key">Ctrl V</kbd> here, drop its files on this
              page, or press <kbd className="key">o</kbd> to choose them. From a shell on a Linux PC:{" "}
              <code className="font-mono">yes-tally collect</code>.
            </Empty>
          )}
        </div>
      ) : detail.error && !detail.data ? (
        <div className="col-span-2">
          <Failed error={detail.error} again={() => detail.refetch()} />
        </div>
      ) : !detail.data ? (
        <div className="col-span-2">
          <Waiting what="the visit" />
        </div>
      ) : (
        <>
          <ReportPane
            key={number}
            visit={detail.data}
            hot={hot}
            goal={goal}
            lit={lit}
            onHot={light}
            onTeach={setTeaching}
          />
          {teaching ? (
            <Teaching spot={teaching} onLit={setLit} onClose={() => setTeaching(null)} />
          ) : (
            <Understanding key={`u${number}`} visit={detail.data} hot={hot} onHot={light} onGo={setGoal} />
          )}
        </>
      )}
    </div>
  );
}

interface Incoming {
  body: Blob;
  file: string;
  way: "pasted" | "file";
}

/** Hand reports in one after the other; those that got through stay in, also when a later one fails. */
function useTaking(beside: number | null, done: (visit: number) => void) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async (incoming: Incoming[]) => {
      let last = beside;
      for (const { body, file, way } of incoming) last = (await handIn(body, file, way, last)).id;
      return last;
    },
    onSuccess: (taken) => taken !== null && done(taken),
    onSettled: () => Promise.all(afterChange.map((queryKey) => queries.invalidateQueries({ queryKey }))),
  });
}
