import type { Schemas } from "../api/client";
import type { SheetValues } from "./sheetValues";

type Ask = Record<string, unknown>;
const n = (ask: Ask, key: string) => (typeof ask[key] === "number" ? (ask[key] as number) : undefined);
const numbers = (of: Record<string, number | undefined>): SheetValues => ({
  numbers: Object.fromEntries(Object.entries(of).filter((e): e is [string, number] => e[1] !== undefined)),
  texts: null,
  lists: null,
});
const lists = (of: Record<string, unknown>): SheetValues => ({
  numbers: null,
  texts: null,
  lists: Object.fromEntries(
    Object.entries(of).filter((e): e is [string, string[]] => Array.isArray(e[1]) && e[1].length > 0),
  ),
});

/** The sheet a calculator's answer can be printed on, with what it was asked. */
export const sheetOfCalculator: Record<
  string,
  (ask: Ask, answer: Ask, recipes: Schemas["Recipe"][]) => { kind: string; values: SheetValues }
> = {
  "recipe-scale": (a, answer, recipes) => {
    const recipe = recipes.find((r) => r.id === a.recipe);
    const measured = (answer.ingredients ?? []) as Schemas["RecipeScaleMeasured"][];
    return {
      kind: "recipe-card",
      values: {
        numbers: null,
        texts: { title: recipe?.name ?? "" },
        lists: {
          measures: measured.map((i) => `${i.shownAmount} ${i.unit} ${i.name}`),
          steps: recipe?.steps ?? [],
        },
      },
    };
  },
  "arc-rows": (a) => ({
    kind: "arc-rows",
    values: numbers({
      outerRadius: n(a, "outerRadius"),
      rowPitch: n(a, "rowPitch"),
      rows: n(a, "rows"),
      piece: n(a, "pieceSize"),
    }),
  }),
  "fill-to-number": () => ({ kind: "fill-mats", values: {} as SheetValues }),
  "name-sets": (a) => ({ kind: "name-tiles", values: lists({ names: a.names }) }),
  "strips-squares": (a) => ({ kind: "squares", values: numbers({ side: n(a, "squareSide"), count: n(a, "squares") }) }),
  "radial-cuts": (a) => ({
    kind: "plate",
    values: {
      ...numbers({ diameter: n(a, "diameter"), diameters: n(a, "diameters") }),
      lists: lists({ pattern: a.pattern }).lists,
    },
  }),
  "missing-numbers": (a) => ({
    kind: "number-line",
    values: numbers({ from: n(a, "from"), to: n(a, "to"), missing: n(a, "gaps"), seed: n(a, "seed") }),
  }),
  dots: () => ({ kind: "dot-cards", values: {} as SheetValues }),
  "pattern-cards": (a) => ({
    kind: "pattern-strips",
    values: { numbers: null, texts: a.kind === "ring" ? null : { pattern: String(a.kind) }, lists: null },
  }),
  "two-ended-sticks": () => ({ kind: "stick-cards", values: {} as SheetValues }),
  "stick-cards": (a) => ({
    kind: "stick-cards",
    values: {
      ...numbers({ sticks: n(a, "sticks"), length: n(a, "length"), cards: n(a, "cards"), seed: n(a, "seed") }),
      texts: typeof a.turns === "string" ? { turns: a.turns } : null,
    },
  }),
  "peg-wheel": (a) => ({ kind: "peg-wheel", values: numbers({ diameter: n(a, "diameter"), pegs: n(a, "pegs") }) }),
  "screw-board": (a) => ({
    kind: "drill-template",
    values: {
      ...numbers({ size: n(a, "letterHeight"), spacing: n(a, "spacing") }),
      texts: typeof a.letters === "string" && a.letters ? { letter: a.letters.slice(0, 1) } : null,
    },
  }),
  "two-opening-set": () => ({ kind: "lid-openings", values: {} as SheetValues }),
  "fits-through": () => ({ kind: "lid-openings", values: {} as SheetValues }),
  "direction-strips": (a) => ({
    kind: "direction-strips",
    values: numbers({ length: n(a, "length"), strips: n(a, "strips"), seed: n(a, "seed") }),
  }),
  "cover-area": () => ({ kind: "fill-outlines", values: {} as SheetValues }),
  "sheet-yield": (a) => ({ kind: "squares", values: numbers({ side: n(a, "pieceWidth"), count: n(a, "needed") }) }),
  frame: (a) => ({
    kind: "frame-card",
    values: {
      ...numbers({ storeys: n(a, "storeys") }),
      texts: typeof a.shape === "string" && a.shape ? { frame: a.shape } : null,
    },
  }),
  "two-lines": (a) => ({
    kind: "cut-shapes",
    values: {
      ...numbers({ size: n(a, "size"), outside: n(a, "distance") }),
      texts: typeof a.shape === "string" ? { shape: a.shape } : null,
    },
  }),
};
