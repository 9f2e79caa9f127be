import { describe, expect, it } from "vitest";
import { closest, sureness } from "./Grouped";

describe("how sure a grouping is", () => {
  it("is told in a word", () => {
    expect(sureness(4, 5)).toBe("Clearly grouped");
    expect(sureness(2, 4)).toBe("Fairly grouped");
    expect(sureness(0, 3)).toBe("Loosely grouped");
  });

  it("counts paragraphs in whole sentences", () => {
    expect(closest(3, 3)).toBe("all 3 paragraphs are closest to this topic");
    expect(closest(0, 3)).toBe("none of its 3 paragraphs is closest to this topic");
    expect(closest(1, 3)).toBe("1 of its 3 paragraphs is closest to this topic");
    expect(closest(2, 3)).toBe("2 of its 3 paragraphs are closest to this topic");
  });
});
