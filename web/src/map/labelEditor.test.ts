import { describe, expect, it } from "vitest";
import { offerAfter } from "./LabelEditor";

describe("the offers under a label", () => {
  it("are gone through downwards and come back to what the person wrote", () => {
    expect([-1, 0, 1].map((at) => offerAfter(at, 2, 1))).toEqual([0, 1, -1]);
  });

  it("are gone through upwards from the last", () => {
    expect([-1, 1, 0].map((at) => offerAfter(at, 2, -1))).toEqual([1, 0, -1]);
  });

  it("leave what the person wrote where there are none", () => {
    expect(offerAfter(-1, 0, 1)).toBe(-1);
    expect(offerAfter(-1, 0, -1)).toBe(-1);
  });
});
