import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { Schemas } from "../../api/client";
import { savedLogins } from "../../api/questions";

export type LoginGiven = Schemas["Login"];

export const NOBODY: LoginGiven = {
  user: "",
  password: "",
  key: "",
  passphrase: "",
  saved: null,
  save_as: "",
};

export function isGiven(login: LoginGiven): boolean {
  return login.saved !== null || (login.user.trim() !== "" && (login.password !== "" || login.key !== ""));
}

/** Who asks: saved in the vault, or typed for this run only. */
export function Login({ login, onLogin }: { login: LoginGiven; onLogin: (login: LoginGiven) => void }) {
  const saved = useQuery(savedLogins);
  const [byKey, setByKey] = useState(false);
  const set = (change: Partial<LoginGiven>) => onLogin({ ...login, ...change });
  return (
    <fieldset className="flex flex-col gap-2">
      <legend className="sr-only">Who asks</legend>
      {saved.data && saved.data.length > 0 && (
        <select
          className="field"
          aria-label="Saved credentials"
          value={login.saved ?? ""}
          onChange={(event) =>
            onLogin({ ...NOBODY, saved: event.target.value ? Number(event.target.value) : null })
          }
        >
          <option value="">Typed for this run only</option>
          {saved.data.map((entry) => (
            <option key={entry.id} value={entry.id}>
              {entry.name} ({entry.user}), from the vault
            </option>
          ))}
        </select>
      )}
      {login.saved === null && (
        <>
          <div className="flex gap-2">
            <input
              className="field"
              placeholder="User on the PCs"
              aria-label="User on the PCs"
              autoComplete="off"
              value={login.user}
              onChange={(event) => set({ user: event.target.value })}
            />
            <input
              className="field"
              type="password"
              placeholder={byKey ? "Passphrase, if any" : "Password"}
              aria-label={byKey ? "Passphrase of the key" : "Password on the PCs"}
              autoComplete="off"
              value={byKey ? login.passphrase : login.password}
              onChange={(event) =>
                set(byKey ? { passphrase: event.target.value } : { password: event.target.value })
              }
            />
          </div>
          {byKey && (
            <textarea
              className="field h-14 font-mono text-[11px]"
              placeholder="Private key, as text"
              aria-label="Private key"
              value={login.key}
              onChange={(event) => set({ key: event.target.value, password: "" })}
            />
          )}
          <div className="flex items-center gap-3 text-[12px]">
            <label className="flex items-center gap-1.5">
              <input
                type="checkbox"
                checked={byKey}
                onChange={(event) => {
                  setByKey(event.target.checked);
                  set({ key: "", password: "", passphrase: "" });
                }}
              />
              with a key
            </label>
            <input
              className="field flex-1 py-0.5 text-[12px]"
              placeholder="keep in the vault as … (else forgotten)"
              aria-label="Keep in the vault as"
              value={login.save_as}
              onChange={(event) => set({ save_as: event.target.value })}
            />
          </div>
        </>
      )}
    </fieldset>
  );
}
