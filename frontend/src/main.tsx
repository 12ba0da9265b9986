import { MutationCache, QueryCache, QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { App } from "./App";
import { Trouble } from "./api/client";
import "./look/look.css";

function leaveWhenSignedOut(error: Error) {
  if (error instanceof Trouble && error.status === 401 && window.location.pathname !== "/sign-in") {
    const from = encodeURIComponent(window.location.pathname);
    window.location.assign(`/sign-in?from=${from}`);
  }
}

const queries = new QueryClient({
  queryCache: new QueryCache({ onError: leaveWhenSignedOut }),
  mutationCache: new MutationCache({ onError: leaveWhenSignedOut }),
  defaultOptions: {
    queries: {
      retry: (count, error) => count < 2 && error instanceof Trouble && error.status === 0,
      staleTime: 2_000,
    },
  },
});

createRoot(document.getElementById("root") as HTMLElement).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <App />
    </QueryClientProvider>
  </StrictMode>,
);
