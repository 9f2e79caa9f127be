import { describe, expect, it } from "vitest";
import type { Quiz } from "../api/types";
import { inDays, moved, nothing } from "./recall";

const quiz = (kind: Quiz["kind"], options: string[], blanks = 0): Quiz => ({
  topic: "t",
  kind,
  seed: 1,
  asks: "?",
  text: "",
  options,
  blanks,
  several: false,
  judged: false,
});

describe("answers", () => {
  it("begin with nothing, and with the order that is shown", () => {
    expect(nothing(quiz("BELOW", ["a", "b"]))).toEqual({ chosen: [], written: [] });
    expect(nothing(quiz("ORDER", ["a", "b"]))).toEqual({ chosen: [0, 1], written: [] });
    expect(nothing(quiz("COVERED", [], 2))).toEqual({ chosen: [], written: ["", ""] });
    expect(nothing(quiz("FREE", [])).written).toEqual([""]);
  });
  it("are put in order step by step, and stay within the list", () => {
    expect(moved([2, 0, 1], 0, 1)).toEqual([0, 2, 1]);
    expect(moved([2, 0, 1], 0, -1)).toEqual([2, 0, 1]);
    expect(moved([2, 0, 1], 2, 1)).toEqual([2, 0, 1]);
  });
  it("are asked again in days", () => {
    const now = Date.parse("2026-03-02T09:00:00Z");
    expect(inDays("2026-03-02T11:00:00Z", now)).toBe("today");
    expect(inDays("2026-03-03T09:00:00Z", now)).toBe("tomorrow");
    expect(inDays("2026-03-12T09:00:00Z", now)).toBe("in 10 days");
  });
});
