import type { ReactNode } from "react";
import { arcs, plate, screws, sheet, stack, strips } from "./counted";
import { FrameDrawing } from "./FrameDrawing";
import {
  arrows,
  dots,
  lace,
  measures,
  names,
  numberLine,
  paints,
  pairs,
  patterns,
  stickCards,
  sticks,
  through,
} from "./written";

type Draw = (answer: unknown, ask: Record<string, unknown>) => ReactNode;

/** The server's answer has the shape its name promises; the drawing says which. */
const of =
  <T,>(draw: (answer: T, ask: Record<string, unknown>) => ReactNode): Draw =>
  (answer, ask) =>
    draw(answer as T, ask);

/** The drawing of each calculator that has something to draw. */
export const drawings: Record<string, Draw> = {
  "arc-rows": of(arcs),
  "radial-cuts": of(plate),
  "strips-squares": of(strips),
  "sheet-yield": of(sheet),
  "screw-board": of(screws),
  stack: of(stack),
  frame: of((frame: Parameters<typeof FrameDrawing>[0]["frame"]) => <FrameDrawing frame={frame} />),
  dots: of(dots),
  "pattern-cards": of(patterns),
  "missing-numbers": of(numberLine),
  "name-sets": of(names),
  "two-ended-sticks": of(sticks),
  "stick-cards": of(stickCards),
  thread: of(lace),
  "direction-strips": of(arrows),
  "similar-set": of(pairs),
  "mix-colours": of(paints),
  "recipe-scale": of(measures),
  "fits-through": of(through),
};
