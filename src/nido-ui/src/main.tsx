import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import i18next from "i18next";
import { StrictMode, startTransition } from "react";
import { createRoot } from "react-dom/client";
import { BrowserRouter } from "react-router";
import { forgetAhead } from "./api/ahead";
import { App } from "./app/App";
import { begin } from "./i18n";

const queries = new QueryClient({
  // The house is on this machine or this network: whether the browser believes it is online says nothing of it.
  defaultOptions: {
    queries: { staleTime: 5_000, retry: 1, networkMode: "always" },
    mutations: { networkMode: "always" },
  },
});
const root = document.getElementById("root");
if (root) {
  void begin().then(() => {
    // What was answered in another language is asked for again.
    i18next.on("languageChanged", () => void queries.invalidateQueries());
    const drawn = createRoot(root);
    setTimeout(forgetAhead, 10_000);
    // In small pieces, like every place: the paper that stands there stays until the first page does.
    startTransition(() =>
      drawn.render(
        <StrictMode>
          <QueryClientProvider client={queries}>
            <BrowserRouter>
              <App />
            </BrowserRouter>
          </QueryClientProvider>
        </StrictMode>,
      ),
    );
  });
}
