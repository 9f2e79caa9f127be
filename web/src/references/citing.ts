import type { Citation } from "../api/types";

/** What stands between the brackets of a citation as it is written in a note. */
export type Cite = {
  key: string;
  /** What is counted; a time stands by itself. */
  kind: Kind;
  where: string;
  before: string;
  after: string;
  withoutMaker: boolean;
};

export type Kind = "p." | "chap." | "sec." | "l." | "para." | "fig." | "vol." | "time";

/** What can be counted, as it is written and as it is said. */
export const KINDS: readonly (readonly [Kind, string])[] = [
  ["p.", "page"],
  ["chap.", "chapter"],
  ["sec.", "section"],
  ["l.", "line"],
  ["para.", "paragraph"],
  ["fig.", "figure"],
  ["vol.", "volume"],
  ["time", "time"],
];

/** A citation in a note, in brackets; the same as the server reads. */
export const CITATION = /\[[^[\]\n]{0,400}?@[^[\]\n]{1,400}\]/;

export function cite(key: string): Cite {
  return { key, kind: "p.", where: "", before: "", after: "", withoutMaker: false };
}

/** A citation as it is written in a note: `[see @kest2031, p. 12; -@pell2029, 12:47]`. */
export function written(cites: readonly Cite[]): string {
  return `[${cites.map(one).join("; ")}]`;
}

function one(c: Cite): string {
  const bare = (words: string) => words.replace(/[[\];@\s]+/g, " ").trim();
  const where = bare(c.where);
  const timed = c.kind === "time" || /^\d+:\d/.test(where);
  const place = where && (timed ? `, ${where}` : `, ${c.kind} ${where}`);
  const before = bare(c.before);
  const after = bare(c.after);
  return `${before && `${before} `}${c.withoutMaker ? "-" : ""}@${c.key}${place}${after && `, ${after}`}`;
}

/** Reads what {@link written} wrote, and what a person typed like it; none if it is no citation. */
export function read(citation: string): Cite[] {
  const cites: Cite[] = [];
  for (const part of citation.slice(1, -1).split(";")) {
    const match = /^(.*?)(-?)@([a-z][a-z0-9-]*)(.*)$/s.exec(part);
    if (!match) {
      return [];
    }
    const [, before = "", minus = "", key = "", rest = ""] = match;
    const tail = rest.replace(/^\s*,\s*/, "").trim();
    const time = /^((?:\d{1,3}:)?\d{1,3}:\d{2})(.*)$/.exec(tail);
    const counted =
      /^(pp?|chaps?|secs?|ll?|paras?|figs?|vols?)\.\s*([\divxlcIVXLC]+(?:\s*[-–]\s*[\divxlcIVXLC]+)?)(.*)$/.exec(
        tail,
      );
    const bare = /^(\d+(?:\s*[-–]\s*\d+)?)(.*)$/.exec(tail);
    const [where, left] = time
      ? [time[1], time[2]]
      : counted
        ? [counted[2], counted[3]]
        : bare
          ? [bare[1], bare[2]]
          : ["", tail];
    const mark = counted?.[1]?.replace(/s$/, "").replace("pp", "p").replace("ll", "l");
    cites.push({
      key,
      kind: time ? "time" : mark ? (`${mark}.` as Kind) : "p.",
      where: where ?? "",
      before: before.trim(),
      after: (left ?? "").replace(/^\s*,\s*/, "").trim(),
      withoutMaker: minus === "-",
    });
  }
  return cites;
}

/** Citations in notes that name a work. */
export function notesCiting(citations: readonly Citation[], key: string): readonly Citation[] {
  return citations.filter((cited) => cited.written && cited.keys.includes(key));
}
