import { createBrowserRouter, Navigate, Outlet, RouterProvider } from "react-router";
import { useNews } from "./api/news";
import { Masthead } from "./parts/Masthead";
import { Failed } from "./parts/States";
import { AssetPage } from "./places/asset/AssetPage";
import { Bench } from "./places/bench/Bench";
import { Collect } from "./places/collect/Collect";
import { Sheets } from "./places/collect/Sheets";
import { Floor } from "./places/floor/Floor";
import { Parts } from "./places/parts/Parts";
import { Phrases } from "./places/phrases/Phrases";
import { SignIn } from "./places/sign-in/SignIn";

function Office() {
  useNews();
  return (
    <div className="flex h-screen min-w-[760px] flex-col">
      <Masthead />
      <main className="min-h-0 flex-1">
        <Outlet />
      </main>
    </div>
  );
}

const router = createBrowserRouter([
  { path: "/sign-in", element: <SignIn /> },
  {
    element: <Office />,
    errorElement: (
      <Failed
        error={new Error("This page broke. Go back to the Bench; nothing that was handed in is lost.")}
      />
    ),
    children: [
      { path: "/", element: <Navigate to="/bench" replace /> },
      { path: "/bench/:visit?", element: <Bench /> },
      { path: "/collect/sheets/:sheet?", element: <Sheets /> },
      { path: "/collect/:run?", element: <Collect /> },
      { path: "/floor", element: <Floor /> },
      {
        path: "/specs/:spec?",
        // The editor is heavy; only who writes specs fetches it.
        lazy: async () => ({ Component: (await import("./places/specs/Specs")).Specs }),
      },
      { path: "/parts", element: <Parts /> },
      { path: "/phrases", element: <Phrases /> },
      { path: "/assets/:asset", element: <AssetPage /> },
    ],
  },
]);

export function App() {
  return <RouterProvider router={router} />;
}
