import { describe, expect, it } from "vitest";
import { pieces, spoken, stretches } from "./draft";

const line = (start: number, end: number, topic: string | null) => ({
  start,
  end,
  topic,
  words: 3,
  point: -1,
  strength: 0,
});

describe("a draft", () => {
  const lines = [line(0, 5, "a"), line(6, 11, "a"), line(13, 20, null), line(20, 25, "b")];

  it("is a ribbon of stretches, whatever stands between sentences", () => {
    const branches: Record<string, number> = { a: 1, b: 2 };
    expect(stretches(lines, (topic) => branches[topic])).toEqual([
      { start: 0, end: 11, branch: 1 },
      { start: 11, end: 20, branch: -3 },
      { start: 20, end: 25, branch: 2 },
    ]);
    expect(stretches([], () => 1)).toEqual([]);
  });

  it("is cut into sentences and what stands between them, and loses nothing", () => {
    const text = "One a. Two b.\n\nThree c. Four d, end";
    const cut = pieces(text, lines);
    expect(cut.map((piece) => piece.words).join("")).toBe(text);
    expect(cut.map((piece) => piece.line)).toEqual([0, -1, 1, -1, 2, 3, -1]);
  });

  it("tells time as it is said", () => {
    expect([0.2, 1, 2.5].map(spoken)).toEqual(["12 s", "1 min", "2 min 30 s"]);
  });
});
