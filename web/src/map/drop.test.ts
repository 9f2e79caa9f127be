import { describe, expect, it } from "vitest";
import type { Desk, Scene } from "../api/types";
import { dropAt } from "./drop";
import { Tree } from "./tree";

const desk = {
  scene: { topics: [] },
  topics: [
    { id: "root", parent: null, children: ["a", "b", "c"] },
    { id: "a", parent: "root", children: [] },
    { id: "b", parent: "root", children: ["b1"] },
    { id: "b1", parent: "b", children: [] },
    { id: "c", parent: "root", children: [] },
  ],
} as unknown as Desk;

const at = (id: string, x: number, y: number) => ({
  id,
  x,
  y,
  width: 100,
  height: 20,
  leftward: false,
});

const scene = {
  topics: [
    at("root", 0, 40),
    at("a", 200, 0),
    at("b", 200, 40),
    at("b1", 400, 40),
    at("c", 200, 80),
  ],
} as unknown as Scene;

const tree = new Tree(desk);

describe("dropAt", () => {
  it("puts a topic before or after a sibling, told by the sibling before", () => {
    expect(dropAt(tree, scene, "a", 210, 82)).toMatchObject({
      parent: "root",
      after: "b",
      where: "before",
    });
    expect(dropAt(tree, scene, "a", 210, 99)).toMatchObject({
      parent: "root",
      after: "c",
      where: "after",
    });
  });

  it("puts a topic under the one that it is held over", () => {
    expect(dropAt(tree, scene, "a", 290, 50)).toMatchObject({
      parent: "b",
      after: "b1",
      where: "under",
    });
    expect(dropAt(tree, scene, "b1", 10, 41)).toMatchObject({
      parent: "root",
      after: "c",
      where: "under",
    });
  });

  it("never puts a topic under itself, and needs something near", () => {
    expect(dropAt(tree, scene, "b", 450, 50)).toBeNull();
    expect(dropAt(tree, scene, "a", 900, 900)).toBeNull();
  });
});
