import { describe, expect, it } from "vitest";
import { marsh } from "../api/testDesk";
import { countsOf } from "./FarCounts";
import { Tree } from "./tree";

describe("branches from far", () => {
  it("say how many topics each has, closed ones too, in the middle of where it lies", () => {
    const desk = marsh();
    const scene = { ...desk.scene, topics: desk.scene.topics.filter(({ id }) => id !== "age") };
    expect(countsOf(new Tree({ ...desk, scene }), 0.2)).toEqual([
      { id: "wall", x: 200, y: 30, label: "wall", count: 2 },
      { id: "birds", x: 200, y: 70, label: "birds", count: 1 },
    ]);
  });

  it("are those of the branch in focus", () => {
    const desk = marsh();
    const facts = { ...desk.facts, focus: "wall" };
    expect(countsOf(new Tree({ ...desk, facts }), 0.2).map(({ id }) => id)).toEqual(["age"]);
  });
});
