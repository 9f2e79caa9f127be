import { describe, expect, it } from "vitest";
import { choices, lines, options, USUAL, wishes } from "./options";

describe("options", () => {
  it("asks for all sources as an empty list, and names them once one is left out", () => {
    expect(options(USUAL, ["a", "b"]).sources).toEqual([]);
    expect(options({ ...USUAL, without: new Set(["a"]) }, ["a", "b"]).sources).toEqual(["b"]);
  });

  it("takes each line that says something for a wish", () => {
    expect(lines(" tide \n\n  redshank")).toEqual(["tide", "redshank"]);
    expect(wishes({ ...USUAL, mains: "a\nb", terms: "c", leaveOut: "\n" })).toBe(3);
  });

  it("gives back what was asked the last time", () => {
    const asked = {
      ...USUAL,
      levels: "2",
      order: "TIME",
      question: "Who pays?",
      mains: "Birds\nMoney: cost",
      without: new Set(["b"]),
    };
    expect(choices(options(asked, ["a", "b"]), ["a", "b"])).toEqual(asked);
  });
});
