import { describe, expect, it } from "vitest";
import { provisional } from "../api/provisional";
import { marsh, topic } from "../api/testDesk";
import type { Edit } from "../api/types";
import { Tree } from "../map/tree";
import { range, upmost } from "./choice";
import { type Step, steps } from "./steps";

/** root(a, b(x, y, z), c) */
function tree(): Tree {
  return new Tree({
    ...marsh(),
    topics: [
      topic("root", null, ["a", "b", "c"]),
      topic("a", "root"),
      topic("b", "root", ["x", "y", "z"]),
      topic("x", "b"),
      topic("y", "b"),
      topic("z", "b"),
      topic("c", "root"),
    ],
  });
}

function moved(step: Step, ...ids: string[]): (id: string) => string {
  const at = tree();
  const edits = steps(
    at,
    ids.flatMap((id) => at.get(id) ?? []),
    step,
  );
  const next = new Tree(provisional(at.desk, edits as Edit[]));
  return (id) => next.get(id)?.children.join(" ") ?? "";
}

describe("a choice", () => {
  it("leaves out what is below another of it, and keeps the map's order", () => {
    const chosen = upmost(tree(), new Set(["c", "y", "b"]));
    expect(chosen.map((t) => t.id)).toEqual(["b", "c"]);
  });

  it("runs from one to another in either direction", () => {
    const { topics } = tree().desk;
    expect(range(topics, "y", "a")).toEqual(["a", "b", "x", "y"]);
    expect(range(topics, "gone", "a")).toEqual(["a"]);
  });
});

describe("several topics", () => {
  it("go up and down together, and no further than they can", () => {
    expect(moved("up", "y", "z")("b")).toBe("y z x");
    expect(moved("down", "x", "y")("b")).toBe("z x y");
    expect(moved("up", "x", "y")("b")).toBe("x y z");
    expect(moved("up", "x", "z")("b")).toBe("x z y");
  });

  it("go out behind their parent in their order", () => {
    const of = moved("out", "x", "z");
    expect(of("root")).toBe("a b x z c");
    expect(of("b")).toBe("y");
    expect(moved("out", "a")("root")).toBe("a b c");
  });

  it("go in under the sibling above the first of them", () => {
    const of = moved("in", "y", "z");
    expect(of("b")).toBe("x");
    expect(of("x")).toBe("y z");
    expect(moved("in", "a")("root")).toBe("a b c");
  });
});
