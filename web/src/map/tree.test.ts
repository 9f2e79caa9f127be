import { describe, expect, it } from "vitest";
import { marsh } from "../api/testDesk";
import type { Desk } from "../api/types";
import { Tree } from "./tree";

const topic = (id: string, parent: string | null, children: string[], closed = false) => ({
  id,
  parent,
  children,
  closed,
});

const tree = new Tree({
  scene: { topics: [] },
  topics: [
    topic("root", null, ["a", "b"]),
    topic("a", "root", ["a1", "a2"], true),
    topic("a1", "a", []),
    topic("a2", "a", []),
    topic("b", "root", []),
  ],
} as unknown as Desk);

const get = (id: string) => {
  const found = tree.get(id);
  if (!found) {
    throw new Error(id);
  }
  return found;
};

describe("Tree", () => {
  it("knows what lies around a topic", () => {
    expect(tree.root.id).toBe("root");
    expect(tree.path(get("a2")).map((t) => t.id)).toEqual(["root", "a", "a2"]);
    expect(tree.sibling(get("a1"), 1)?.id).toBe("a2");
    expect(tree.sibling(get("a2"), 1)).toBeUndefined();
    expect(tree.closed()).toEqual(["a"]);
  });

  it("tells what lies within a branch", () => {
    expect(tree.within(get("a2"), get("a"))).toBe(true);
    expect(tree.within(get("b"), get("a"))).toBe(false);
  });

  it("goes on to the next sibling, else the one before, else the parent, after a removal", () => {
    expect(tree.neighbour(get("a1"))?.id).toBe("a2");
    expect(tree.neighbour(get("a2"))?.id).toBe("a1");
    expect(tree.neighbour(get("b"))?.id).toBe("a");
    expect(tree.neighbour(get("root"))).toBeUndefined();
  });

  it("tells the closed branches in which topics are hidden, not those that are closed themselves", () => {
    const desk = marsh();
    const topics = desk.topics.map((t) => (t.id === "wall" ? { ...t, closed: true } : t));
    const tree = new Tree({ ...desk, topics });
    const of = (...ids: string[]) => tree.closedAbove(ids.flatMap((id) => tree.get(id) ?? []));
    expect(of("age", "birds")).toEqual(["wall"]);
    expect(of("wall")).toEqual([]);
  });
});
