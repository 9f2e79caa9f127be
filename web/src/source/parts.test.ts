import { describe, expect, it } from "vitest";
import { covered, sections, withoutRange, withRange } from "./parts";

const HEADINGS = [
  { start: 0, end: 4, level: 1, words: "Wall" },
  { start: 50, end: 56, level: 2, words: "Breach" },
  { start: 90, end: 95, level: 1, words: "Birds" },
];

describe("parts of a source", () => {
  it("end where a heading of their level or above begins", () => {
    expect(sections(HEADINGS, 120).map(({ start, end }) => [start, end])).toEqual([
      [0, 90],
      [50, 90],
      [90, 120],
    ]);
  });

  it("are left out and taken in again, whole or in part", () => {
    const out = withRange([], { start: 0, end: 90 });
    expect(covered({ start: 50, end: 90 }, out)).toBe(true);
    expect(covered({ start: 50, end: 95 }, out)).toBe(false);
    expect(withoutRange(out, { start: 50, end: 60 })).toEqual([
      { start: 0, end: 50 },
      { start: 60, end: 90 },
    ]);
    expect(withoutRange(out, { start: 0, end: 90 })).toEqual([]);
  });
});
