const spoken = ["en", "es"];

/** The language of a page: the one asked for, else the one at home where Nido writes it, else the reader's. */
export const pageLanguage = (asked: string | undefined, atHome: string | undefined, reader: string) =>
  asked ?? (atHome && spoken.includes(atHome) ? atHome : spoken.includes(reader) ? reader : "en");
