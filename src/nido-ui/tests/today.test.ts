import { describe, expect, it } from "vitest";
import { middleOf, plotOfShares } from "../src/journal/shares";
import { bornBefore, weekDayOf } from "../src/shared/dates";
import { blockAt, leftOf, minutesOf } from "../src/today/clock";
import { layAside, saveOrWait, sendWaiting, type Waiting, waiting } from "../src/today/waiting";

const blocks = [
  { starts: "09:00:00", minutes: 20 },
  { starts: "09:30:00", minutes: 15 },
  { starts: "14:00:00", minutes: 20 },
];

describe("the clock of Today", () => {
  it("shows the block begun last, and the first before any has begun", () => {
    expect(blockAt(blocks, minutesOf("07:00"))).toBe(0);
    expect(blockAt(blocks, minutesOf("09:25"))).toBe(0);
    expect(blockAt(blocks, minutesOf("09:30"))).toBe(1);
    expect(blockAt(blocks, minutesOf("23:59"))).toBe(2);
    expect(blockAt([], 600)).toBe(0);
  });
  it("says what is left of a block only while it goes on", () => {
    const [first] = blocks;
    expect(first && leftOf(first, minutesOf("08:59"))).toBeNull();
    expect(first && leftOf(first, minutesOf("09:05"))).toBe(15);
    expect(first && leftOf(first, minutesOf("09:20"))).toBeNull();
  });
});

describe("a visitor's day and age", () => {
  it("is named as the server names days", () => {
    expect(weekDayOf("2026-12-07")).toBe("monday");
    expect(weekDayOf("2026-12-12")).toBe("saturday");
  });
  it("gives the age asked for, at the end of short months too", () => {
    expect(bornBefore("2026-12-07", 40)).toBe("2023-08-07");
    expect(bornBefore("2026-03-31", 1)).toBe("2026-02-28");
    expect(bornBefore("2026-01-15", 0)).toBe("2026-01-15");
  });
});

describe("shares of the weeks", () => {
  const weeks = [
    { planned: [100, 90, 80, 70], met: [80, 90, 80, 0] },
    { planned: [90, 90, 80, 70], met: [100, 90, 60, 0] },
  ];
  it("are in the middle of the weeks, aim by aim", () => {
    expect(middleOf(weeks).map((s) => [s.planned, s.met])).toEqual([
      [95, 90],
      [90, 90],
      [80, 70],
      [70, 0],
    ]);
    expect(middleOf([]).every((s) => s.met === 0)).toBe(true);
  });
  it("lie higher where they are more, and inside", () => {
    const points = plotOfShares(weeks, 0, 110, 30)
      .met.split(" ")
      .map((p) => p.split(",").map(Number));
    expect(points[1]?.[1]).toBeLessThan(points[0]?.[1] ?? 0);
    for (const [x, y] of points) {
      expect(x).toBeGreaterThanOrEqual(0);
      expect(x).toBeLessThanOrEqual(110);
      expect(y).toBeGreaterThanOrEqual(0);
      expect(y).toBeLessThanOrEqual(30);
    }
  });
});

describe("what waits while the house is away", () => {
  const store = () => {
    const kept = new Map<string, string>();
    return {
      getItem: (k: string) => kept.get(k) ?? null,
      setItem: (k: string, v: string) => void kept.set(k, v),
      removeItem: (k: string) => void kept.delete(k),
    } as unknown as Storage;
  };
  const to = "/api/groups/g/observations";
  const step = (one: Waiting | undefined) => (one?.body as { step: number } | undefined)?.step;
  const seen = (n: number): Waiting => ({ to, method: "POST", body: { step: n } });
  it("goes up in its order, once, and stops where nobody answers", async () => {
    const s = store();
    for (const n of [1, 2, 3]) {
      layAside(seen(n), s);
    }
    const sent: (number | undefined)[] = [];
    const first = await sendWaiting(async (one) => {
      sent.push(step(one));
      return step(one) === 2 ? "away" : "kept";
    }, s);
    expect([first.kept, sent, waiting(s).map(step)]).toEqual([1, [1, 2], [2, 3]]);
    const second = await sendWaiting(async (one) => (step(one) === 2 ? "refused" : "kept"), s);
    expect([second.kept, second.refused.map(step), waiting(s)]).toEqual([1, [2], []]);
  });
  it("keeps what is laid aside while it sends, and is not upset by what it cannot read", async () => {
    const s = store();
    layAside(seen(1), s);
    await sendWaiting(async (one) => {
      if (step(one) === 1) {
        layAside(seen(9), s);
      }
      return step(one) === 9 ? "away" : "kept";
    }, s);
    expect(waiting(s).map(step)).toEqual([9]);
    for (const odd of ["{not json", "{}", '[null, 3, {"groupId": "g"}]']) {
      s.setItem("nido.waiting", odd);
      expect(waiting(s)).toEqual([]);
    }
  });
  it("lays aside what got no answer, and throws on what the house refused", async () => {
    const s = store();
    await saveOrWait(async () => undefined, seen(1), s);
    expect(waiting(s)).toEqual([]);
    await saveOrWait(() => Promise.reject(new TypeError("Failed to fetch")), seen(2), s);
    expect(waiting(s).map(step)).toEqual([2]);
    await expect(saveOrWait(() => Promise.reject({ status: 422, detail: "no" }), seen(3), s)).rejects.toEqual({
      status: 422,
      detail: "no",
    });
    expect(waiting(s).map(step)).toEqual([2]);
  });
});
