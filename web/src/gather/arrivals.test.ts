import { describe, expect, it } from "vitest";
import { shelved } from "./Arrivals";
import type { Sending } from "./useGather";

const line = (name: string, done: boolean): Sending => ({
  key: 1,
  name,
  share: 1,
  problem: null,
  done,
  already: null,
  file: null,
});

describe("what became of files that were given", () => {
  it("is told by name for one and by number for more", () => {
    expect(shelved([line("a.pdf", false)])).toBe("");
    expect(shelved([line("a.pdf", true), line("b.pdf", false)])).toBe("a.pdf is on the shelf.");
    expect(shelved([line("a.pdf", true), line("b.pdf", true)])).toBe("2 files are on the shelf.");
  });
});
