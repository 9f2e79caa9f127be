import { describe, expect, it } from "vitest";
import { marsh } from "../api/testDesk";
import { Tree } from "../map/tree";
import { begun } from "./NewTopicSheet";
import { called, mayTake, placed } from "./placing";

const tree = new Tree(marsh());
const root = tree.root;
const main = tree.get(root.children[0] ?? null) ?? root;
const other = tree.get(root.children[1] ?? null) ?? root;
const leaf = tree.desk.topics.find((t) => t.parent === main.id) ?? root;

const move = (...topics: string[]) => ({ what: "move", topics }) as const;
const merge = (...topics: string[]) => ({ what: "merge", topics }) as const;

describe("where a topic may go", () => {
  it("never under itself, below itself or where it is", () => {
    expect(mayTake(tree, move(main.id), main)).toBe(false);
    expect(mayTake(tree, move(main.id), leaf)).toBe(false);
    expect(mayTake(tree, move(main.id), root)).toBe(false);
    expect(mayTake(tree, move(leaf.id), root)).toBe(true);
    expect(mayTake(tree, move(leaf.id, other.id), root)).toBe(true);
    expect(mayTake(tree, move(leaf.id, other.id), other)).toBe(false);
  });

  it("merges into what is above it and not into what is below", () => {
    expect(mayTake(tree, merge(leaf.id), main)).toBe(true);
    expect(mayTake(tree, merge(main.id), leaf)).toBe(false);
    expect(mayTake(tree, merge(main.id, other.id), other)).toBe(true);
    expect(placed(tree, merge(main.id, other.id), other)).toMatchObject({ topics: [main.id] });
  });

  it("comes last under the other, several in their order", () => {
    expect(placed(tree, move(leaf.id), root)).toEqual({
      type: "Move",
      topic: leaf.id,
      parent: root.id,
      after: root.children.at(-1) ?? null,
    });
    expect(placed(tree, move(leaf.id, main.id), other)).toMatchObject({
      edits: [
        { topic: leaf.id, after: null },
        { topic: main.id, after: leaf.id },
      ],
    });
    const passage = { what: "passage", topic: leaf.id, evidence: "e" } as const;
    expect(placed(tree, passage, root)).toMatchObject({ type: "MovePassages", evidence: ["e"] });
    expect(called(tree, move(leaf.id, main.id))).toBe("the 2 chosen topics");
  });
});

describe("a label of a passage", () => {
  it("is its first words without the mark at the end", () => {
    expect(begun(" The sea came in, at last, on  Monday. ")).toBe("The sea came in, at last");
    expect(begun("Gone.")).toBe("Gone");
  });
});
