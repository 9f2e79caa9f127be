import { describe, expect, it } from "vitest";
import { marsh } from "../api/testDesk";
import { Tree } from "../map/tree";
import { begun } from "./NewTopicSheet";
import { mayTake, placed } from "./placing";

const tree = new Tree(marsh());
const root = tree.root;
const main = tree.get(root.children[0] ?? null) ?? root;
const leaf = tree.desk.topics.find((t) => t.parent === main.id) ?? root;

describe("where a topic may go", () => {
  it("never under itself, below itself or where it is", () => {
    const move = { what: "move", topic: main.id } as const;
    expect(mayTake(tree, move, main)).toBe(false);
    expect(mayTake(tree, move, leaf)).toBe(false);
    expect(mayTake(tree, move, root)).toBe(false);
    expect(mayTake(tree, { what: "move", topic: leaf.id }, root)).toBe(true);
  });

  it("merges into what is above it and not into what is below", () => {
    expect(mayTake(tree, { what: "merge", topic: leaf.id }, main)).toBe(true);
    expect(mayTake(tree, { what: "merge", topic: main.id }, leaf)).toBe(false);
  });

  it("comes last under the other", () => {
    expect(placed({ what: "move", topic: leaf.id }, root)).toEqual({
      type: "Move",
      topic: leaf.id,
      parent: root.id,
      after: root.children.at(-1) ?? null,
    });
    const passage = { what: "passage", topic: leaf.id, evidence: "e" } as const;
    expect(placed(passage, root)).toMatchObject({ type: "MovePassages", evidence: ["e"] });
  });
});

describe("a label of a passage", () => {
  it("is its first words without the mark at the end", () => {
    expect(begun(" The sea came in, at last, on  Monday. ")).toBe("The sea came in, at last");
    expect(begun("Gone.")).toBe("Gone");
  });
});
