import i18next from "i18next";
import { initReactI18next } from "react-i18next";
import { languageToBegin, rememberLanguage, textsIn } from "./language";

i18next.on("languageChanged", (language) => {
  document.documentElement.lang = language;
  rememberLanguage(language);
});

/** The language read in: the one chosen last, or that of the browser, also before its texts are there. */
export const languageNow = () => i18next.language ?? languageToBegin();

/** Begins in the language read last, or that of the browser; the other's texts are fetched when it is asked for. */
export async function begin() {
  const language = languageNow();
  await i18next.use(initReactI18next).init({
    resources: { [language]: { translation: await textsIn(language) } },
    lng: language,
    fallbackLng: language,
    load: "currentOnly",
    keySeparator: false,
    nsSeparator: false,
    interpolation: { escapeValue: false },
  });
}

/** Reads on in another language. */
export async function readIn(language: string) {
  if (!i18next.hasResourceBundle(language, "translation")) {
    i18next.addResourceBundle(language, "translation", await textsIn(language));
  }
  await i18next.changeLanguage(language);
}
