import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { Tooltip } from "radix-ui";
import { lazy, StrictMode, Suspense } from "react";
import { createRoot } from "react-dom/client";
import { Boundary } from "./ui/Boundary";
import "./styles.css";

const App = lazy(() => import("./app/App").then(({ App }) => ({ default: App })));
const StandPage = lazy(() =>
  import("./stand/StandPage").then(({ StandPage }) => ({ default: StandPage })),
);

const queries = new QueryClient({
  defaultOptions: { queries: { retry: 2, refetchOnWindowFocus: true } },
});

/** The set that is built up at the stand, which is a page of its own. */
const stand = /^#\/stand\/([0-9a-f-]{36})$/.exec(location.hash)?.[1];

// what the address names beside a set is another page
addEventListener("hashchange", () => {
  if (/^#\/stand\//.test(location.hash) || stand) location.reload();
});

const root = document.getElementById("root");
if (root) {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={queries}>
        <Tooltip.Provider delayDuration={400}>
          <Boundary name="Zephyrdune">
            <Suspense fallback={null}>{stand ? <StandPage id={stand} /> : <App />}</Suspense>
          </Boundary>
        </Tooltip.Provider>
      </QueryClientProvider>
    </StrictMode>,
  );
}
