import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import { useNavigate } from "react-router";
import { api, type Schemas, Trouble, told } from "../../api/client";
import { afterChange, floor, me } from "../../api/questions";
import { KEYS } from "../../parts/keys";

type Choice = { asset: number } | { fresh: Schemas["NewAsset"] };
const EMPTY = { tag: "", role: "", site: "", room: "", desk: "", host: "" };
const NEW = "new";
const FIELDS = [
  ["tag", "Tag"],
  ["host", "Host name"],
  ["role", "Role"],
  ["site", "Site"],
  ["room", "Room"],
  ["desk", "Desk"],
] as const;

/** Enter the visit to an asset and seal it; a person chooses where the reports do not tell for sure. */
export function Entering({ visit }: { visit: Schemas["VisitDetail"] }) {
  const { data: person } = useQuery(me);
  const { data: office } = useQuery(floor);
  const candidates = visit.identity.candidates;
  const [chosen, setChosen] = useState<string>("");
  const [fresh, setFresh] = useState({ ...EMPTY, tag: visit.suggested_tag, host: visit.suggested_host });
  const open = !visit.asset;
  const choice = choiceOf(visit, chosen, fresh);
  const { seal, keep, trouble, busy } = useEntering(visit, choice);
  const can = choice !== null && !busy && person?.role !== "reader";
  useHotkeys(KEYS.seal.keys, () => can && seal(), { enableOnFormTags: true, preventDefault: true });
  if (visit.state === "sealed")
    return (
      <p className="border-t border-rule px-5 py-4 text-soft">This visit is sealed; it takes nothing more.</p>
    );
  if (person?.role === "reader")
    return (
      <p className="border-t border-rule px-5 py-4 text-soft">
        You are signed in to read; a technician enters and seals.
      </p>
    );
  const others = (office?.assets ?? []).filter((row) => !candidates.some((c) => c.asset.id === row.asset.id));
  return (
    <div className="border-t border-rule bg-paper px-5 py-3.5">
      {open && (
        <fieldset className="mb-3">
          <legend className="font-semibold">Enter it to</legend>
          {candidates.map(({ asset, agree, differ }) => (
            <label key={asset.id} className="flex items-baseline gap-2 py-1">
              <input
                type="radio"
                name="asset"
                checked={chosen === String(asset.id)}
                onChange={() => setChosen(String(asset.id))}
              />
              <span>
                <span className="font-mono font-semibold">{asset.host || asset.tag}</span>{" "}
                <span className="text-[12px] text-soft">
                  {agree.join(", ")} {agree.length > 1 ? "agree" : "agrees"}
                  {differ.length > 0 && `; ${differ.join(", ")} ${differ.length > 1 ? "differ" : "differs"}`}
                </span>
              </span>
            </label>
          ))}
          <label className="flex items-center gap-2 py-1">
            <span className="sr-only">Another PC</span>
            <select
              className="field"
              value={candidates.some((c) => String(c.asset.id) === chosen) ? "" : chosen}
              onChange={(event) => setChosen(event.target.value)}
            >
              <option value="">{candidates.length ? "another PC …" : "choose a PC …"}</option>
              <option value={NEW}>a new asset</option>
              {others.map(({ asset }) => (
                <option key={asset.id} value={asset.id}>
                  {asset.host || asset.tag} · {asset.tag} · {asset.room}
                </option>
              ))}
            </select>
          </label>
          {chosen === NEW && (
            <div className="mt-1 grid grid-cols-3 gap-2">
              {FIELDS.map(([name, label]) => (
                <label key={name} className="text-[12px] text-soft">
                  {label}
                  <input
                    className="field text-[13px] text-ink"
                    value={fresh[name]}
                    required={name === "tag"}
                    onChange={(event) => setFresh({ ...fresh, [name]: event.target.value })}
                  />
                </label>
              ))}
            </div>
          )}
        </fieldset>
      )}
      {trouble && <Refused trouble={trouble} />}
      <div className="flex gap-2.5">
        <button type="button" className="deed flex-1" disabled={!can} onClick={seal}>
          {visit.entered ? "Seal" : "Enter and seal"}{" "}
          <kbd className="key ml-1 bg-ink/30 text-inherit">Ctrl ↵</kbd>
        </button>
        {!visit.entered && (
          <button type="button" className="quiet" disabled={!can} onClick={keep}>
            Keep open
          </button>
        )}
      </div>
    </div>
  );
}

function choiceOf(visit: Schemas["VisitDetail"], chosen: string, fresh: Schemas["NewAsset"]): Choice | null {
  if (visit.asset) return { asset: visit.asset.id };
  if (chosen === NEW) return fresh.tag.trim() ? { fresh } : null;
  return chosen ? { asset: Number(chosen) } : null;
}

function useEntering(visit: Schemas["VisitDetail"], choice: Choice | null) {
  const queries = useQueryClient();
  const go = useNavigate();
  const path = { number: visit.id };
  const settle = () => Promise.all(afterChange.map((queryKey) => queries.invalidateQueries({ queryKey })));
  const enter = async (): Promise<number> => {
    if (visit.entered || !choice) return visit.version;
    const body =
      "asset" in choice
        ? { version: visit.version, asset: choice.asset }
        : { version: visit.version, new: choice.fresh };
    return (await told(api.POST("/api/visits/{number}/enter", { params: { path }, body }))).version;
  };
  const keeping = useMutation({ mutationFn: enter, onSettled: settle });
  const sealing = useMutation({
    mutationFn: async () => {
      const version = await enter();
      return told(api.POST("/api/visits/{number}/seal", { params: { path }, body: { version } }));
    },
    onSuccess: (sealed) => go(`/assets/${sealed.asset}`),
    onSettled: settle,
  });
  return {
    seal: () => sealing.mutate(),
    keep: () => keeping.mutate(),
    trouble: sealing.error ?? keeping.error,
    busy: sealing.isPending || keeping.isPending,
  };
}

function Refused({ trouble }: { trouble: Error }) {
  return (
    <div role="alert" className="mb-3 rounded-lg bg-wash-no px-3 py-2">
      <p className="font-semibold text-no-text">
        {trouble instanceof Trouble ? trouble.title : "That did not work"}
      </p>
      <p>{trouble.message}</p>
    </div>
  );
}
