import { describe, expect, it } from "vitest";
import { placed } from "../api/testDesk";
import { farShapes } from "./FarTopics";

describe("topics from far", () => {
  it("are one shape for each paint, each line of words a stroke no wider than its topic", () => {
    const wall = placed("a very long label that would not fit", 10, 20);
    const lines = [{ path: "m1 2l3 4", stroke: "#2E6B57", width: 1.5, dash: "" }];
    const bars = [{ x: 5, y: 3, width: 2, height: 12, fill: "#2B4C82" }];
    const shapes = farShapes([
      { ...wall, drawn: { ...wall.drawn, lines, bars } },
      placed("ab", 0, 100),
    ]);
    expect(shapes.map(({ color, width }) => [color, width])).toEqual([
      ["#2E6B57", 1.5],
      ["#000000", null],
      ["#2B4C82", null],
    ]);
    expect(shapes[0]?.path).toBe("M10 20m1 2l3 4");
    expect(shapes[1]?.path).toBe("M16 27.8h94v7.2h-94zM6 107.8h15v7.2h-15z");
    expect(shapes[2]?.path).toBe("M15 23h2v12h-2z");
  });
});
