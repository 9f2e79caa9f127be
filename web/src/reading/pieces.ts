import type { Mark } from "../api/types";

/** A run of a block's text under the same marks. */
export type Piece = { start: number; end: number; marks: Mark[]; sought: boolean; now: boolean };

/** Cuts [start, end) wherever a mark or the sought span begins or ends, and what is said now. */
export function pieces(
  start: number,
  end: number,
  marks: readonly Mark[],
  sought: { start: number; end: number } | null,
  now: { start: number; end: number } | null = null,
): Piece[] {
  const over = marks.filter((mark) => mark.start < end && mark.end > start);
  const cuts = new Set([start, end]);
  for (const span of [...over, ...[sought, now].filter((s) => s !== null)]) {
    for (const at of [span.start, span.end]) {
      if (at > start && at < end) {
        cuts.add(at);
      }
    }
  }
  const sorted = [...cuts].sort((a, b) => a - b);
  return sorted.slice(0, -1).map((from, i) => {
    const to = sorted[i + 1] ?? end;
    return {
      start: from,
      end: to,
      marks: over.filter((mark) => mark.start < to && mark.end > from),
      sought: sought !== null && sought.start < to && sought.end > from,
      now: now !== null && now.start < to && now.end > from,
    };
  });
}
