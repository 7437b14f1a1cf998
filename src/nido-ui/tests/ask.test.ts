import { describe, expect, it } from "vitest";
import type { Calculator, Field } from "../src/api/client";
import { askOf, startOf } from "../src/making/ask";
import { numberOf } from "../src/shared/numbers";

const field = (path: string, kind: Field["kind"], start = "", more: Partial<Field> = {}): Field => ({
  path,
  kind,
  start,
  unit: "",
  least: null,
  most: null,
  whole: false,
  among: [],
  columns: [],
  startRows: [],
  ...more,
});
const of = (...fields: Field[]): Calculator => ({ name: "any", fields, figures: [] });

describe("what is typed becomes what is asked", () => {
  it("reads numbers with a comma or a point, and leaves what is none for the answer to name", () => {
    const calculator = of(field("a", "number", "2,5"), field("b", "number", "2.5"), field("c", "number", "two"));
    expect(askOf(calculator, startOf(calculator))).toEqual({ a: 2.5, b: 2.5, c: "two" });
  });

  it("puts a field at its path and leaves out what is empty", () => {
    const calculator = of(field("piece.shape", "choice", "box"), field("piece.width", "number"), field("soft", "flag"));
    expect(askOf(calculator, startOf(calculator))).toEqual({ piece: { shape: "box" }, soft: false });
  });

  it("reads amounts by their last blank", () => {
    const calculator = of(field("needs", "amounts", "light blue 40, red 0.3, cream"));
    expect(askOf(calculator, startOf(calculator))).toEqual({ needs: { "light blue": 40, red: 0.3, cream: "" } });
  });

  it("reads a table row by row", () => {
    const calculator = of(
      field("blocks", "rows", "", { columns: ["name", "width", "values"], startRows: [["a", "2,5", "x, y"]] }),
    );
    expect(askOf(calculator, startOf(calculator))).toEqual({ blocks: [{ name: "a", width: 2.5, values: ["x", "y"] }] });
  });
});

describe("a number as people write it", () => {
  it.each([
    ["2,5", 2.5],
    ["2.5", 2.5],
    ["1.234,5", 1234.5],
    ["1,234.5", 1234.5],
    [" 7 ", 7],
    ["-3", -3],
    ["", null],
    ["seven", null],
    ["1e999", null],
  ])("%s", (text, number) => expect(numberOf(text)).toBe(number));
});
