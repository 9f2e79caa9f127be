import type { Grade, Quiz } from "../api/types";

/** What is sent as an answer. */
export type Given = { chosen: number[]; written: string[] };

/** A list with one of its items moved by a step, if there is room. */
export function moved(order: readonly number[], at: number, step: number): number[] {
  const to = at + step;
  const next = [...order];
  const [item] = next.splice(at, 1);
  if (item === undefined || to < 0 || to >= order.length) {
    return [...order];
  }
  next.splice(to, 0, item);
  return next;
}

/** An answer before anything is chosen. */
export function nothing(quiz: Quiz): Given {
  return {
    chosen: quiz.kind === "ORDER" ? quiz.options.map((_, place) => place) : [],
    written: Array.from({ length: quiz.kind === "FREE" ? 1 : quiz.blanks }, () => ""),
  };
}

/** How an answer was, in words. */
export const GRADES: Record<Grade, string> = {
  YES: "Right.",
  PARTLY: "Partly right.",
  NO: "Not right.",
};

/** In how many days a moment is. */
export function inDays(moment: string, now: number): string {
  const days = Math.round((Date.parse(moment) - now) / 86_400_000);
  return days <= 0 ? "today" : days === 1 ? "tomorrow" : `in ${days.toLocaleString("en")} days`;
}
