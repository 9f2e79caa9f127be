import { describe, expect, it } from "vitest";
import { placed } from "../api/testDesk";
import { inSight, sightOf } from "./sight";

const window = { width: 1000, height: 500 };

describe("what is in sight", () => {
  it("holds the window and some around it", () => {
    const sight = sightOf(null, { x: -100, y: -50, k: 0.5 }, window);
    expect(sight).toEqual({
      left: -1000,
      top: -500,
      right: 3400,
      bottom: 1700,
      far: false,
      step: 0.5,
    });
  });

  it("stays the same while the window is within it", () => {
    const sight = sightOf(null, { x: 0, y: 0, k: 1 }, window);
    expect(sightOf(sight, { x: 500, y: -250, k: 1 }, window)).toBe(sight);
    expect(sightOf(sight, { x: 0, y: -400, k: 1 }, window)).not.toBe(sight);
    expect(sightOf(sight, { x: 0, y: 0, k: 2 }, window)).toBe(sight);
    expect(sightOf(sight, { x: 0, y: 0, k: 3 }, window)).not.toBe(sight);
  });

  it("is far where words are too small to be read", () => {
    const near = sightOf(null, { x: 0, y: 0, k: 0.3 }, window);
    const far = sightOf(near, { x: 0, y: 0, k: 0.25 }, window);
    expect([near.far, far.far]).toEqual([false, true]);
  });

  it("includes a topic whose lines alone pass through it", () => {
    const sight = sightOf(null, { x: 0, y: -10_000, k: 1 }, window);
    const above = placed("wall", 0, 0);
    expect(inSight(sight, above)).toBe(false);
    const reach = { x: 0, y: 0, width: 150, height: 30_000 };
    expect(inSight(sight, { ...above, reach })).toBe(true);
    expect(inSight(sight, placed("birds", 900, 10_400))).toBe(true);
  });
});
