import { useQuery, useQueryClient } from "@tanstack/react-query";
import clsx from "clsx";
import { Dialog, DropdownMenu } from "radix-ui";
import { useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import { NavLink, useNavigate } from "react-router";
import { api, told } from "../api/client";
import { me } from "../api/questions";
import { Find } from "./Find";
import { KEYS } from "./keys";
import { Tape } from "./Tape";

const PLACES = [
  { to: "/bench", name: "Bench" },
  { to: "/collect", name: "Collect" },
  { to: "/floor", name: "Floor" },
  { to: "/specs", name: "Specs" },
  { to: "/parts", name: "Parts" },
  { to: "/phrases", name: "Phrases" },
];

/** The name, the places, finding, who is signed in; under it the day's tape. */
export function Masthead() {
  const { data } = useQuery(me);
  const go = useNavigate();
  const [help, setHelp] = useState(false);
  useHotkeys(KEYS.bench.keys, () => go("/bench"));
  useHotkeys(KEYS.collect.keys, () => go("/collect"));
  useHotkeys(KEYS.floor.keys, () => go("/floor"));
  useHotkeys(KEYS.specs.keys, () => go("/specs"));
  useHotkeys(KEYS.parts.keys, () => go("/parts"));
  useHotkeys(KEYS.phrases.keys, () => go("/phrases"));
  useHotkeys(KEYS.help.keys, () => setHelp(true));
  return (
    <header>
      <div className="flex h-[52px] items-center gap-8 border-b border-rule px-5">
        <NavLink to="/bench" className="flex items-center gap-2" aria-label="Yes Tally">
          <Sign />
          <span className="font-display text-[18px] font-bold tracking-tight">Yes Tally</span>
        </NavLink>
        <nav aria-label="Places" className="flex h-full gap-7">
          {PLACES.map(({ to, name }) => (
            <NavLink
              key={to}
              to={to}
              className={({ isActive }) =>
                clsx(
                  "flex h-full items-center border-b-3",
                  isActive ? "border-ink font-semibold" : "border-transparent text-soft",
                )
              }
            >
              {name}
            </NavLink>
          ))}
        </nav>
        <div className="ml-auto flex items-center gap-5">
          <Find />
          {data && <Person name={data.name} role={data.role} onKeys={() => setHelp(true)} />}
        </div>
      </div>
      <Tape />
      <KeysHelp open={help} onOpen={setHelp} />
    </header>
  );
}

export function Sign({ size = 28 }: { size?: number }) {
  return (
    <svg width={size} height={(size * 20) / 28} viewBox="0 0 28 20" aria-hidden="true">
      <path
        d="M5 2v16M11 2v16M17 2v16M23 2v16"
        stroke="var(--color-ink)"
        strokeWidth="2.6"
        strokeLinecap="round"
      />
      <path d="M1.5 13.5 26.5 6" stroke="var(--color-no)" strokeWidth="2.6" strokeLinecap="round" />
    </svg>
  );
}

function Person({ name, role, onKeys }: { name: string; role: string; onKeys: () => void }) {
  const queries = useQueryClient();
  const initials = name
    .split(" ")
    .map((part) => part[0])
    .join("")
    .slice(0, 2);
  const leave = async () => {
    await told(api.POST("/api/sign-out"));
    queries.clear();
    window.location.assign("/sign-in");
  };
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger
        aria-label={`${initials}: signed in as ${name}`}
        className="size-8 rounded-full bg-ink text-[12px] font-bold text-sheet"
      >
        {initials}
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content align="end" sideOffset={6} className="sheet z-40 min-w-48 p-1 shadow-lg">
          <DropdownMenu.Label className="px-3 py-2">
            <b>{name}</b>
            <span className="block text-[12px] text-soft">{role}</span>
          </DropdownMenu.Label>
          <DropdownMenu.Item
            onSelect={onKeys}
            className="cursor-pointer rounded px-3 py-2 data-highlighted:bg-paper"
          >
            Keys <span className="key float-right">?</span>
          </DropdownMenu.Item>
          <DropdownMenu.Item
            onSelect={leave}
            className="cursor-pointer rounded px-3 py-2 data-highlighted:bg-paper"
          >
            Sign out
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

function KeysHelp({ open, onOpen }: { open: boolean; onOpen: (open: boolean) => void }) {
  return (
    <Dialog.Root open={open} onOpenChange={onOpen}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/40" />
        <Dialog.Content
          aria-describedby={undefined}
          className="sheet fixed top-1/2 left-1/2 z-50 w-[430px] -translate-x-1/2 -translate-y-1/2 p-6 shadow-xl"
        >
          <Dialog.Title className="text-[20px]">Keys</Dialog.Title>
          <dl className="mt-3 grid grid-cols-[90px_1fr] gap-y-2">
            {Object.values(KEYS).map(({ shown, does }) => (
              <div key={does} className="contents">
                <dt>
                  <kbd className="key">{shown}</kbd>
                </dt>
                <dd>{does}</dd>
              </div>
            ))}
            <dt>
              <kbd className="key">Ctrl V</kbd>
            </dt>
            <dd>on the Bench: hand in what you copied</dd>
          </dl>
          <Dialog.Close className="quiet mt-4">Close</Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
