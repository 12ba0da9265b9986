import { type QueryClient, useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { afterTeaching } from "./questions";

const OF_THE_TRAY = [["visits"], ["tape"], ["floor"]] as const;

function askAgain(queries: QueryClient, topic: string) {
  const [kind, number] = topic.split(" ");
  if (kind === "run") {
    queries.invalidateQueries({ queryKey: ["runs"], exact: true });
    queries.invalidateQueries({ queryKey: ["runs", Number(number)] });
  } else if (kind === "reading" || kind === "phrases") {
    for (const queryKey of afterTeaching) queries.invalidateQueries({ queryKey });
  } else {
    for (const queryKey of OF_THE_TRAY) queries.invalidateQueries({ queryKey });
  }
}

/**
 * Listen to what changes on the server, and ask again for what this page shows of it. A page out of sight does not
 * listen: a browser keeps few connections to one server, and its other pages need them.
 */
export function useNews() {
  const queries = useQueryClient();
  useEffect(() => {
    let source: EventSource | null = null;
    const follow = () => {
      if (document.hidden) {
        source?.close();
        source = null;
      } else if (!source) {
        source = new EventSource("/api/news");
        source.onmessage = ({ data }: MessageEvent<string>) => askAgain(queries, data);
      }
    };
    const seen = () => {
      follow();
      if (!document.hidden) queries.invalidateQueries();
    };
    follow();
    document.addEventListener("visibilitychange", seen);
    return () => {
      document.removeEventListener("visibilitychange", seen);
      source?.close();
    };
  }, [queries]);
}
