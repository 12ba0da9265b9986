import { autocompletion, closeBrackets } from "@codemirror/autocomplete";
import { defaultKeymap, history, historyKeymap } from "@codemirror/commands";
import { lintGutter, setDiagnostics } from "@codemirror/lint";
import { EditorState } from "@codemirror/state";
import { drawSelection, EditorView, highlightActiveLine, keymap, lineNumbers } from "@codemirror/view";
import { useEffect, useRef } from "react";
import type { Schemas } from "../../api/client";
import { colours, completing, expectations } from "./language";

const LOOK = EditorView.theme({
  "&": { height: "100%", fontSize: "13px", backgroundColor: "transparent" },
  ".cm-scroller": { fontFamily: "var(--font-mono)", lineHeight: "1.65" },
  ".cm-gutters": { backgroundColor: "transparent", border: "none", color: "var(--color-pale)" },
  ".cm-activeLine, .cm-activeLineGutter": { backgroundColor: "var(--color-paper)" },
  "&.cm-focused": { outline: "2px solid var(--color-ink)", outlineOffset: "-2px", borderRadius: "10px" },
  ".cm-tooltip": { backgroundColor: "var(--color-sheet)", border: "1px solid var(--color-rule)" },
  ".cm-tooltip-autocomplete ul li[aria-selected]": {
    backgroundColor: "var(--color-ink)",
    color: "var(--color-sheet)",
  },
});

/** The text of a spec, coloured, completed, and underlined where something is wrong with it. */
export function Editor({
  text,
  facts,
  mistakes,
  onText,
}: {
  text: string;
  facts: Schemas["CatalogueEntry"][];
  mistakes: Schemas["SpecMistake"][];
  onText: (text: string) => void;
}) {
  const box = useRef<HTMLDivElement>(null);
  const view = useRef<EditorView | null>(null);
  const now = useRef({ facts, onText });
  now.current = { facts, onText };
  // biome-ignore lint/correctness/useExhaustiveDependencies: the editor is made once and told of changes below
  useEffect(() => {
    if (!box.current) return;
    view.current = new EditorView({
      parent: box.current,
      state: EditorState.create({
        doc: text,
        extensions: [
          lineNumbers(),
          history(),
          drawSelection(),
          highlightActiveLine(),
          closeBrackets(),
          lintGutter(),
          expectations,
          colours,
          LOOK,
          autocompletion({ override: [completing(() => now.current.facts)] }),
          keymap.of([...defaultKeymap, ...historyKeymap]),
          EditorView.contentAttributes.of({ "aria-label": "Text of the spec" }),
          EditorView.updateListener.of((update) => {
            if (update.docChanged) now.current.onText(update.state.doc.toString());
          }),
        ],
      }),
    });
    // What scrolls must take the focus.
    view.current.scrollDOM.tabIndex = 0;
    return () => view.current?.destroy();
  }, []);
  useEffect(() => {
    const editor = view.current;
    if (editor && editor.state.doc.toString() !== text)
      editor.dispatch({ changes: { from: 0, to: editor.state.doc.length, insert: text } });
  }, [text]);
  useEffect(() => {
    const editor = view.current;
    if (!editor) return;
    const diagnostics = mistakes.flatMap((mistake) => {
      if (mistake.line > editor.state.doc.lines) return [];
      const line = editor.state.doc.line(mistake.line);
      const from = Math.min(line.to, line.from + mistake.column - 1);
      const end = /^[\w.]+|^\S/.exec(line.text.slice(mistake.column - 1))?.[0].length ?? 0;
      return [
        { from, to: Math.min(line.to, from + end), severity: "error" as const, message: inWords(mistake) },
      ];
    });
    editor.dispatch(setDiagnostics(editor.state, diagnostics));
  }, [mistakes]);
  return <div ref={box} className="sheet min-h-0 flex-1 overflow-hidden" />;
}

export function inWords({ message, expected, nearest }: Schemas["SpecMistake"]): string {
  const hope = expected.length > 0 ? `; expected ${expected.slice(0, 6).join(", ")}` : "";
  return `${message}${hope}${nearest ? `. Did you mean “${nearest}”?` : ""}`;
}
