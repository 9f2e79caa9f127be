import { describe, expect, it } from "vitest";
import type { HappenedEvent } from "../api/types";
import { bars, headed, moved, ticks, whole, zoomed } from "./events";
import { found } from "./narrowing";

const DAY_MS = 86_400_000;

function event(label: string, from: string | null, to: string | null, more = {}): HappenedEvent {
  const days = (iso: string | null) => (iso ? Date.parse(iso) / DAY_MS : null);
  return {
    key: label,
    label,
    when: "",
    date: "",
    from: days(from),
    to: days(to),
    grain: "DAY",
    shown: "",
    after: null,
    basis: "STATED",
    countedFrom: "",
    passages: [],
    differs: [],
    byHand: false,
    off: false,
    ...more,
  };
}

describe("events on a line", () => {
  const wall = event("The wall broke", "1953-02-01", "1953-02-02");
  const farm = event("The farm was sold", "1953-01-01", "1954-01-01");
  const early = event("The bank was raised", "1230-01-01", "1231-01-01");

  it("are drawn as long as their time, not over each other", () => {
    const all = whole([early, farm, wall], true);
    expect(all?.[0]).toBeLessThan(early.from ?? 0);
    const drawn = bars([early, farm, wall], all ?? [0, 1], 700, true, 4);
    expect(drawn.map((bar) => bar.lane)).toEqual([0, 0, 1]);
    expect(bars([early, farm], [farm.from ?? 0, farm.to ?? 0], 700, true, 4)).toHaveLength(1);
    expect(whole([], true)).toBeNull();
  });

  it("have marks from years to minutes", () => {
    const day = Date.parse("1953-02-01") / DAY_MS;
    expect(ticks([day - 20_000, day], 700, true).map((t) => t.words)).toContain("1950");
    expect(ticks([day, day + 1 / 24], 700, true).some((t) => t.words.includes(":"))).toBe(true);
    expect(ticks([-2, 5.2], 700, false).map((t) => t.words)).toContain("3 y");
    const old = Date.parse("-000200-01-01") / DAY_MS;
    expect(ticks([old - 50_000, old], 700, true).some((t) => t.words.endsWith("BC"))).toBe(true);
  });

  it("come nearer around a point and move by a part", () => {
    expect(zoomed([0, 100], 0.5, 0.5)).toEqual([25, 75]);
    expect(zoomed([0, 100], 0.5, 0)).toEqual([0, 50]);
    expect(moved([0, 100], 0.25)).toEqual([25, 125]);
  });

  it("are found by source, branch and words", () => {
    const passage = {
      key: "k",
      source: "s",
      start: 0,
      end: 1,
      exact: "The harbour master saw it.",
      words: "",
      place: "",
      time: "",
      topics: ["t"],
    };
    const told = event("The wall broke", null, null, { passages: [passage] });
    const at = (its: Parameters<typeof found>[2], under: Parameters<typeof found>[3]) =>
      found([told.label], told.passages, its, under);
    const filter = { source: "", topic: null, words: "" };
    expect(at({ ...filter, words: "harbour MASTER" }, null)).toBe(true);
    expect(at({ ...filter, source: "other" }, null)).toBe(false);
    expect(at(filter, new Set(["t"]))).toBe(true);
    expect(at(filter, new Set(["u"]))).toBe(false);
    expect(headed(told)).toBe("");
    expect(headed(early)).toBe("1230");
  });
});
