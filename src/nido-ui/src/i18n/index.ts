import i18next from "i18next";
import { initReactI18next } from "react-i18next";

const texts: Record<string, () => Promise<{ default: object }>> = {
  en: () => import("./en.json"),
  es: () => import("./es.json"),
};

const at = (language: string) => (language in texts ? language : "en");

async function fetched(language: string) {
  const load = texts[at(language)];
  return load ? (await load()).default : {};
}

i18next.on("languageChanged", (language) => {
  document.documentElement.lang = language;
  localStorage.setItem("nido.language", language);
});

/** The language read in: the one chosen last, or that of the browser, also before its texts are there. */
export const languageNow = () =>
  i18next.language ?? at(localStorage.getItem("nido.language") ?? (navigator.language.startsWith("es") ? "es" : "en"));

/** Begins in the language read last, or that of the browser; the other's texts are fetched when it is asked for. */
export async function begin() {
  const language = languageNow();
  await i18next.use(initReactI18next).init({
    resources: { [language]: { translation: await fetched(language) } },
    lng: language,
    fallbackLng: language,
    interpolation: { escapeValue: false },
  });
}

/** Reads on in another language. */
export async function readIn(language: string) {
  if (!i18next.hasResourceBundle(language, "translation")) {
    i18next.addResourceBundle(language, "translation", await fetched(language));
  }
  await i18next.changeLanguage(language);
}
