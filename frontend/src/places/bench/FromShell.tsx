import { useMutation } from "@tanstack/react-query";
import { Dialog } from "radix-ui";
import { useEffect, useState } from "react";
import { api, told } from "../../api/client";
import { clock } from "../../parts/words";

/** The lines that hand a command's output in, by what the shell at hand has. */
function lines(url: string): { tool: string; line: string }[] {
  return [
    { tool: "curl", line: `COMMAND 2>&1 | curl --data-binary @- ${url}` },
    { tool: "curl, a file", line: `curl --data-binary @FILE ${url}` },
    { tool: "wget", line: `COMMAND > report.txt 2>&1; wget -qO- --post-file=report.txt ${url}` },
    {
      tool: "python3",
      line: `COMMAND 2>&1 | python3 -c "import sys,urllib.request as u;print(u.urlopen('${url}',sys.stdin.buffer.read()).read().decode())"`,
    },
  ];
}

/** A short address that ends by itself, and lines to copy into any shell. */
export function FromShell({
  open,
  visit,
  onOpen,
}: {
  open: boolean;
  visit: number | null;
  onOpen: (open: boolean) => void;
}) {
  const [copied, setCopied] = useState("");
  const address = useMutation({
    mutationFn: () => told(api.POST("/api/hand-in-addresses", { body: { visit } })),
  });
  const { mutate, reset } = address;
  useEffect(() => {
    if (open) mutate();
    else reset();
    setCopied("");
  }, [open, mutate, reset]);
  const copy = async (tool: string, line: string) => {
    await navigator.clipboard.writeText(line);
    setCopied(tool);
  };
  return (
    <Dialog.Root open={open} onOpenChange={onOpen}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/40" />
        <Dialog.Content
          aria-describedby={undefined}
          className="sheet fixed top-1/2 left-1/2 z-50 w-[720px] -translate-x-1/2 -translate-y-1/2 p-6 shadow-xl"
        >
          <Dialog.Title className="text-[20px]">From any shell</Dialog.Title>
          {address.error && (
            <p role="alert" className="mt-2 text-no-text">
              {address.error.message}
            </p>
          )}
          {address.data && (
            <>
              <p className="mt-2">
                What is posted to this address comes to {visit === null ? "a new visit" : "this visit"}. It
                works until {clock(address.data.expires_at)}, without signing in; whoever has it can hand in,
                and nothing else.
              </p>
              <p className="mt-3 font-mono text-[20px] font-semibold">
                {window.location.origin}
                {address.data.path}
              </p>
              <ul className="mt-4 flex flex-col gap-2">
                {lines(window.location.origin + address.data.path).map(({ tool, line }) => (
                  <li key={tool} className="grid grid-cols-[86px_minmax(0,1fr)_76px] items-center gap-3">
                    <span className="text-[13px] text-soft">{tool}</span>
                    <code className="rounded bg-paper px-2 py-1.5 font-mono text-[12px] break-all">
                      {line}
                    </code>
                    <button
                      type="button"
                      className="quiet px-2 py-1 text-[13px]"
                      onClick={() => copy(tool, line)}
                    >
                      {copied === tool ? "Copied" : "Copy"}
                    </button>
                  </li>
                ))}
              </ul>
            </>
          )}
          <Dialog.Close className="quiet mt-5">Close</Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
