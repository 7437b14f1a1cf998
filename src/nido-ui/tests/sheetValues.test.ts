import { describe, expect, it } from "vitest";
import { grouped, type Order, pagesOf, type SheetKind, typedFrom, valuesOf } from "../src/paper/sheetValues";
import { numberOf } from "../src/shared/numbers";

const field = (name: string, kind: SheetKind["fields"][number]["kind"], start: string) => ({
  name,
  label: name,
  kind,
  least: 0,
  most: 9,
  unit: "",
  start,
  choices: [],
});
const kind: SheetKind = {
  id: "x",
  name: "X",
  family: "cutting",
  familyName: "",
  fields: [field("side", "number", "19"), field("fill", "choice", "none"), field("names", "list", "Ada\nBo")],
};

describe("what is asked of a sheet", () => {
  it("begins as the fields say, with what is known put in", () => {
    expect(typedFrom(kind)).toEqual({ side: "19", fill: "none", names: "Ada\nBo" });
    expect(typedFrom(kind, { numbers: { side: 0 }, texts: null, lists: { names: ["Li"] } })).toEqual({
      side: "0",
      fill: "none",
      names: "Li",
    });
  });
  it("reads numbers with a comma or a point, and nothing else as one", () => {
    expect([numberOf("2,5"), numberOf(" 2.5 "), numberOf(""), numberOf("two"), numberOf("1,2,3")]).toEqual([
      2.5,
      2.5,
      null,
      null,
      null,
    ]);
  });
  it("goes there and back", () => {
    const typed = { side: "20,5", fill: "star", names: "Ada\n\nZoë" };
    const values = valuesOf(kind, typed);
    expect(values).toEqual({ numbers: { side: 20.5 }, texts: { fill: "star" }, lists: { names: ["Ada", "", "Zoë"] } });
    expect(valuesOf(kind, typedFrom(kind, values))).toEqual(values);
  });
});

describe("the paper of a week", () => {
  const order = (id: string, pages: number, copies: number) => ({ id, pages, copies }) as Order;
  it("counts pages with their copies, without what is left out", () => {
    const orders = [order("a", 2, 3), order("b", 1, 1)];
    expect(pagesOf(orders, new Set())).toBe(7);
    expect(pagesOf(orders, new Set(["a"]))).toBe(1);
  });
  it("keeps the order of groups and of what is in them", () =>
    expect(grouped([3, 1, 4, 1, 5], (n) => n % 2)).toEqual([
      [1, [3, 1, 1, 5]],
      [0, [4]],
    ]));
});
