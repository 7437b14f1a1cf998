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
/** The page's own elements: a script that is at hand at once may run before they are read. */
async function elements() {
  if (document.readyState === "loading") {
    await new Promise((read) => document.addEventListener("DOMContentLoaded", read, { once: true }));
  }
  return document.getElementById("root");
}

void Promise.all([elements(), begin()]).then(([root]) => {
  if (!root) {
    return;
  }
  i18next.on("languageChanged", () => {
    // What was answered in another language is asked for again.
    forgetAhead();
    void queries.invalidateQueries();
  });
  setTimeout(forgetAhead, 10_000);
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
