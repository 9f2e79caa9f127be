import { describe, expect, it } from "vitest";
import type { GivenFigure } from "../api/types";
import { sorted } from "./figures";

function figure(of: string, kind: string, base: number): GivenFigure {
  const passage = { source: "s", start: 0, end: 1, exact: "", place: "", topics: [] };
  return {
    key: of,
    words: "",
    value: base,
    unit: "",
    base,
    kind,
    of,
    passage,
    byHand: false,
    off: false,
  };
}

describe("figures in a table", () => {
  const all = [
    figure("wall", "length", 3200),
    figure("loss", "share", 20),
    figure("rise", "length", 0.04),
  ];
  const order = (by: "of" | "base", down = false) =>
    sorted(all, { by, down }, (each) => each.of).map((each) => each.of);

  it("stand by their size within their kind, or by what they are of", () => {
    expect(order("base")).toEqual(["rise", "wall", "loss"]);
    expect(order("base", true)).toEqual(["loss", "wall", "rise"]);
    expect(order("of")).toEqual(["loss", "rise", "wall"]);
  });
});
