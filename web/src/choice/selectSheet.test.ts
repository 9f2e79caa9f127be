import { describe, expect, it } from "vitest";
import { asked } from "./SelectSheet";

describe("what topics must have to be chosen", () => {
  it("leaves out what does not matter", () => {
    const nothing = {
      words: " ",
      level: "",
      tag: "",
      bearing: "",
      source: "",
      standing: "",
      ink: "",
    };
    expect(asked(nothing)).toBe("");
    expect(asked({ ...nothing, words: " old wall", level: "2" })).toBe("words=old+wall&level=2");
  });
});
