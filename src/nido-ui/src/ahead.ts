import "@fontsource-variable/atkinson-hyperlegible-next";
import "@fontsource/andika/latin-400.css";
import "@fontsource/andika/latin-ext-400.css";
import "./styles.css";
import { askAhead } from "./api/ahead";
import { asked, needs, pages } from "./app/pages";
import { languageToBegin, textsIn } from "./i18n/language";

// Program, words, page and what it shows are fetched side by side: it takes as long as the slowest, not as all together.
void import("./main");
void textsIn(languageToBegin()).catch(() => undefined);
const { page, weekId } = asked(location.pathname);
if (page) {
  void pages[page]().catch(() => undefined);
  for (const address of needs(page, weekId)) {
    askAhead(address);
  }
}
