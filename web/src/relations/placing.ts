import type { Edit, Topic } from "../api/types";
import type { Tree } from "../map/tree";

/** What another topic is chosen for. */
export type Placing =
  | { what: "move" | "merge"; topic: string }
  | { what: "passage"; topic: string; evidence: string };

/** Whether a topic may be chosen for it. */
export function mayTake(tree: Tree, placing: Placing, other: Topic): boolean {
  const topic = tree.get(placing.topic);
  if (!topic || other.id === topic.id) {
    return false;
  }
  const below = tree.within(other, topic);
  return (
    placing.what === "passage" || (placing.what === "merge" ? !below : canHold(topic, other, below))
  );
}

function canHold(topic: Topic, other: Topic, below: boolean): boolean {
  return !below && topic.parent !== other.id;
}

/** The edit that it comes to. */
export function placed(placing: Placing, to: Topic): Edit {
  switch (placing.what) {
    case "move":
      return {
        type: "Move",
        topic: placing.topic,
        parent: to.id,
        after: to.children.at(-1) ?? null,
      };
    case "merge":
      return { type: "Merge", into: to.id, topics: [placing.topic] };
    case "passage":
      return {
        type: "MovePassages",
        topic: placing.topic,
        evidence: [placing.evidence],
        to: to.id,
      };
  }
}

/** What is said of it. */
export const PLACING = {
  move: {
    title: (label: string) => `Move “${label}”`,
    explains: "It comes last under the topic that you choose, with all below it.",
    press: "Move it there",
    done: (label: string, to: string) => `${label} moved under ${to}`,
  },
  merge: {
    title: (label: string) => `Merge “${label}” into another topic`,
    explains:
      "Its passages, note and links become those of the topic that you choose, what is below it comes under that topic, and it goes.",
    press: "Merge them",
    done: (label: string, to: string) => `${label} merged into ${to}`,
  },
  passage: {
    title: (label: string) => `Move a passage of “${label}”`,
    explains: "The passage is linked to the topic that you choose, and no longer to this one.",
    press: "Move it there",
    done: (label: string, to: string) => `A passage moved from ${label} to ${to}`,
  },
} as const;
