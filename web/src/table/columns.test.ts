import { describe, expect, it } from "vitest";
import { link, marsh, topic } from "../api/testDesk";
import { Tree } from "../map/tree";
import { Cells, changed, passes } from "./columns";

const numbered = (id: string, number: string, parent: string | null, children: string[] = []) => ({
  ...topic(id, parent, children),
  number,
});

/** 1 wall(1.1 age, 1.2 stone), 2 birds */
const tree = new Tree({
  ...marsh(),
  facts: {
    ...marsh().facts,
    legend: [{ id: "t", word: "agreed", meaning: "", sign: "" }],
  },
  links: [link("l")],
  topics: [
    numbered("root", "", null, ["wall", "birds"]),
    numbered("wall", "1", "root", ["age", "stone"]),
    { ...numbered("age", "1.1", "wall"), passages: 3, tags: ["t"] },
    numbered("stone", "1.2", "wall"),
    { ...numbered("birds", "2", "root"), passages: 12 },
  ],
});
const cells = new Cells(tree);
const of = (...ids: string[]) => ids.flatMap((id) => tree.get(id) ?? []);
const ids = (rows: { id: string }[]) => rows.map((row) => row.id).join(" ");

describe("the rows of the table", () => {
  it("are filtered by words and numbers", () => {
    expect(ids(cells.rows({ label: "St" }, null))).toBe("stone");
    expect(ids(cells.rows({ parent: "1 wall", passages: ">2" }, null))).toBe("age");
    expect(ids(cells.rows({ tags: "agr" }, null))).toBe("age");
    expect(ids(cells.rows({ links: "1" }, null))).toBe("age birds");
    expect(passes(3, "<3")).toBe(false);
    expect(passes(3, "what")).toBe(true);
  });

  it("are sorted by a column, up or down", () => {
    expect(ids(cells.rows({}, { by: "label", down: false }))).toBe("age birds root stone wall");
    expect(ids(cells.rows({}, { by: "passages", down: true }))).toMatch(/^birds age/);
    expect(ids(cells.rows({}, { by: "number", down: false }))).toBe("root wall age stone birds");
  });
});

describe("a cell that is changed", () => {
  it("moves a branch by its number or by its parent", () => {
    expect(changed(tree, of("birds"), "number", "1.2")).toEqual({
      edits: [{ type: "Move", topic: "birds", parent: "wall", after: "age" }],
    });
    expect(changed(tree, of("stone"), "number", "1.1")).toMatchObject({
      edits: [{ parent: "wall", after: null }],
    });
    expect(changed(tree, of("birds"), "number", "1.9")).toMatchObject({
      edits: [{ after: "stone" }],
    });
    expect(changed(tree, of("age", "stone"), "parent", "BIRDS")).toMatchObject({
      edits: [{ parent: "birds", after: null }, { after: "age" }],
    });
  });

  it("says why it cannot be", () => {
    expect(changed(tree, of("wall"), "parent", "age")).toMatchObject({
      wrong: expect.stringContaining("under itself"),
    });
    expect(changed(tree, of("age"), "parent", "fish")).toMatchObject({
      wrong: expect.stringContaining("no topic “fish”"),
    });
    expect(changed(tree, of("age"), "number", "7.1")).toMatchObject({
      wrong: expect.stringContaining("no topic 7"),
    });
    expect(changed(tree, of("root"), "number", "1")).toMatchObject({
      wrong: expect.stringContaining("stays"),
    });
    expect(changed(tree, of("age"), "label", " ")).toHaveProperty("wrong");
  });

  it("gives tags by their words, new ones too, to several at once", () => {
    const both = changed(tree, of("age", "birds"), "tags", "Agreed, mine, agreed");
    if ("wrong" in both) {
      throw new Error(both.wrong);
    }
    expect(both.edits.map((edit) => edit.type)).toEqual(["Legend", "Mark", "Mark"]);
    expect(both.edits[1]).toMatchObject({ topic: "age", tags: ["t", expect.any(String)] });
  });
});
