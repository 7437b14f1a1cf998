import { expect, test } from "vitest";
import { placeOfMenu } from "../src/shared/placeOfMenu";

const at = (left: number, top: number) => ({ left, top, bottom: top + 44 });

test("a menu begins under the left of its button where it fits there", () => {
  expect(placeOfMenu(at(16, 365), 390, 844)).toEqual({ up: false, aside: 0 });
});

test.each([320, 390, 768, 1280])("wherever its button stands, a menu is whole on a page %i wide", (width) => {
  for (let left = 0; left < width; left += 7) {
    const begins = left + placeOfMenu(at(left, 10), width, 800).aside;
    expect(begins).toBeGreaterThanOrEqual(0);
    expect(begins + 256).toBeLessThanOrEqual(width);
  }
});

test("a button at the foot of the page opens upwards", () => {
  expect(placeOfMenu(at(340, 790), 390, 844)).toEqual({ up: true, aside: 390 - 256 - 8 - 340 });
});

test("on a page with little room at all it opens where there is more", () => {
  expect(placeOfMenu(at(16, 40), 390, 200).up).toBe(false);
  expect(placeOfMenu(at(16, 120), 390, 200).up).toBe(true);
});
