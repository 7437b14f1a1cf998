import { describe, expect, it } from "vitest";

const stored = new Map<string, string>();
globalThis.localStorage = {
  getItem: (key: string) => stored.get(key) ?? null,
  setItem: (key: string, value: string) => void stored.set(key, value),
} as Storage;
const { keepLetterKeys, keyFor, letterKeys, moveKey } = await import("../src/shared/letterKeys");
const all = ["x", "l", "c", "?"];
const usual = { off: false, moved: {} };

describe("keys of one letter", () => {
  it("do what they did until they are moved, and all are silent when switched off", () => {
    expect(keyFor("x", usual)).toBe("x");
    expect(all.map((k) => keyFor(k, { ...usual, off: true }))).toEqual([null, null, null, null]);
    expect(keyFor("Delete", { ...usual, off: true })).toBe("Delete");
  });
  it("are moved to a free key, back again, and never onto one another", () => {
    const moved = moveKey(usual, "x", "z", all);
    expect(moved && keyFor("x", moved)).toBe("z");
    expect(moved && moveKey(moved, "l", "z", all)).toBeNull();
    expect(moved && moveKey(moved, "l", "x", all)?.moved).toEqual({ x: "z", l: "x" });
    expect(moved && moveKey(moved, "x", "x", all)).toEqual(usual);
    expect(moveKey(usual, "x", "l", all)).toBeNull();
    expect(moveKey(usual, "x", " ", all)).toBeNull();
    expect(moveKey(usual, "x", "ab", all)).toBeNull();
  });
  it("are kept", () => {
    keepLetterKeys({ off: true, moved: { c: "k" } });
    expect(letterKeys()).toEqual({ off: true, moved: { c: "k" } });
    expect(JSON.parse(stored.get("nido.keys") ?? "")).toEqual({ off: true, moved: { c: "k" } });
  });
});
