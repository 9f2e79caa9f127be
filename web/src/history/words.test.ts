import { describe, expect, it } from "vitest";
import type { Difference, Revision } from "../api/types";
import { about, detail, states, told } from "./words";

function revision(number: number, change: Partial<Revision> = {}): Revision {
  return {
    number,
    kind: "CHANGE",
    of: number,
    author: "me",
    job: null,
    at: "2026-05-01T10:00:00Z",
    said: "Moved “Wall” under “Sea”",
    moment: null,
    name: null,
    ...change,
  };
}

describe("the history", () => {
  it("tells what was done, undone and by whom", () => {
    expect(told(revision(1, { kind: "UNDO" }))).toBe("Undone: moved “Wall” under “Sea”");
    const job = revision(2, { job: "DISTIL", moment: "WORK" });
    expect(told(job)).toBe("Distilled the map");
    expect(about(job)).toBe("Pergamena");
    expect(about(revision(3, { moment: "HOUR" }))).toBe("you · an hour’s work");
  });

  it("offers the state before a job among the versions, each state once", () => {
    const list = [revision(5, { name: "Sent" }), revision(4, { job: "FOLD" }), revision(3)];
    expect(states(list, true, true).map((s) => `${s.number} ${s.title}`)).toEqual([
      "5 Sent",
      "4 Folded a source in",
      "3 Before: folded a source in",
      "0 The beginning",
    ]);
    expect(states(list, false, false)).toHaveLength(3);
  });

  it("reads differences", () => {
    const of = (kind: Difference["kind"], was: string, is: string) =>
      detail({ kind, topic: "t", label: "T", was, is });
    expect(of("MOVED", "Sea", "Land")).toBe("from Sea to Land");
    expect(of("WORDS", "", "Ask")).toBe("nothing → Ask");
    expect(of("LINK", "a feeds b", "")).toBe("gone: a feeds b");
  });
});
