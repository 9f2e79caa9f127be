import { describe, expect, it } from "vitest";
import { placed } from "../api/testDesk";
import { movements } from "./glide";

describe("what glides", () => {
  const before = new Map(["a", "b", "c"].map((id, i) => [id, placed(id, 0, 40 * i)]));

  it("is what moved, but not what stays with what is held", () => {
    const now = [placed("a", 0, 10), placed("b", 0, 90), placed("c", 30, 90)];
    expect(movements(before, now, { x: 0, y: -10 })).toEqual([
      { id: "b", dx: 0, dy: -40 },
      { id: "c", dx: -30, dy: 0 },
    ]);
  });

  it("is not what is new", () => {
    expect(movements(before, [placed("d", 9, 9)], { x: 0, y: 0 })).toEqual([]);
  });
});
