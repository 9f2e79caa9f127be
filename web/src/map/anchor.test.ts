import { describe, expect, it } from "vitest";
import { provisional } from "../api/provisional";
import { marsh } from "../api/testDesk";
import type { Edit } from "../api/types";
import { Tree } from "./tree";
import { anchorOf } from "./useAnchor";

const edited = (edit: Edit) => new Tree(provisional(marsh(), [edit]));
const before = new Tree(marsh());

describe("what stays where it is on the screen", () => {
  it("is the selected topic while others change", () => {
    const added = edited({ type: "Add", topic: "x", parent: "wall", after: "age", label: "x" });
    expect(anchorOf(before, added, "birds")).toBe("birds");
  });

  it("is the parent of a topic that has itself been moved", () => {
    const moved = edited({ type: "Move", topic: "birds", parent: "wall", after: "age" });
    expect(anchorOf(before, moved, "birds")).toBe("wall");
    const shifted = edited({ type: "Move", topic: "birds", parent: "root", after: null });
    expect(anchorOf(before, shifted, "birds")).toBe("root");
  });

  it("is the root when the selected topic is gone", () => {
    expect(anchorOf(before, edited({ type: "Remove", topic: "birds" }), "birds")).toBe("root");
  });
});
