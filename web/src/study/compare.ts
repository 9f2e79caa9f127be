import type { Tree } from "../map/tree";

/** Written as the server reads it: `topic:ID`, `sources:ID,ID`, `map:ID`. */
export type Side = string;

/** The sources of a side; none if it is something else. */
export function sourcesOf(side: Side): string[] {
  return side.startsWith("sources:") ? side.slice("sources:".length).split(",") : [];
}

/** A side with a source added or taken out; the last one stays. */
export function toggled(side: Side, source: string): Side {
  const sources = sourcesOf(side);
  const next = sources.includes(source)
    ? sources.filter((each) => each !== source)
    : [...sources, source];
  return next.length === 0 ? side : `sources:${next.join(",")}`;
}

/** What is compared where nothing was chosen: the chosen topic and the one after it, else sources. */
export function usual(tree: Tree, selected: string): [Side, Side] {
  const { sources } = tree.desk;
  const chosen = tree.get(selected);
  const first = chosen?.parent ? chosen : tree.get(tree.root.children[0] ?? null);
  const second = first && (tree.sibling(first, 1) ?? tree.sibling(first, -1));
  if (first && second) {
    return [`topic:${first.id}`, `topic:${second.id}`];
  }
  const [one, other] = sources;
  return one && other ? [`sources:${one.id}`, `sources:${other.id}`] : ["", ""];
}

/** What both are asked for by. */
export function asked(one: Side, other: Side): string {
  return `?${new URLSearchParams({ one, other })}`;
}

/** In words, how sure a pair is. */
export function sureness(sure: number): string {
  return sure >= 0.9 ? "the same" : sure >= 0.65 ? "likely the same" : "perhaps the same";
}
