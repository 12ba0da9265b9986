import createClient, { type Middleware } from "openapi-fetch";
import type { components, paths } from "./schema";

export type Schemas = components["schemas"];

/** An error answered by the server (RFC 9457), or the server's silence; its message is for the person. */
export class Trouble extends Error {
  constructor(
    readonly status: number,
    readonly title: string,
    detail: string,
  ) {
    super(detail);
  }
}

const NO_ANSWER = new Trouble(
  0,
  "No answer",
  "The server does not answer. What you handed in is kept; this page goes on when it is back.",
);

const asTrouble: Middleware = {
  async onResponse({ response }) {
    if (response.ok) return;
    const problem = (await response.json().catch(() => null)) as Schemas["Problem"] | null;
    throw new Trouble(
      response.status,
      problem?.title ?? "Something went wrong",
      problem?.detail ?? `The server answered ${response.status} and said no more.`,
    );
  },
  onError() {
    return NO_ANSWER;
  },
};

export const api = createClient<paths>({ baseUrl: "" });
api.use(asTrouble);

/** The answer's data; troubles are thrown before this is reached. */
export async function told<T>(request: Promise<{ data?: T }>): Promise<T> {
  const { data } = await request;
  return data as T;
}

/** Hand a report in as it is: bytes, not text. */
export async function handIn(body: Blob, file: string, way: "pasted" | "file", beside: number | null) {
  return told(
    api.POST("/api/reports", {
      params: { query: { file, way, beside: beside ?? undefined } },
      body: body as unknown as string,
      bodySerializer: (bytes) => bytes as unknown as BodyInit,
      headers: { "Content-Type": "application/octet-stream" },
    }),
  );
}
