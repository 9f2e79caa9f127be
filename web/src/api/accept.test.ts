import { describe, expect, it } from "vitest";
import { accept } from "./accept";
import { marsh, placed, topic } from "./testDesk";
import type { Desk, Patch } from "./types";

const patch = (base: number, stamp: number, part: Partial<Patch> = {}): Patch => ({
  whole: null,
  base,
  facts: { ...marsh().facts, stamp, revision: 2 },
  topics: [],
  gone: [],
  scene: null,
  sources: [],
  shelf: null,
  links: [],
  goneLinks: [],
  also: null,
  comments: null,
  proposals: null,
  jobs: [],
  ...part,
});

const scene = {
  width: 600,
  height: 300,
  topics: [],
  gone: [],
  moved: [],
  links: [],
  goneLinks: [],
  zones: null,
  backdrop: null,
};

describe("taking a patch in", () => {
  it("puts what came in its place and leaves alone what is the same", () => {
    const before = marsh();
    const after = accept(
      before,
      patch(1, 2, {
        topics: [topic("root", null, ["gate", "wall", "birds"]), topic("gate", "root")],
        scene: { ...scene, topics: [placed("gate", 150, 0)] },
      }),
    ) as Desk;
    expect(after.topics.map((t) => t.id)).toEqual(["root", "gate", "wall", "age", "birds"]);
    expect(after.scene.topics.map((t) => t.id)).toEqual(["root", "gate", "wall", "age", "birds"]);
    expect(after.topics[2]).toBe(before.topics[1]);
    expect(after.scene.topics[2]).toBe(before.scene.topics[1]);
  });

  it("moves runs of topics by their order in the scene before", () => {
    const moved = [
      { from: 1, count: 2, dx: 10.5, dy: 0 },
      { from: 3, count: 1, dx: 0, dy: -4.2 },
    ];
    const after = accept(marsh(), patch(1, 2, { scene: { ...scene, moved } })) as Desk;
    expect(after.scene.topics.map((t) => [t.x, t.y])).toEqual([
      [0, 50],
      [160.5, 20],
      [310.5, 20],
      [150, 55.8],
    ]);
  });

  it("takes out what is gone", () => {
    const after = accept(
      marsh(),
      patch(1, 2, {
        topics: [topic("root", null, ["birds"])],
        gone: ["wall", "age"],
        scene: { ...scene, gone: ["wall", "age"] },
      }),
    ) as Desk;
    expect(after.topics.map((t) => t.id)).toEqual(["root", "birds"]);
    expect(after.scene.topics.map((t) => t.id)).toEqual(["root", "birds"]);
  });

  it("never goes back, and asks again where it does not follow", () => {
    const desk = marsh(5);
    expect(accept(desk, patch(1, 4))).toBe(desk);
    expect(accept(desk, { ...patch(0, 0), whole: marsh(4) })).toBe(desk);
    expect(accept(desk, patch(3, 6))).toBeNull();
    expect(accept(undefined, patch(1, 2))).toBeNull();
    const whole = marsh(6);
    expect(accept(desk, { ...patch(0, 0), whole })).toBe(whole);
  });
});
