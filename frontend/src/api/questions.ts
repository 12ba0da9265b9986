import { queryOptions } from "@tanstack/react-query";
import { api, told } from "./client";

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
export const tape = queryOptions({
  queryKey: ["tape"],
  queryFn: () => told(api.GET("/api/tape")),
  refetchInterval: 10_000,
});

export const afterChange = [["visits"], ["floor"], ["assets"], ["tape"]] as const;
