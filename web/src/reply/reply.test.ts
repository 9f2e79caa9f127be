import { describe, expect, it } from "vitest";
import type { Reply, ReplyCheck, ReplyDifference } from "../api/types";
import { foundIn, freely, judgement, offered, strength, toldLines } from "./reply";

const difference = (over: Partial<ReplyDifference>): ReplyDifference => ({
  id: "NEW 0",
  kind: "NEW",
  point: 0,
  topic: null,
  was: "",
  is: "Creeks",
  sure: 0,
  yours: false,
  refused: false,
  ...over,
});

const reply = {
  points: [{ line: 2, level: 1, label: "Creeks", definition: "", note: "", cites: [] }],
  links: [],
  repairs: [{ line: 3, sentence: "mended" }],
  left: [
    { line: 1, text: "Sure!", why: "AROUND" },
    { line: 4, text: "```", why: "FORM" },
    { line: 5, text: "??", why: "UNREAD" },
  ],
} as unknown as Reply;

describe("a reply", () => {
  it("takes nothing of a person's own and nothing refused by kind", () => {
    expect(freely(difference({}))).toBe(true);
    expect(freely(difference({ yours: true }))).toBe(false);
    expect(freely(difference({ refused: true }))).toBe(false);
    expect(freely(difference({ kind: "MISSING" }))).toBe(false);
  });

  it("tells of repaired lines and of those not taken, but not of mere form", () => {
    expect(toldLines(reply).map(({ line }) => line)).toEqual([1, 3, 5]);
    expect(foundIn(reply)).toBe("1 topic, 1 repair, 1 line said around it, 1 line not understood");
  });

  it("says what the sources say", () => {
    const judged = {
      grade: "THIN",
      found: [{ source: "s", start: 0, end: 4, exact: "mud", strength: 0.6 }],
      cites: [
        { key: "p1", known: false, evidence: null, strength: 0 },
        { key: "p2", known: true, evidence: "e", strength: 0.1 },
      ],
      claims: ["4711"],
    } satisfies ReplyCheck["points"][number];
    expect(judgement(judged)).toBe(
      "thin \u00b7 no passage is called p1 \u00b7 p2 says something else \u00b7 in no source: 4711",
    );
    const check: ReplyCheck = { points: [judged], unsaid: [] };
    expect(strength(difference({}), check)).toBe(0.6);
    expect(strength(difference({ kind: "RENAMED", sure: 0.7 }), check)).toBe(0.7);
  });

  it("puts what was before what would be", () => {
    expect(offered(difference({ kind: "RENAMED", was: "Creek" }), reply)).toBe(
      "Creek \u2192 Creeks",
    );
    expect(offered(difference({ kind: "MOVED", was: "Wall", is: "Mud" }), reply)).toBe(
      "Creeks: from Wall to Mud",
    );
  });
});
