/** Every key of the application, in one place: the help and the handlers are made from it. */
export const KEYS = {
  find: { keys: "slash", shown: "/", does: "find a PC" },
  help: { keys: "shift+slash", shown: "?", does: "show the keys" },
  bench: { keys: "b", shown: "b", does: "go to the Bench" },
  collect: { keys: "c", shown: "c", does: "go to Collect" },
  floor: { keys: "f", shown: "f", does: "go to the Floor" },
  specs: { keys: "x", shown: "x", does: "go to Specs" },
  parts: { keys: "i", shown: "i", does: "go to Parts" },
  phrases: { keys: "p", shown: "p", does: "go to Phrases" },
  down: { keys: "j,down", shown: "j ↓", does: "next line, PC or visit" },
  up: { keys: "k,up", shown: "k ↑", does: "line, PC or visit before" },
  doubt: { keys: "n", shown: "n", does: "next doubt in the report" },
  failure: { keys: "e", shown: "e", does: "next failed command in the report" },
  unread: { keys: "u", shown: "u", does: "next unread line of the report" },
  teach: { keys: "t", shown: "t", does: "teach what the line looked at says" },
  leave: { keys: "escape", shown: "Esc", does: "leave what is open" },
  report: { keys: "r", shown: "r", does: "next report of the visit" },
  file: { keys: "o", shown: "o", does: "hand a file in" },
  shell: { keys: "s", shown: "s", does: "a line to hand in from any shell" },
  fresh: { keys: "v", shown: "v", does: "put what you paste next in a visit of its own" },
  seal: { keys: "mod+enter", shown: "Ctrl ↵", does: "enter and seal the visit" },
  ask: { keys: "a", shown: "a", does: "Collect: ask the chosen PCs" },
  worst: { keys: "w", shown: "w", does: "worst first, or by room" },
} as const;

export type Act = keyof typeof KEYS;
