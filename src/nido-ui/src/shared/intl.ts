import i18next from "i18next";

const dates = new Map<string, Intl.DateTimeFormat>();
const numbers = new Map<string, Intl.NumberFormat>();

/** What writes is made once for each language and way of writing: making one takes a hundred times as long as using it. */
function once<Writer, Options>(made: Map<string, Writer>, language: string, options: Options, make: () => Writer) {
  const key = `${language} ${JSON.stringify(options)}`;
  const known = made.get(key);
  if (known) {
    return known;
  }
  const writer = make();
  made.set(key, writer);
  return writer;
}

/** The writer of dates in a language, that of the pages unless another is named. */
export const dateWriter = (options: Intl.DateTimeFormatOptions, language = i18next.language) =>
  once(dates, language, options, () => new Intl.DateTimeFormat(language, options));

/** The writer of numbers in a language, that of the pages unless another is named. */
export const numberWriter = (options: Intl.NumberFormatOptions, language = i18next.language) =>
  once(numbers, language, options, () => new Intl.NumberFormat(language, options));
