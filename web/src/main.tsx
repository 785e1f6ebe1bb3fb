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

const ShootPage = lazy(() =>
  import("./shoot/ShootPage").then(({ ShootPage }) => ({ default: ShootPage })),
);
const ShootList = lazy(() =>
  import("./shoot/ShootList").then(({ ShootList }) => ({ default: ShootList })),
);
const LogPage = lazy(() => import("./log/LogPage").then(({ LogPage }) => ({ default: LogPage })));

const queries = new QueryClient({
  defaultOptions: { queries: { retry: 2, refetchOnWindowFocus: true } },
});

const PAGES = /^#\/(stand|shoots|log)(?:\/([0-9a-f-]{36}))?$/;

/** Which page the address names beside the table: a set at the stand, all shoots or one of them. */
const [, page, id] = PAGES.exec(location.hash) ?? [];

addEventListener("hashchange", () => {
  if (PAGES.test(location.hash) || page) location.reload();
});

function Page() {
  if (page === "stand" && id) return <StandPage id={id} />;
  if (page === "shoots") return id ? <ShootPage id={id} /> : <ShootList />;
  if (page === "log") return <LogPage />;
  return <App />;
}

const root = document.getElementById("root");
if (root) {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={queries}>
        <Tooltip.Provider delayDuration={400}>
          <Boundary name="Zephyrdune">
            <Suspense fallback={null}>
              <Page />
            </Suspense>
          </Boundary>
        </Tooltip.Provider>
      </QueryClientProvider>
    </StrictMode>,
  );
}
