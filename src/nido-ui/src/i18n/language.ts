/** The texts of the pages by language; fetched when a language is read in, and not before. The build lays them flat. */
const texts: Record<string, () => Promise<{ default: object }>> = {
  en: () => import("./en.json"),
  es: () => import("./es.json"),
};

const at = (language: string) => (language in texts ? language : "en");

/** The language to begin in: the one chosen last, or that of the browser. */
export const languageToBegin = () =>
  at(localStorage.getItem("nido.language") ?? (navigator.language.startsWith("es") ? "es" : "en"));

/** Remembers the language read in. */
export const rememberLanguage = (language: string) => localStorage.setItem("nido.language", language);

/** The texts in a language, or in English where there are none. */
export const textsIn = async (language: string) => (await texts[at(language)]?.())?.default ?? {};
