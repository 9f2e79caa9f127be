import type { Somebody, Tie } from "../api/types";

/** Somebody in the network, at a place of a square from -1 to 1. */
export type Knot = { somebody: Somebody; x: number; y: number };
export type Thread = { tie: Tie; from: Knot; to: Knot };

const MOST = 12;

/** How close two are: a sentence counts as much as four paragraphs. */
export function closeness(tie: Tie): number {
  return tie.sentences + tie.paragraphs / 4;
}

/** The ties of somebody, the closest first. */
export function tiesOf(ties: readonly Tie[], key: string): Tie[] {
  return ties.filter((tie) => tie.from === key || tie.to === key);
}

/** The other end of a tie. */
export function other(tie: Tie, key: string): string {
  return tie.from === key ? tie.to : tie.from;
}

/**
 * The network around somebody: they in the middle, the closest around them; or, around nobody, the
 * most named in a ring, those who are tied beside each other.
 */
export function network(
  people: readonly Somebody[],
  ties: readonly Tie[],
  around: string | null,
): { knots: Knot[]; threads: Thread[] } {
  const byKey = new Map(people.map((each) => [each.key, each]));
  const middle = around ? byKey.get(around) : undefined;
  const keys = middle
    ? tiesOf(ties, middle.key)
        .map((tie) => other(tie, middle.key))
        .filter((key) => byKey.has(key))
        .slice(0, MOST)
    : ring(people.slice(0, MOST), ties);
  const knots: Knot[] = keys.flatMap((key, i) => {
    const somebody = byKey.get(key);
    const angle = (2 * Math.PI * i) / keys.length - Math.PI / 2;
    return somebody ? [{ somebody, x: Math.cos(angle), y: Math.sin(angle) }] : [];
  });
  if (middle) {
    knots.unshift({ somebody: middle, x: 0, y: 0 });
  }
  const at = new Map(knots.map((knot) => [knot.somebody.key, knot]));
  const threads = ties.flatMap((tie) => {
    const from = at.get(tie.from);
    const to = at.get(tie.to);
    return from && to ? [{ tie, from, to }] : [];
  });
  return { knots, threads };
}

/** An order in which each stands beside the one that is closest to the one before. */
function ring(people: readonly Somebody[], ties: readonly Tie[]): string[] {
  const left = new Set(people.map((each) => each.key));
  const order: string[] = [];
  while (left.size > 0) {
    const last = order.at(-1);
    const next =
      (last &&
        tiesOf(ties, last)
          .map((tie) => other(tie, last))
          .find((key) => left.has(key))) ||
      [...left][0];
    if (!next) {
      break;
    }
    left.delete(next);
    order.push(next);
  }
  return order;
}
