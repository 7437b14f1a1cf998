import "@fontsource-variable/atkinson-hyperlegible-next";
import "@fontsource/andika/400.css";
import "./styles.css";
import { askAhead } from "./api/ahead";
import { asked, needs, needsOfWeek, pages, weekAddress } from "./app/pages";
import { languageToBegin, textsIn } from "./i18n/language";

// Program, words, page and what it shows are fetched side by side: it takes as long as the slowest, not as all together.
void import("./main");
void textsIn(languageToBegin()).catch(() => undefined);
const { page, weekId, what } = asked(location.pathname);
if (page) {
  void pages[page]().catch(() => undefined);
  for (const address of needs(page, weekId)) {
    const answer = askAhead(address);
    if (weekId && !what && address === weekAddress(weekId)) {
      // What only the week tells is asked for as soon as it is here, while the program is still on its way.
      void answer.then((week) => needsOfWeek(page, week).forEach(askAhead)).catch(() => undefined);
    }
  }
}
