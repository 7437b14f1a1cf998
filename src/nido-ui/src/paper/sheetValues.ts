import type { Schemas } from "../api/client";
import { numberOf } from "../shared/numbers";

export type SheetKind = Schemas["SheetKindView"];
export type SheetField = Schemas["FieldView"];
export type SheetValues = Schemas["SheetValues"];
export type Order = Schemas["OrderView"];

/** What is typed into the fields of a sheet: text as it stands there, a line an entry for lists. */
export type Typed = Record<string, string>;

/** Where the fields of a kind begin, with what is known already put in. */
export function typedFrom(kind: SheetKind, known?: SheetValues | null): Typed {
  return Object.fromEntries(
    kind.fields.map((f) => {
      const list = known?.lists?.[f.name];
      const number = known?.numbers?.[f.name];
      return [
        f.name,
        list?.join("\n") ?? (number === undefined ? undefined : `${number}`) ?? known?.texts?.[f.name] ?? f.start,
      ];
    }),
  );
}

/** What is asked of the sheet; a field whose number is none is left out, and said at the field. */
export function valuesOf(kind: SheetKind, typed: Typed): SheetValues {
  const numbers: Record<string, number> = {};
  const texts: Record<string, string> = {};
  const lists: Record<string, string[]> = {};
  for (const f of kind.fields) {
    const text = typed[f.name] ?? f.start;
    if (f.kind === "number" || f.kind === "whole") {
      const number = numberOf(text);
      if (number !== null) {
        numbers[f.name] = number;
      }
    } else if (f.kind === "list") {
      lists[f.name] = text.split("\n");
    } else {
      texts[f.name] = text;
    }
  }
  return { numbers, texts, lists };
}

/** In groups, each in the order of its first. */
export function grouped<T, K>(items: readonly T[], key: (item: T) => K): [K, T[]][] {
  const groups = new Map<K, T[]>();
  for (const item of items) {
    const of = groups.get(key(item)) ?? [];
    of.push(item);
    groups.set(key(item), of);
  }
  return [...groups];
}

/** Pages that come out of the printer. */
export const pagesOf = (orders: Order[], without: ReadonlySet<string>) =>
  orders.filter((o) => !without.has(o.id)).reduce((sum, o) => sum + o.pages * o.copies, 0);
