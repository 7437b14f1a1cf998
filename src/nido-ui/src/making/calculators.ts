/** A field of a calculator: its path in what is asked, how it is entered, and where it starts. */
export type Field =
  | { path: string; kind: "number"; start?: number; unit?: string; least?: number; most?: number; step?: number }
  | { path: string; kind: "flag"; start?: boolean }
  | { path: string; kind: "text"; start?: string }
  | { path: string; kind: "choice"; among: string[]; start: string }
  /** Words or numbers with commas between them. */
  | { path: string; kind: "words" | "numbers"; start: string }
  /** A word and a number for each entry: "red 20, blue 9". */
  | { path: string; kind: "amounts"; start: string }
  | { path: string; kind: "rows"; columns: string[]; start: (number | string)[][] };

export interface Calculator {
  name: string;
  fields: Field[];
  /** Figures of the answer that stand above the drawing. */
  figures: string[];
}

const mm = (path: string, start?: number): Field => ({ path, kind: "number", start, unit: "mm" });
const count = (path: string, start: number): Field => ({ path, kind: "number", start, least: 0, step: 1 });
const spare: Field = { path: "spare", kind: "number", start: 10, unit: "%", least: 0 };
const children: Field = count("children", 14);
const seed: Field = count("seed", 1);
const shapes = ["sphere", "box", "rod", "disc"];
const piece: Field[] = [
  { path: "piece.shape", kind: "choice", among: shapes, start: "sphere" },
  mm("piece.diameter", 20),
  mm("piece.length", 60),
  mm("piece.width", 40),
  mm("piece.height", 30),
];

