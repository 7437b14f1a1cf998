import { afterEach, describe, expect, it, vi } from "vitest";
import { askAhead, forgetAhead, takeAhead } from "../src/api/ahead";
import { needs, needsOfWeek } from "../src/app/pages";
import { today } from "../src/shared/calendar";

const house = "http://nido.test";
const request = (path: string, method = "GET") => new Request(`${house}${path}`, { method });

function stub(answer: () => Promise<Response>) {
  const asked = vi.fn(answer);
  vi.stubGlobal("fetch", asked);
  vi.stubGlobal("location", { origin: house });
  vi.stubGlobal("localStorage", { getItem: () => "es" });
  return asked;
}

afterEach(() => {
  forgetAhead();
  vi.unstubAllGlobals();
});

describe("what is asked for ahead", () => {
  it("is asked in the language read in and given once, to who asks for the same", async () => {
    const asked = stub(() => Promise.resolve(new Response("week")));
    askAhead("/api/weeks/a1");
    expect(asked).toHaveBeenCalledWith("/api/weeks/a1", { headers: { "Accept-Language": "es" } });
    expect(takeAhead(request("/api/weeks/a2"))).toBeUndefined();
    expect(await (await takeAhead(request("/api/weeks/a1")))?.text()).toBe("week");
    expect(takeAhead(request("/api/weeks/a1"))).toBeUndefined();
  });

  it("is not what was before a change", () => {
    stub(() => Promise.resolve(new Response("before")));
    askAhead("/api/weeks/a1");
    expect(takeAhead(request("/api/weeks/a1/plan", "POST"))).toBeUndefined();
    expect(takeAhead(request("/api/weeks/a1"))).toBeUndefined();
  });

  it("fails for who asks for it, and for nobody else", async () => {
    stub(() => Promise.reject(new TypeError("away")));
    askAhead("/api/weeks/a1");
    await expect(takeAhead(request("/api/weeks/a1"))).rejects.toThrow("away");
  });

  it("tells who asked ahead what it says, and leaves it to who asks for the same", async () => {
    stub(() => Promise.resolve(new Response('{"groupId":"g1"}')));
    expect(await askAhead("/api/weeks/a1")).toEqual({ groupId: "g1" });
    expect(await (await takeAhead(request("/api/weeks/a1")))?.json()).toEqual({ groupId: "g1" });
  });

  it("says nothing where it was refused", async () => {
    stub(() => Promise.resolve(new Response("gone", { status: 404 })));
    expect(await askAhead("/api/weeks/a1")).toBeNull();
  });

  it("is forgotten when nobody took it", () => {
    stub(() => Promise.resolve(new Response("old")));
    askAhead("/api/weeks/a1");
    forgetAhead();
    expect(takeAhead(request("/api/weeks/a1"))).toBeUndefined();
  });
});

describe("what a page needs first", () => {
  it("is the week and what it shows of it", () => {
    expect(needs("prep", "a1")).toEqual(["/api/weeks/a1", "/api/weeks/a1/prep", "/api/weeks/a1/paper"]);
    expect(needs("cupboard", "a1")).toEqual(["/api/weeks/a1", "/api/cupboard?weekId=a1&all=false"]);
    expect(needs("today", "a1")).toEqual(["/api/weeks/a1"]);
    expect(needs("start", null)).toEqual(["/api/themes", "/api/weeks", "/api/timetables"]);
  });

  it("is next what only the week tells: whose it is and which day is today", () => {
    const week = {
      id: "a1",
      groupId: "g1",
      monday: "2026-12-07",
      days: [{ date: "2026-12-07" }, { date: today() }],
      theme: { id: "t1" },
    };
    expect(needsOfWeek("group", week)).toEqual(["/api/groups/g1", "/api/groups/g1/steps?on=2026-12-07"]);
    expect(needsOfWeek("today", week)).toEqual(["/api/weeks/a1/days/1"]);
    expect(needsOfWeek("week", week)).toEqual([]);
    expect(needsOfWeek("group", null)).toEqual([]);
  });
});
