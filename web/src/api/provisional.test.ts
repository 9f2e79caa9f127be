import { describe, expect, it } from "vitest";
import { provisional } from "./provisional";
import { link, marsh } from "./testDesk";
import type { Desk, Edit } from "./types";

const shown = (edit: Edit): Desk => provisional(marsh(), [edit]);
const ids = (desk: Desk) => desk.topics.map((t) => t.id);
const at = (desk: Desk, id: string) => desk.scene.topics.find((p) => p.id === id);

describe("what is shown before the server has answered", () => {
  it("is a new label on one line", () => {
    const desk = shown({ type: "Rename", topic: "wall", label: " Old bank " });
    expect(desk.topics[1]?.label).toBe("Old bank");
    expect(at(desk, "wall")?.drawn.texts.map((t) => t.text)).toEqual(["Old bank"]);
    expect(at(desk, "birds")).toEqual(at(marsh(), "birds"));
  });

  it("is a new topic below the branch of the one before, with room made for it", () => {
    const desk = shown({
      type: "Add",
      topic: "gate",
      parent: "root",
      after: "wall",
      label: "Gate",
    });
    expect(ids(desk)).toEqual(["root", "wall", "age", "gate", "birds"]);
    expect(at(desk, "gate")).toMatchObject({ x: 150, y: 40 });
    expect(at(desk, "birds")?.y).toBeGreaterThan(60);
    expect(at(desk, "wall")?.y).toBe(20);
  });

  it("is a first child beside its parent", () => {
    const desk = shown({ type: "Add", topic: "eggs", parent: "birds", after: null, label: "" });
    expect(ids(desk).at(-1)).toBe("eggs");
    expect(at(desk, "eggs")?.x).toBeGreaterThan(250);
  });

  it("is a branch that is gone with its links", () => {
    const before = { ...marsh(), links: [{ ...link("l"), from: "age", to: "birds" }] };
    const desk = provisional(before, [{ type: "Remove", topic: "wall" }]);
    expect(ids(desk)).toEqual(["root", "birds"]);
    expect(desk.scene.topics).toHaveLength(2);
    expect(desk.links).toEqual([]);
  });

  it("is a branch elsewhere, and never one under itself", () => {
    const desk = shown({ type: "Move", topic: "birds", parent: "wall", after: "age" });
    expect(ids(desk)).toEqual(["root", "wall", "age", "birds"]);
    expect(at(desk, "birds")?.x).toBe(300);
    const itself: Edit = { type: "Move", topic: "wall", parent: "age", after: null };
    expect(shown(itself)).toEqual(marsh());
  });

  it("is siblings that have changed places, each by the height of what it passed", () => {
    const desk = shown({ type: "Move", topic: "birds", parent: "root", after: null });
    expect(ids(desk)).toEqual(["root", "birds", "wall", "age"]);
    expect(at(desk, "birds")?.y).toBe(40);
    expect(at(desk, "wall")?.y).toBe(40);
    expect(at(desk, "age")?.y).toBe(40);
  });

  it("is a topic with other pictures, and a link that is bent, before they are drawn so", () => {
    const picture = {
      id: "p",
      image: "ink/bird",
      alt: "A bird",
      where: "ABOVE" as const,
      width: 56,
      ratio: 1,
    };
    const desk = provisional(marsh(), [
      { type: "Illustrate", topic: "birds", pictures: [picture] },
      { type: "Connect", link: "l", from: "age", to: "birds", phrase: "" },
      { type: "Bow", link: "l", bend: { x: 40, y: -8 } },
    ]);
    expect(desk.topics.find((t) => t.id === "birds")?.pictures).toEqual([picture]);
    const bent = desk.links.find((link) => link.id === "l");
    expect(bent).toMatchObject({ bend: { x: 40, y: -8 }, grounds: 0 });
    expect(shown({ type: "Bow", link: "none", bend: null })).toEqual(marsh());
  });

  it("takes edits one after another", () => {
    const desk = provisional(marsh(), [
      { type: "Add", topic: "gate", parent: "wall", after: "age", label: "Gate" },
      { type: "Rename", topic: "gate", label: "Sluice" },
      { type: "Remove", topic: "age" },
    ]);
    expect(desk.topics.map((t) => t.label)).toEqual(["root", "wall", "Sluice", "birds"]);
  });
});
