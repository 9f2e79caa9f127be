import { describe, expect, it } from "vitest";
import type { Mark } from "../api/types";
import { pieces } from "./pieces";

const mark = (start: number, end: number) => ({ start, end }) as Mark;

describe("pieces", () => {
  it("leaves a block without marks whole", () => {
    expect(pieces(10, 20, [mark(0, 10), mark(20, 30)], null)).toEqual([
      { start: 10, end: 20, marks: [], sought: false, now: false },
    ]);
  });

  it("cuts where marks overlap each other and the block's edges", () => {
    const cut = pieces(10, 20, [mark(5, 14), mark(12, 18)], { start: 16, end: 40 });
    expect(cut.map((p) => [p.start, p.end, p.marks.length, p.sought])).toEqual([
      [10, 12, 1, false],
      [12, 14, 2, false],
      [14, 16, 1, false],
      [16, 18, 1, true],
      [18, 20, 0, true],
    ]);
  });
});
