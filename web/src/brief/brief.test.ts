import { describe, expect, it } from "vitest";
import { lengthOf } from "./brief";

describe("the length of a brief", () => {
  it("is told in words and about in tokens", () => {
    expect(lengthOf(" two  words\n")).toEqual({ words: 2, tokens: 3 });
    expect(lengthOf("")).toEqual({ words: 0, tokens: 0 });
  });
});
