import type { Calculator, Field } from "../api/client";
import { numberOrTyped } from "../shared/numbers";

/** What is typed, field by field. */
export type Entries = Record<string, string | boolean | string[][]>;

/** The entries a calculator starts with. */
export const startOf = (calculator: Calculator): Entries =>
  Object.fromEntries(
    calculator.fields.map((f) => [
      f.path,
      f.kind === "rows" ? f.startRows.map((row) => [...row]) : f.kind === "flag" ? f.start === "true" : f.start,
    ]),
  );

const words = (text: string) =>
  text
    .split(",")
    .map((w) => w.trim())
    .filter((w) => w.length > 0);

/** "red 20, blue 9" as a mapping; what is no number stays as it is, so that the answer can name it. */
const amounts = (text: string) =>
  Object.fromEntries(
    words(text).map((entry) => {
      const at = entry.lastIndexOf(" ");
      const name = at < 0 ? entry : entry.slice(0, at).trim();
      const amount = at < 0 ? "" : entry.slice(at + 1);
      return [name, amount === "" || Number.isNaN(Number(amount)) ? amount : Number(amount)];
    }),
  );

const cell = (column: string, text: string) =>
  column === "values" ? words(text) : ["name", "shape"].includes(column) ? text : numberOrTyped(text);

function readEntry(field: Field, entry: Entries[string] | undefined): unknown {
  if (field.kind === "rows") {
    return (entry as string[][]).map((row) =>
      Object.fromEntries(field.columns.map((c, i) => [c, cell(c, row[i] ?? "")])),
    );
  }
  if (field.kind === "flag") {
    return entry === true;
  }
  const text = String(entry ?? "").trim();
  switch (field.kind) {
    case "number":
      return text === "" ? undefined : numberOrTyped(text);
    case "numbers":
      return words(text).map(Number);
    case "words":
      return text === "" ? undefined : words(text);
    case "amounts":
      return text === "" ? undefined : amounts(text);
    default:
      return text === "" ? undefined : text;
  }
}

/** What is asked of the server: entries put at their paths, what is left empty left out. */
export function askOf(calculator: Calculator, entries: Entries): Record<string, unknown> {
  const ask: Record<string, unknown> = {};
  for (const field of calculator.fields) {
    const value = readEntry(field, entries[field.path]);
    const [first = "", second] = field.path.split(".");
    if (value !== undefined && second) {
      ask[first] = { ...(ask[first] as object | undefined), [second]: value };
    } else if (value !== undefined) {
      ask[first] = value;
    }
  }
  return ask;
}
