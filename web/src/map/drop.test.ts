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
  flow: "RIGHT",
});

const scene = {
  topics: [
    at("root", 0, 40),
    at("a", 200, 0),
    at("b", 200, 40),
    at("b1", 400, 40),
    at("c", 200, 80),
  ],
  zones: [
    { flow: "RIGHT", where: "UNDER", box: { x: 0.6, y: -0.2, width: 0.4, height: 1.4 } },
    { flow: "RIGHT", where: "UNDER", box: { x: 0, y: 0.3, width: 0.6, height: 0.4 } },
    {
      flow: "RIGHT",
      where: "BEFORE",
      edge: "TOP",
      box: { x: 0, y: -0.4, width: 0.6, height: 0.7 },
    },
    {
      flow: "RIGHT",
      where: "AFTER",
      edge: "BOTTOM",
      box: { x: 0, y: 0.7, width: 0.6, height: 0.7 },
    },
  ],
} as unknown as Scene;

const tree = new Tree(desk);
const of = (id: string) => [tree.get(id) ?? tree.root];

describe("dropAt", () => {
  it("puts a topic before or after a sibling, told by the sibling before", () => {
    expect(dropAt(tree, scene, of("a"), 210, 82)).toMatchObject({
      parent: "root",
      after: "b",
      zone: { where: "BEFORE", edge: "TOP" },
    });
    expect(dropAt(tree, scene, of("a"), 210, 99)).toMatchObject({
      parent: "root",
      after: "c",
      zone: { where: "AFTER", edge: "BOTTOM" },
    });
  });

  it("puts a topic under the one that it is held over", () => {
    expect(dropAt(tree, scene, of("a"), 290, 50)).toMatchObject({
      parent: "b",
      after: "b1",
      zone: { where: "UNDER" },
    });
    expect(dropAt(tree, scene, of("b1"), 10, 41)).toMatchObject({
      parent: "root",
      after: "c",
      zone: { where: "UNDER" },
    });
  });

  it("puts a topic beside and under lists that hang in a row", () => {
    const down = { where: "UNDER", edge: "BOTTOM", box: { x: 0, y: 0.7, width: 1, height: 0.7 } };
    const after = { where: "AFTER", edge: "RIGHT", box: { x: 0.7, y: 0, width: 0.5, height: 1 } };
    const rows = {
      topics: [
        { ...at("root", 200, 0), flow: "DOWN" },
        { ...at("a", 0, 80), flow: "LIST" },
        { ...at("b", 200, 80), flow: "LIST" },
      ],
      zones: [down, after].map((zone) => ({ ...zone, flow: "DOWN" })),
    } as unknown as Scene;
    expect(dropAt(tree, rows, of("a"), 298, 88)).toMatchObject({ parent: "root", after: "b" });
    expect(dropAt(tree, rows, of("a"), 240, 100)).toMatchObject({ parent: "b", after: "b1" });
  });

  it("never puts a topic under itself, and needs something near", () => {
    expect(dropAt(tree, scene, of("b"), 450, 50)).toBeNull();
    expect(dropAt(tree, scene, of("a"), 900, 900)).toBeNull();
  });
});
