import type { Desk } from "../api/types";

/** The numbers of the main branches by their colours. */
export function mainNumbers(desk: Desk): ReadonlyMap<number, string> {
  return new Map(desk.topics.filter((t) => t.level === 1).map((t) => [t.branch, t.number]));
}
