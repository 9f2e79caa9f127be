import { describe, expect, it } from "vitest";
import { cueAt } from "./Player";

describe("the cue of a moment", () => {
  const cues = [
    { start: 0, end: 5, startMs: 1000, endMs: 3000, speaker: null },
    { start: 6, end: 9, startMs: 3000, endMs: 4000, speaker: null },
  ] as never;
  it("is the last that has begun and not long ended", () => {
    expect(cueAt(cues, 500)).toBeNull();
    expect(cueAt(cues, 3100)?.start).toBe(6);
    expect(cueAt(cues, 9000)).toBeNull();
  });
});
