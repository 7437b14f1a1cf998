import i18next from "i18next";
import "@fontsource-variable/atkinson-hyperlegible-next";
import "@fontsource/andika/latin-400.css";
import "@fontsource/andika/latin-ext-400.css";
import "./styles.css";
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { BrowserRouter } from "react-router";
import { App } from "./app/App";
import { begin } from "./i18n";

const queries = new QueryClient({
  // The house is on this machine or this network: whether the browser believes it is online says nothing of it.
  defaultOptions: {
    queries: { staleTime: 5_000, retry: 1, networkMode: "always" },
    mutations: { networkMode: "always" },
  },
});
// What was answered in another language is asked for again.
i18next.on("languageChanged", () => void queries.invalidateQueries());
const root = document.getElementById("root");
if (root) {
  void begin().then(() =>
    createRoot(root).render(
      <StrictMode>
        <QueryClientProvider client={queries}>
          <BrowserRouter>
            <App />
          </BrowserRouter>
        </QueryClientProvider>
      </StrictMode>,
    ),
  );
}