/** Every calculator, in the order of the work: count, cut, build, write, pour, play. */
export const calculators: Calculator[] = [
  {
    name: "arc-rows",
    fields: [
      mm("outerRadius", 110),
      mm("rowPitch", 15),
      count("rows", 4),
      mm("pieceSize", 14),
      mm("gap", 2),
      children,
      spare,
      { path: "samplePerRow", kind: "flag" },
    ],
    figures: ["perChild", "total"],
  },
  {
    name: "fill-to-number",
    fields: [{ path: "labels", kind: "numbers", start: "1, 2, 3, 4, 5, 6" }, children, spare],
    figures: ["perChild", "total"],
  },
  {
    name: "name-sets",
    fields: [
      { path: "names", kind: "words", start: "Anouk, Bao, Ciro, Zoë" },
      { path: "case", kind: "choice", among: ["title", "upper", "lower"], start: "title" },
      { path: "twoSets", kind: "flag" },
    ],
    figures: ["pieces"],
  },
  {
    name: "pack-mix",
    fields: [
      { path: "needs", kind: "amounts", start: "red 40, cream 25, blue 12" },
      count("packCount", 100),
      { path: "packShares", kind: "amounts", start: "red 0.3, blue 0.3, cream 0.4" },
      spare,
    ],
    figures: ["packs", "missingColours"],
  },
  {
    name: "session-kits",
    fields: [
      { path: "expected", kind: "amounts", start: "under-2 6, twos-and-threes 8, fours 7, fives 3" },
      { path: "runOut", kind: "number", start: 5, unit: "%", least: 0 },
      { path: "oneKit", kind: "flag" },
    ],
    figures: ["total", "spare"],
  },
  {
    name: "strips-squares",
    fields: [
      mm("sheetWidth", 210),
      mm("sheetHeight", 297),
      mm("strip", 20),
      mm("square", 20),
      { path: "stripsAlong", kind: "choice", among: ["height", "width"], start: "height" },
      children,
      count("squaresPerChild", 12),
    ],
    figures: ["strips", "squaresPerSheet", "cuts", "sheets"],
  },
  {
    name: "sheet-yield",
    fields: [
      mm("sheetWidth", 210),
      mm("sheetHeight", 297),
      mm("pieceWidth", 40),
      mm("pieceHeight", 60),
      mm("diameter"),
      mm("margin", 5),
      mm("gap", 0),
      count("needed", 84),
    ],
    figures: ["perSheet", "arrangement", "sheets", "wastePercent"],
  },
  {
    name: "radial-cuts",
    fields: [mm("diameter", 180), count("diameters", 3), { path: "pattern", kind: "words", start: "red, cream, blue" }],
    figures: ["sectors", "cuts", "edgeArc", "patternFits"],
  },
  {
    name: "frame",
    fields: [
      {
        path: "shape",
        kind: "choice",
        among: [
          "cube",
          "house",
          "tower",
          "square",
          "triangle",
          "tetrahedron",
          "square-pyramid",
          "triangular-prism",
          "octahedron",
          "icosahedron",
        ],
        start: "house",
      },
      count("storeys", 1),
      count("count", 5),
      mm("stickLength", 100),
      mm("strawLength", 197),
      count("maxSticksPerJoint", 5),
    ],
    figures: ["joints", "sticks", "bracesToStandStill", "straws", "tipAngleDeg"],
  },
  {
    name: "stack",
    fields: [
      {
        path: "blocks",
        kind: "rows",
        columns: ["width", "depth", "height", "mass", "offsetX", "offsetY"],
        start: [
          [200, 200, 20, 0, 0, 0],
          [100, 60, 40, 120, 20, 0],
          [80, 60, 40, 90, -10, 0],
          [60, 60, 60, 150, 0, 0],
        ],
      },
    ],
    figures: ["stands", "marginMm", "tipAngleDeg"],
  },
  {
    name: "thread",
    fields: [
      { path: "pieceLengths", kind: "amounts", start: "red 20, cream 10, blue 12" },
      { path: "pattern", kind: "words", start: "red, cream, cream, blue" },
      { path: "mirrored", kind: "flag" },
      mm("targetLength", 300),
      mm("lace.diameter", 2),
      { path: "lace.elastic", kind: "flag" },
      { path: "lace.doubled", kind: "flag" },
      { path: "lace.stiff", kind: "flag" },
      mm("hole", 5),
      mm("knotAllowance", 60),
      mm("endCurl", 0),
      { path: "closed", kind: "flag" },
    ],
    figures: ["repeats", "threadedLength", "laceLength", "holeRatio"],
  },
  {
    name: "dots",
    fields: [
      { path: "numerals", kind: "numbers", start: "1, 2, 3, 4, 5, 6, 7, 8" },
      mm("holeDiameter", 6),
      mm("cardWidth", 90),
      mm("cardHeight", 60),
      mm("margin", 6),
      mm("gap", 3),
      mm("punchReach"),
      count("sets", 4),
    ],
    figures: ["perSet", "total", "fits"],
  },
  {
    name: "pattern-cards",
    fields: [
      { path: "kind", kind: "choice", among: ["AB", "AAB", "ABB", "ABC", "AABB", "ring"], start: "AAB" },
      { path: "colours", kind: "words", start: "red, cream, blue" },
      count("length", 6),
      { path: "available", kind: "amounts", start: "" },
      { path: "flip", kind: "flag" },
      count("maxCards", 8),
      seed,
    ],
    figures: ["possible"],
  },
  {
    name: "missing-numbers",
    fields: [
      count("from", 1),
      count("to", 12),
      count("gaps", 4),
      seed,
      { path: "avoidEnds", kind: "flag", start: true },
      { path: "avoidNeighbours", kind: "flag", start: true },
    ],
    figures: [],
  },
  {
    name: "two-ended-sticks",
    fields: [
      { path: "colours", kind: "words", start: "red, cream, blue, green" },
      { path: "sameEnds", kind: "flag" },
    ],
    figures: ["distinct"],
  },
  {
    name: "two-lines",
    fields: [
      {
        path: "shape",
        kind: "choice",
        among: ["square", "circle", "rectangle", "triangle", "house", "hexagon", "star"],
        start: "square",
      },
      mm("size", 90),
      mm("distance", 9),
    ],
    figures: ["innerLength", "outerLength", "constant", "fitsA4"],
  },
  {
    name: "stick-cards",
    fields: [
      count("sticks", 5),
      mm("length", 40),
      count("cards", 4),
      { path: "turns", kind: "choice", among: ["quarter", "sixth"], start: "quarter" },
      seed,
    ],
    figures: [],
  },
  {
    name: "similar-set",
    fields: [
      {
        path: "features",
        kind: "rows",
        columns: ["name", "values"],
        start: [
          ["stamp", "red, blue"],
          ["flag", "up, down, none"],
          ["number", "1, 2, 3"],
        ],
      },
      count("pairs", 4),
      count("differBy", 1),
      seed,
    ],
    figures: [],
  },
  {
    name: "direction-strips",
    fields: [
      count("length", 4),
      count("strips", 6),
      { path: "directions", kind: "words", start: "up, right, down, left" },
      seed,
    ],
    figures: ["pieces"],
  },
  {
    name: "fits-through",
    fields: [
      ...piece,
      { path: "piece.soft", kind: "flag" },
      { path: "opening.shape", kind: "choice", among: ["round", "slot"], start: "round" },
      mm("opening.diameter", 25),
      mm("opening.width", 40),
      mm("opening.height", 10),
    ],
    figures: ["passes", "clearance", "turn"],
  },
  {
    name: "two-opening-set",
    fields: [
      {
        path: "pieces",
        kind: "rows",
        columns: ["name", "shape", "diameter", "length", "width", "height"],
        start: [
          ["bead", "sphere", 20, 0, 0, 0],
          ["ball", "sphere", 40, 0, 0, 0],
          ["block", "box", 0, 60, 30, 25],
        ],
      },
      { path: "small.shape", kind: "choice", among: ["round", "slot"], start: "round" },
      mm("small.diameter", 25),
      mm("small.width"),
      mm("small.height"),
      { path: "large.shape", kind: "choice", among: ["round", "slot"], start: "round" },
      mm("large.diameter", 45),
      mm("large.width"),
      mm("large.height"),
    ],
    figures: ["fair", "onlyLarge", "both", "neither"],
  },
  {
    name: "screw-board",
    fields: [
      { path: "letters", kind: "text", start: "P" },
      mm("letterHeight", 120),
      {
        path: "shapes",
        kind: "rows",
        columns: ["shape", "width", "height"],
        start: [["house", 120, 120]],
      },
      mm("screwLength", 14),
      mm("boardThickness", 18),
      mm("spacing", 25),
      mm("screwDiameter", 4),
      { path: "driver", kind: "choice", among: ["cross", "slot", "square", "hex", "star"], start: "cross" },
      { path: "head", kind: "choice", among: ["cross", "slot", "square", "hex", "star"], start: "cross" },
    ],
    figures: ["screws", "protrudes", "driverFits", "preDrillMm"],
  },
  {
    name: "peg-wheel",
    fields: [
      mm("diameter", 200),
      mm("thickness", 1.5),
      {
        path: "material",
        kind: "choice",
        among: ["card", "paper", "corrugated", "plastic", "foam", "plywood"],
        start: "card",
      },
      { path: "pegMass", kind: "number", start: 8, unit: "g" },
      count("pegs", 10),
      { path: "grip", kind: "choice", among: ["centre", "edge"], start: "centre" },
    ],
    figures: ["mostPegs", "sagMm", "holds"],
  },
  {
    name: "glue",
    fields: [mm("lineLength", 600), mm("beadWidth", 4), count("copies", 14), spare],
    figures: ["mlEach", "ml"],
  },
  {
    name: "mix-colours",
    fields: [
      { path: "have", kind: "words", start: "red, yellow, blue, white" },
      { path: "want", kind: "words", start: "green, brown, cream, grey" },
    ],
    figures: [],
  },
  { name: "cover-area", fields: [mm("width", 200), mm("height", 100), ...piece], figures: ["fewest", "most"] },
  {
    name: "container-capacity",
    fields: [{ path: "volume", kind: "number", start: 500, unit: "mL" }, ...piece],
    figures: ["fewest", "most"],
  },
  {
    name: "tray-fill",
    fields: [
      mm("length", 300),
      mm("width", 200),
      mm("depth", 3),
      {
        path: "material",
        kind: "choice",
        among: ["salt", "flour", "sugar", "oats", "rice", "cornstarch", "sand", "water"],
        start: "salt",
      },
      count("trays", 5),
    ],
    figures: ["volumeMl", "massG", "cups"],
  },
  {
    name: "recipe-scale",
    fields: [
      {
        path: "recipe",
        kind: "choice",
        among: [
          "dough-wheat-cooked",
          "dough-wheat-raw",
          "dough-cornstarch",
          "dough-rice",
          "salt-dough",
          "salt-dough-cornstarch",
          "bubbles",
          "paste-wheat",
          "paste-cornstarch",
          "coloured-rice",
          "coloured-salt",
          "finger-paint",
          "finger-paint-yoghurt",
        ],
        start: "dough-wheat-cooked",
      },
      children,
      { path: "amountEach", kind: "number", start: 120, unit: "g, mL" },
      { path: "measures", kind: "choice", among: ["metric", "us"], start: "metric" },
      { path: "avoid", kind: "words", start: "" },
    ],
    figures: ["batchYield", "variant", "allergens", "maxRatioError"],
  },
  {
    name: "target-game",
    fields: [
      count("hits", 8),
      count("tries", 10),
      mm("distance", 1000),
      mm("minDistance", 500),
      mm("maxDistance", 3000),
    ],
    figures: ["nextDistance", "change"],
  },
];
