import { describe, expect, it } from "vitest";
import { found, meets } from "./narrowing";

const passage = { source: "s", exact: "The warden counted terns.", topics: ["t"] };
const all = { source: "", topic: null, words: "" };

describe("narrowing what was found", () => {
  it("goes by words, by source and by branch", () => {
    expect(found(["Terns"], [passage], all, null)).toBe(true);
    expect(found([], [passage], { ...all, words: "WARDEN" }, null)).toBe(true);
    expect(found([], [passage], { ...all, words: "ferry" }, null)).toBe(false);
    expect(found([], [passage], { ...all, source: "other" }, null)).toBe(false);
    expect(found([], [passage], all, new Set(["t"]))).toBe(true);
    expect(found([], [passage], all, new Set(["u"]))).toBe(false);
  });
  it("goes by where somebody is named", () => {
    const event = { source: "s", start: 10, end: 20 };
    expect(meets(event, [{ source: "s", start: 19, end: 30 }])).toBe(true);
    expect(meets(event, [{ source: "s", start: 20, end: 30 }])).toBe(false);
    expect(meets(event, [{ source: "other", start: 10, end: 20 }])).toBe(false);
    expect(meets(event, [])).toBe(false);
  });
});
