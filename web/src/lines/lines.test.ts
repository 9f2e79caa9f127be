import { describe, expect, it } from "vitest";
import { marsh } from "../api/testDesk";
import { known } from "../desk/Views";
import { Tree } from "../map/tree";
import { along, asText, inward, outward, planted, shown } from "./lines";
import { isTable } from "./usePasting";

const tree = new Tree(marsh());
const get = (id: string) => tree.get(id) ?? tree.root;

describe("an outline", () => {
  it("shows what is in open branches, in order", () => {
    expect(shown(tree).map((topic) => topic.id)).toEqual(["root", "wall", "age", "birds"]);
    const desk = marsh();
    const closed = desk.topics.map((t) => (t.id === "wall" ? { ...t, closed: true } : t));
    expect(shown(new Tree({ ...desk, topics: closed })).map((t) => t.id)).not.toContain("age");
  });

  it("is copied as indented text", () => {
    expect(asText(tree, tree.root)).toBe("root\n  wall\n    age\n  birds\n");
  });

  it("moves a line in, out and along, and nowhere at an end", () => {
    expect(inward(tree, get("birds"))).toEqual({ parent: "wall", after: "age" });
    expect(inward(tree, get("wall"))).toBeNull();
    expect(outward(tree, get("age"))).toEqual({ parent: "root", after: "wall" });
    expect(outward(tree, get("wall"))).toBeNull();
    expect(along(tree, get("wall"), 1)).toEqual({ parent: "root", after: "birds" });
    expect(along(tree, get("birds"), -1)).toEqual({ parent: "root", after: null });
    expect(along(tree, tree.root, 1)).toBeNull();
  });
});

describe("pasted text", () => {
  const item = (level: number, label: string, note = "") => ({ line: 1, level, label, note });

  it("becomes topics under each other, in order", () => {
    const items = [item(1, "a"), item(2, "b"), item(2, "c", "why"), item(1, "d")];
    const edits = planted({ title: null, items, repairs: [] }, { parent: "root", after: "birds" });
    const adds = edits.flatMap((edit) => (edit.type === "Add" ? [edit] : []));
    const [a, b, c, d] = adds.map((add) => add.topic);
    expect(adds.map((add) => [add.label, add.parent, add.after])).toEqual([
      ["a", "root", "birds"],
      ["b", a, null],
      ["c", a, b],
      ["d", "root", a],
    ]);
    expect(d).toBeTruthy();
    expect(edits).toContainEqual({ type: "Note", topic: c, note: "why" });
  });

  it("has a title above what it is the title of", () => {
    const outline = { title: "T", items: [item(1, "a")], repairs: [] };
    const edits = planted(outline, { parent: "root", after: null });
    expect(edits[1]).toMatchObject({ label: "a", parent: (edits[0] as { topic: string }).topic });
  });
});

describe("the views that were chosen last", () => {
  it("are the map alone if nothing is known of them", () => {
    expect(known(null)).toEqual({ first: "map", beside: null });
    expect(known("both")).toEqual({ first: "map", beside: null });
    expect(known("table outline")).toEqual({ first: "table", beside: "outline" });
    expect(known("table table")).toEqual({ first: "table", beside: null });
  });
});

describe("text that is pasted", () => {
  it("is a table if most lines have a tab between words, not if tabs only indent", () => {
    expect(isTable("topic\tparent\nGate\tWall\n")).toBe(true);
    expect(isTable("topic\tparent\n\tWall\nGate\tWall")).toBe(true);
    expect(isTable("Wall\n\tGate\n\t\tHinge")).toBe(false);
    expect(isTable("Wall\tGate")).toBe(false);
  });
});
