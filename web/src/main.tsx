import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { Tooltip } from "radix-ui";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { App } from "./app/App";
import { Boundary } from "./ui/Boundary";
import "./styles.css";

const queries = new QueryClient({
  defaultOptions: { queries: { retry: 2, refetchOnWindowFocus: true } },
});

const root = document.getElementById("root");
if (root) {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={queries}>
        <Tooltip.Provider delayDuration={400}>
          <Boundary name="Zephyrdune">
            <App />
          </Boundary>
        </Tooltip.Provider>
      </QueryClientProvider>
    </StrictMode>,
  );
}
