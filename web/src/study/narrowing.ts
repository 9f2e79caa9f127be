import { useMemo } from "react";
import type { Tree } from "../map/tree";

/** By what something that was found is looked for. */
export type Filter = { source: string; topic: string | null; words: string };

type Passed = { source: string; exact: string; topics: readonly string[] };

/** Whether something has what is looked for; `under` are the topics of a branch. */
export function found(
  called: readonly string[],
  passages: readonly Passed[],
  filter: Filter,
  under: ReadonlySet<string> | null,
): boolean {
  const words = filter.words.trim().toLowerCase();
  return (
    (!filter.source || passages.some((each) => each.source === filter.source)) &&
    (!under || passages.some((each) => each.topics.some((topic) => under.has(topic)))) &&
    (!words ||
      [...called, ...passages.map((each) => each.exact)].join(" ").toLowerCase().includes(words))
  );
}

/** The topics of the branch that is looked in, null for all. */
export function useUnder(tree: Tree, filter: Filter): ReadonlySet<string> | null {
  return useMemo(() => {
    const topic = tree.get(filter.topic);
    const { topics } = tree.desk;
    return topic
      ? new Set(topics.filter((each) => tree.within(each, topic)).map((each) => each.id))
      : null;
  }, [tree, filter.topic]);
}

type Spot = { source: string; start: number; end: number };

/** Whether a passage lies over one of some others. */
export function meets(passage: Spot, others: readonly Spot[]): boolean {
  return others.some(
    (other) =>
      other.source === passage.source && other.start < passage.end && passage.start < other.end,
  );
}
