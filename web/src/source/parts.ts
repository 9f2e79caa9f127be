import type { Details } from "../api/types";

export type Range = { start: number; end: number };

/** A section of a source: its heading and all up to the next one of its level or above. */
export type Section = Range & { level: number; words: string };

/** The sections of a source; the last ends with the text. */
export function sections(headings: Details["headings"], length: number): Section[] {
  return headings.map((heading, i) => {
    const next = headings.slice(i + 1).find((h) => h.level <= heading.level);
    const { start, level, words } = heading;
    return { start, end: next ? next.start : length, level, words };
  });
}

/** Whether a stretch is wholly left out. */
export function covered(range: Range, excluded: readonly Range[]): boolean {
  return excluded.some((e) => e.start <= range.start && e.end >= range.end);
}

/** The stretches with another left out too. */
export function withRange(excluded: readonly Range[], range: Range): Range[] {
  return [...excluded, range];
}

/** The stretches without another, which may cut one in two. */
export function withoutRange(excluded: readonly Range[], range: Range): Range[] {
  return excluded.flatMap((e) => {
    if (e.end <= range.start || e.start >= range.end) {
      return [e];
    }
    const left = [
      { start: e.start, end: range.start },
      { start: range.end, end: e.end },
    ];
    return left.filter((part) => part.end > part.start);
  });
}
