import { describe, expect, it } from "vitest";
import { marsh } from "../api/testDesk";
import { Tree } from "../map/tree";
import { passed, stepBy, stepFrom, stepsOf, walkAct } from "./steps";

const ids = (tree: Tree) => stepsOf(tree).map(({ id }) => id);

describe("a walk", () => {
  it("goes through the map in its order, past what is set aside", () => {
    const desk = marsh();
    expect(ids(new Tree(desk))).toEqual(["root", "wall", "age", "birds"]);
    const topics = desk.topics.map((t) => (t.id === "wall" ? { ...t, aside: true } : t));
    expect(ids(new Tree({ ...desk, topics }))).toEqual(["root", "birds"]);
  });

  it("goes as it was arranged, without what is not there any more", () => {
    const desk = marsh();
    const facts = { ...desk.facts, walk: ["birds", "gone", "root"] };
    expect(ids(new Tree({ ...desk, facts }))).toEqual(["birds", "root"]);
  });

  it("stops at its ends, and begins where one is no step", () => {
    const steps = stepsOf(new Tree(marsh()));
    expect(stepFrom(steps, "birds", 1)?.id).toBe("birds");
    expect(stepFrom(steps, "root", -1)?.id).toBe("root");
    expect(stepFrom(steps, null, 1)?.id).toBe("root");
    expect(stepBy(steps, "wall", "next")?.id).toBe("age");
    expect(stepBy(steps, "wall", "last")?.id).toBe("birds");
    expect(stepBy(steps, "wall", "notes")).toBeNull();
    expect(stepBy([], null, "next")).toBeNull();
  });

  it("is led by keys and by a clicker", () => {
    expect(["PageDown", "PageUp", "p", "x"].map(walkAct)).toEqual([
      "next",
      "back",
      "passages",
      null,
    ]);
  });

  it("tells how long it has taken", () => {
    expect([0, 69_000, 3_849_000].map(passed)).toEqual(["0:00", "1:09", "1:04:09"]);
  });
});
