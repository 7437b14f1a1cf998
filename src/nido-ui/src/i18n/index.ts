import i18next from "i18next";
import { initReactI18next } from "react-i18next";
import en from "./en.json";
import es from "./es.json";

const stored = localStorage.getItem("nido.language");
void i18next.use(initReactI18next).init({
  resources: { en: { translation: en }, es: { translation: es } },
  lng: stored ?? (navigator.language.startsWith("es") ? "es" : "en"),
  fallbackLng: "en",
  interpolation: { escapeValue: false },
});
document.documentElement.lang = i18next.language;
i18next.on("languageChanged", (language) => {
  document.documentElement.lang = language;
  localStorage.setItem("nido.language", language);
});
