import { keepPreviousData, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { NavLink, useNavigate, useParams } from "react-router";
import { api, told } from "../../api/client";
import { catalogue, me, specPreview, specs } from "../../api/questions";
import { Failed, Waiting } from "../../parts/States";
import { useSettled } from "../../parts/useSettled";
import { Editor } from "./Editor";
import { FromExample } from "./FromExample";
import { History } from "./History";
import { OfficeAnswer } from "./OfficeAnswer";
import { Waivers } from "./Waivers";

const FRESH = 'spec "New"\n\nmust   memory.installed at least 8 GB\n';

/** The text on the left, what it says of the office on the right, changing as one types. */
export function Specs() {
  const { spec: asked } = useParams();
  const go = useNavigate();
  const list = useQuery(specs);
  const [drafts, setDrafts] = useState<Record<string, string>>({});
  const [learning, setLearning] = useState(false);
  const name = asked ?? "";
  const published = list.data?.find((each) => each.name === name);
  useEffect(() => {
    const first = list.data?.[0];
    if (!asked && first) go(`/specs/${encodeURIComponent(first.name)}`, { replace: true });
  }, [asked, list.data, go]);
  if (list.error) return <Failed error={list.error} again={() => list.refetch()} />;
  if (!list.data) return <Waiting what="the specs" />;
  const text = drafts[name] ?? published?.text ?? FRESH;
  const write = (now: string) => setDrafts((all) => ({ ...all, [name]: now }));
  return (
    <div className="grid h-full grid-cols-[208px_minmax(0,1fr)_440px]">
      <nav aria-label="Specs" className="min-h-0 overflow-y-auto px-3 pt-5 pb-5">
        <h1 className="px-2 text-[20px]">Specs</h1>
        <ul className="mt-2">
          {[...list.data.map((each) => each.name), ...(published || !asked ? [] : [name])].map((each) => (
            <li key={each}>
              <NavLink
                to={`/specs/${encodeURIComponent(each)}`}
                className={({ isActive }) =>
                  `block rounded px-2 py-1.5 ${isActive ? "bg-ink text-sheet" : "hover:bg-sheet"}`
                }
              >
                {each}
                {drafts[each] !== undefined &&
                  drafts[each] !== list.data.find((s) => s.name === each)?.text &&
                  " (changed)"}
              </NavLink>
            </li>
          ))}
        </ul>
        <div className="mt-3 flex flex-col gap-2 px-2">
          <button type="button" className="quiet px-2 py-1 text-[13px]" onClick={() => go("/specs/New")}>
            A new spec
          </button>
          <button type="button" className="quiet px-2 py-1 text-[13px]" onClick={() => setLearning(true)}>
            From an example
          </button>
        </div>
        <Waivers />
        <div className="px-2">
          {published && <History key={name} name={name} text={text} onText={write} />}
        </div>
      </nav>
      <Writing
        key={name}
        text={text}
        published={published?.text}
        onText={write}
        learning={learning}
        onLearnt={(now) => {
          const called = /^spec "([^"]+)"/.exec(now)?.[1] ?? "New";
          setDrafts((all) => ({ ...all, [called]: now }));
          go(`/specs/${encodeURIComponent(called)}`);
        }}
        onLeave={() => setLearning(false)}
        onPublished={(called) => {
          setDrafts(({ [name]: _, ...rest }) => rest);
          go(`/specs/${encodeURIComponent(called)}`);
        }}
      />
    </div>
  );
}

function Writing({
  text,
  published,
  learning,
  onText,
  onLearnt,
  onLeave,
  onPublished,
}: {
  text: string;
  published: string | undefined;
  learning: boolean;
  onText: (text: string) => void;
  onLearnt: (text: string) => void;
  onLeave: () => void;
  onPublished: (name: string) => void;
}) {
  const queries = useQueryClient();
  const facts = useQuery(catalogue);
  const mayPublish = useQuery(me).data?.role === "lead";
  const [note, setNote] = useState("");
  const settled = useSettled(text, 250);
  const found = useQuery({ ...specPreview(settled), placeholderData: keepPreviousData });
  const mistakes = found.data?.mistakes ?? [];
  const publish = useMutation({
    mutationFn: () => told(api.POST("/api/specs", { body: { text, note } })),
    onSuccess: (made) => {
      setNote("");
      // The list knows it at once, so that the text at hand does not jump back while it is fetched.
      queries.setQueryData(specs.queryKey, (known) =>
        known?.some(({ name }) => name === made.name)
          ? known.map((each) => (each.name === made.name ? made : each))
          : [...(known ?? []), made],
      );
      onPublished(made.name);
      queries.invalidateQueries();
    },
  });
  const tidy = useMutation({
    mutationFn: () => told(api.POST("/api/specs/format", { body: { text } })),
    onSuccess: (tidied) => onText(tidied.text),
  });
  const moveLimit = (line: number, before: string, after: string) => {
    const lines = text.split("\n");
    const old = lines[line - 1] ?? "";
    const at = old.lastIndexOf(before);
    if (at < 0) return;
    lines[line - 1] = old.slice(0, at) + after + old.slice(at + before.length);
    onText(lines.join("\n"));
  };
  return (
    <>
      <section aria-label="The text" className="flex min-h-0 min-w-0 flex-col px-2 pt-5 pb-4">
        <Editor text={text} facts={facts.data ?? []} mistakes={mistakes} onText={onText} />
        <form
          className="mt-3 flex items-center gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            publish.mutate();
          }}
        >
          <button
            type="button"
            className="quiet shrink-0 px-3 py-1.5 text-[13px]"
            disabled={mistakes.length > 0}
            title="Print the text in its one canonical way; remarks are left out"
            onClick={() => tidy.mutate()}
          >
            Tidy
          </button>
          {mayPublish ? (
            <>
              <input
                className="field"
                aria-label="What changed and why"
                placeholder="what changed, and why"
                value={note}
                onChange={(event) => setNote(event.target.value)}
              />
              <button
                type="submit"
                className="deed shrink-0"
                disabled={mistakes.length > 0 || text === published || publish.isPending}
              >
                Publish
              </button>
            </>
          ) : (
            <p className="text-[13px] text-soft">A lead publishes; what you write here stays on this page.</p>
          )}
        </form>
        {publish.error && (
          <p role="alert" className="mt-2 rounded-lg bg-wash-no px-3 py-2 text-no-text">
            {publish.error.message}
          </p>
        )}
      </section>
      <aside className="min-h-0 overflow-y-auto border-l border-rule px-5 pt-5 pb-5">
        {learning ? (
          <FromExample onText={onLearnt} onClose={onLeave} />
        ) : found.error ? (
          <Failed error={found.error} again={() => found.refetch()} />
        ) : found.data ? (
          <OfficeAnswer found={found.data} onLimit={moveLimit} />
        ) : (
          <Waiting what="what the office says" />
        )}
      </aside>
    </>
  );
}
