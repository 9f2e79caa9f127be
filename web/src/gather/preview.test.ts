import { describe, expect, it } from "vitest";
import { sizes } from "./Preview";
import { told } from "./subjects";

describe("what distilling comes to", () => {
  it("names main branches, and all topics where there are more levels", () => {
    expect(sizes([1])).toBe("1 main branch.");
    expect(sizes([5, 20, 23])).toBe("5 main branches, at most 48 topics in all.");
  });

  it("names sources by what they speak of", () => {
    const sources = [
      { id: "a", name: "Survey" },
      { id: "b", name: "Minutes" },
      { id: "c", name: "Bread" },
    ];
    expect(told([["a", "b"], ["c"]], sources)).toBe("Survey, Minutes · Bread");
  });
});
