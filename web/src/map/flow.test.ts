import { describe, expect, it } from "vitest";
import { marsh, placed } from "../api/testDesk";
import type { Placed } from "../api/types";
import { arrow, flowIn, waysOf } from "./flow";
import { Tree } from "./tree";

function laid(flow: Placed["flow"], childX: number) {
  const desk = marsh();
  const topics = [{ ...placed("root", 200, 50, 0), flow }, placed("wall", childX, 120)];
  return new Tree({ ...desk, scene: { ...desk.scene, topics } });
}

const waysIn = (tree: Tree) => waysOf(tree, tree.get("wall") ?? tree.root);

describe("which way topics go", () => {
  it("is that of their parent, in rows and in lists", () => {
    expect(waysIn(laid("DOWN", 150))).toEqual({
      before: "ArrowLeft",
      after: "ArrowRight",
      out: "ArrowUp",
      into: "ArrowDown",
    });
    expect(waysIn(laid("UP", 150)).out).toBe("ArrowDown");
    expect(waysIn(laid("LIST", 230)).after).toBe("ArrowDown");
  });

  it("is told by the side on which they stand beside a parent with two", () => {
    expect(waysIn(laid("RIGHT", 400)).out).toBe("ArrowLeft");
    expect(waysIn(laid("RIGHT", 20)).out).toBe("ArrowRight");
  });

  it("is that of the topic itself where its parent is not drawn", () => {
    const wall = placed("wall", 0, 0);
    expect(flowIn(() => undefined, marsh().topics[1] as never, wall)).toBe("RIGHT");
  });

  it("has a sign for each arrow key", () => {
    expect(["ArrowUp", "ArrowDown", "ArrowLeft", "ArrowRight"].map(arrow).join("")).toBe("↑↓←→");
  });
});
