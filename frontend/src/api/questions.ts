import { queryOptions } from "@tanstack/react-query";
import { api, type Schemas, told } from "./client";

/** The questions that places ask, each under its key; what changes keys is named in `afterChange`. */
export const me = queryOptions({
  queryKey: ["me"],
  queryFn: () => told(api.GET("/api/me")),
  staleTime: 60_000,
});
export const tray = queryOptions({
  queryKey: ["visits"],
  queryFn: () => told(api.GET("/api/visits")),
  refetchInterval: 10_000,
});
export const visit = (number: number) =>
  queryOptions({
    queryKey: ["visits", number],
    queryFn: () => told(api.GET("/api/visits/{number}", { params: { path: { number } } })),
  });
export const floor = queryOptions({
  queryKey: ["floor"],
  queryFn: () => told(api.GET("/api/floor")),
  refetchInterval: 30_000,
});
export const asset = (number: number) =>
  queryOptions({
    queryKey: ["assets", number],
    queryFn: () => told(api.GET("/api/assets/{number}", { params: { path: { number } } })),
  });
export const linesAround = (report: string, line: number) =>
  queryOptions({
    queryKey: ["lines", report, line],
    queryFn: () =>
      told(
        api.GET("/api/reports/{sha256}/lines", {
          params: { path: { sha256: report }, query: { line, around: 1 } },
        }),
      ),
    staleTime: Number.POSITIVE_INFINITY,
  });
export const parts = queryOptions({
  queryKey: ["parts"],
  queryFn: () => told(api.GET("/api/parts")),
});
export const partHistory = (number: number) =>
  queryOptions({
    queryKey: ["parts", number],
    queryFn: () => told(api.GET("/api/parts/{number}/history", { params: { path: { number } } })),
  });
export const tape = queryOptions({
  queryKey: ["tape"],
  queryFn: () => told(api.GET("/api/tape")),
  refetchInterval: 10_000,
});
export const sheets = queryOptions({
  queryKey: ["sheets"],
  queryFn: () => told(api.GET("/api/sheets")),
});
export const reachable = queryOptions({
  queryKey: ["reachable"],
  queryFn: () => told(api.GET("/api/reachable")),
});
export const savedLogins = queryOptions({
  queryKey: ["credentials"],
  queryFn: () => told(api.GET("/api/credentials")),
});
export const runs = queryOptions({
  queryKey: ["runs"],
  queryFn: () => told(api.GET("/api/runs")),
});
export const run = (number: number) =>
  queryOptions({
    queryKey: ["runs", number],
    queryFn: () => told(api.GET("/api/runs/{number}", { params: { path: { number } } })),
    // The news tells of every change; this is for a page that missed some.
    refetchInterval: ({ state }) => (state.data?.going ? 4_000 : false),
  });
export const plan = (choice: Schemas["Choice"]) =>
  queryOptions({
    queryKey: ["plan", choice],
    queryFn: () => told(api.POST("/api/runs/plan", { body: choice })),
    staleTime: 30_000,
  });

export const catalogue = queryOptions({
  queryKey: ["catalogue"],
  queryFn: () => told(api.GET("/api/catalogue")),
  staleTime: Number.POSITIVE_INFINITY,
});
export const lineOf = ({ report, command, line }: { report: string; command: string; line: number }) =>
  queryOptions({
    queryKey: ["lines", report, command, line],
    queryFn: () =>
      told(
        api.GET("/api/reports/{sha256}/lines/{line}", {
          params: { path: { sha256: report, line }, query: { command } },
        }),
      ),
  });
export const phrases = queryOptions({
  queryKey: ["phrases"],
  queryFn: () => told(api.GET("/api/phrases")),
});
export const preview = (phrase: Schemas["Taught"]) =>
  queryOptions({
    queryKey: ["preview", phrase],
    queryFn: () => told(api.POST("/api/phrases/preview", { body: phrase })),
  });
export const phraseSays = (number: number) =>
  queryOptions({
    queryKey: ["phrases", number, "says"],
    queryFn: () => told(api.GET("/api/phrases/{number}/says", { params: { path: { number } } })),
  });
export const unknownLabels = queryOptions({
  queryKey: ["unknown-labels"],
  queryFn: () => told(api.GET("/api/unknown-labels")),
});
export const readAgain = queryOptions({
  queryKey: ["reading"],
  queryFn: () => told(api.GET("/api/reading")),
  // The news tells of progress; this is for a page that missed some.
  refetchInterval: ({ state }) => (state.data?.waiting ? 4_000 : false),
});

export const specs = queryOptions({
  queryKey: ["specs"],
  queryFn: () => told(api.GET("/api/specs")),
});
export const specRevisions = (name: string) =>
  queryOptions({
    queryKey: ["specs", name, "revisions"],
    queryFn: () => told(api.GET("/api/specs/{name}/revisions", { params: { path: { name } } })),
  });
export const specPreview = (text: string) =>
  queryOptions({
    queryKey: ["spec-preview", text],
    queryFn: () => told(api.POST("/api/specs/preview", { body: { text } })),
    staleTime: 30_000,
  });

export const afterTeaching = [
  ["phrases"],
  ["unknown-labels"],
  ["reading"],
  ["visits"],
  ["assets"],
  ["lines"],
] as const;
export const waivers = queryOptions({
  queryKey: ["waivers"],
  queryFn: () => told(api.GET("/api/waivers")),
});

export const afterParts = [["parts"], ["visits"], ["assets"]] as const;
export const afterChange = [["visits"], ["floor"], ["assets"], ["tape"]] as const;
