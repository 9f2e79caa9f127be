import type { DraftLine } from "../api/types";

type Stretch = { start: number; end: number; branch: number };

/** On no topic, as a ribbon has it. */
const NOWHERE = -3;

/** Sentences one after another on the same main branch, as stretches of a ribbon. */
export function stretches(
  lines: readonly DraftLine[],
  branchOf: (topic: string) => number | undefined,
): Stretch[] {
  const all: Stretch[] = [];
  for (const line of lines) {
    const branch = (line.topic === null ? undefined : branchOf(line.topic)) ?? NOWHERE;
    const last = all[all.length - 1];
    if (last && last.branch === branch) {
      last.end = line.end;
    } else {
      all.push({ start: last?.end ?? 0, end: line.end, branch });
    }
  }
  return all;
}

/** Minutes as they are said. */
export function spoken(minutes: number): string {
  const seconds = Math.round(minutes * 60);
  return seconds < 60
    ? `${seconds} s`
    : `${Math.floor(seconds / 60)} min${seconds % 60 ? ` ${seconds % 60} s` : ""}`;
}

/** A draft cut where its sentences begin and end: each piece with the place of its sentence, or -1. */
export function pieces(
  text: string,
  lines: readonly DraftLine[],
): { words: string; line: number }[] {
  const all: { words: string; line: number }[] = [];
  let at = 0;
  for (const [place, line] of lines.entries()) {
    if (line.start > at) {
      all.push({ words: text.slice(at, line.start), line: -1 });
    }
    all.push({ words: text.slice(line.start, line.end), line: place });
    at = line.end;
  }
  if (at < text.length) {
    all.push({ words: text.slice(at), line: -1 });
  }
  return all;
}
