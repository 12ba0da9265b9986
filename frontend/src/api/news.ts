import { useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";

/** Listen to what changes on the server, and ask again for what this page shows of it. */
export function useNews() {
  const queries = useQueryClient();
  useEffect(() => {
    const source = new EventSource("/api/news");
    source.onmessage = ({ data }: MessageEvent<string>) => {
      const [topic, number] = data.split(" ");
      if (topic === "run") {
        queries.invalidateQueries({ queryKey: ["runs"], exact: true });
        queries.invalidateQueries({ queryKey: ["runs", Number(number)] });
      } else {
        for (const queryKey of [["visits"], ["tape"], ["floor"]]) queries.invalidateQueries({ queryKey });
      }
    };
    return () => source.close();
  }, [queries]);
}
