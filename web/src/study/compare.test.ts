import { describe, expect, it } from "vitest";
import { asked, sourcesOf, sureness, toggled } from "./compare";

describe("sides of a comparison", () => {
  it("take sources in and out, and keep the last", () => {
    expect(sourcesOf("topic:a")).toEqual([]);
    expect(toggled("topic:a", "s")).toBe("sources:s");
    expect(toggled("sources:s", "t")).toBe("sources:s,t");
    expect(toggled("sources:s,t", "s")).toBe("sources:t");
    expect(toggled("sources:t", "t")).toBe("sources:t");
  });
  it("are asked for by what they are", () => {
    expect(asked("topic:a", "sources:b,c")).toBe("?one=topic%3Aa&other=sources%3Ab%2Cc");
  });
  it("say in words how sure a pair is", () => {
    expect([1, 0.7, 0.5].map(sureness)).toEqual([
      "the same",
      "likely the same",
      "perhaps the same",
    ]);
  });
});
