import i18next from "i18next";
import "@fontsource-variable/atkinson-hyperlegible-next";
import "@fontsource/andika/latin-400.css";
import "@fontsource/andika/latin-ext-400.css";
import "./styles.css";
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { StrictMode, startTransition } from "react";
import { createRoot } from "react-dom/client";
import { BrowserRouter } from "react-router";
import { $api } from "./api/client";
import { App } from "./app/App";
import { asked, pages } from "./app/pages";
import { begin } from "./i18n";

const queries = new QueryClient({
  // The house is on this machine or this network: whether the browser believes it is online says nothing of it.
  defaultOptions: {
    queries: { staleTime: 5_000, retry: 1, networkMode: "always" },
    mutations: { networkMode: "always" },
  },
});
// Words, page and week are fetched side by side: each takes as long as the slowest, not as all together.
const { page, weekId } = asked(location.pathname);
if (page) {
  void pages[page]().catch(() => undefined);
}
if (weekId) {
  void queries.prefetchQuery($api.queryOptions("get", "/api/weeks/{weekId}", { params: { path: { weekId } } }));
}
const root = document.getElementById("root");
if (root) {
  void begin().then(() => {
    // What was answered in another language is asked for again.
    i18next.on("languageChanged", () => void queries.invalidateQueries());
    const drawn = createRoot(root);
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
