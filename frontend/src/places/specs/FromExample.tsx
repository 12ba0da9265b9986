import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, told } from "../../api/client";
import { reachable } from "../../api/questions";
import { plural } from "../../parts/words";

/** Choose good PCs, and get the expectations that they share, to prune. */
export function FromExample({ onText, onClose }: { onText: (text: string) => void; onClose: () => void }) {
  const { data } = useQuery(reachable);
  const [name, setName] = useState("");
  const [find, setFind] = useState("");
  const [chosen, setChosen] = useState<number[]>([]);
  const make = useMutation({
    mutationFn: () =>
      told(api.POST("/api/specs/from-example", { body: { name: name.trim(), assets: chosen } })),
    onSuccess: ({ text }) => {
      onText(text);
      onClose();
    },
  });
  const shown = (data ?? [])
    .map(({ asset }) => asset)
    .filter((asset) =>
      `${asset.host} ${asset.tag} ${asset.role} ${asset.room}`.toLowerCase().includes(find.toLowerCase()),
    );
  return (
    <form
      aria-label="From an example"
      onSubmit={(event) => {
        event.preventDefault();
        make.mutate();
      }}
    >
      <h2 className="text-[18px]">From an example</h2>
      <p className="mt-1 text-soft">
        Choose PCs that are as they should be. What all of them say becomes a text to prune.
      </p>
      <label className="mt-3 block font-semibold" htmlFor="example-name">
        The new spec's name
      </label>
      <input
        id="example-name"
        className="field mt-1"
        value={name}
        maxLength={80}
        onChange={(event) => setName(event.target.value.replaceAll('"', ""))}
      />
      <input
        className="field mt-3"
        aria-label="Show only PCs with"
        placeholder="show only PCs with …"
        value={find}
        onChange={(event) => setFind(event.target.value)}
      />
      <ul className="mt-2 max-h-72 overflow-y-auto text-[13px]">
        {shown.map((asset) => (
          <li key={asset.id} className="border-t border-rule">
            <label className="flex gap-2 py-0.5">
              <input
                type="checkbox"
                checked={chosen.includes(asset.id)}
                onChange={() =>
                  setChosen(
                    chosen.includes(asset.id)
                      ? chosen.filter((id) => id !== asset.id)
                      : [...chosen, asset.id],
                  )
                }
              />
              <span className="flex-1">{asset.host || asset.tag}</span>
              <span className="text-soft">{asset.role}</span>
            </label>
          </li>
        ))}
      </ul>
      {make.error && (
        <p role="alert" className="mt-2 rounded-lg bg-wash-no px-3 py-2 text-no-text">
          {make.error.message}
        </p>
      )}
      <div className="mt-3 flex gap-2">
        <button
          type="submit"
          className="deed"
          disabled={!name.trim() || chosen.length === 0 || make.isPending}
        >
          Write what {plural(chosen.length, "PC")} share
        </button>
        <button type="button" className="quiet" onClick={onClose}>
          Leave
        </button>
      </div>
    </form>
  );
}
