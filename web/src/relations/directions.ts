/** Where a cross-link points, seen from the end from which it leads. */
export const DIRECTIONS = [
  ["ONE", "At the other topic"],
  ["BOTH", "At both"],
  ["NONE", "At neither"],
] as const;
