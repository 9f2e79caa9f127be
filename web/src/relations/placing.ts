import type { Edit, Topic } from "../api/types";
import type { Tree } from "../map/tree";

/** What another topic is chosen for. */
export type Placing =
  | { what: "move" | "merge" | "also"; topics: readonly string[] }
  | { what: "passage"; topic: string; evidence: string }
  /** The end of a cross-link that is not a topic. */
  | { what: "end"; topic: string; link: string };

/** Whether a topic may be chosen for it. */
export function mayTake(tree: Tree, placing: Placing, other: Topic): boolean {
  if (placing.what === "passage" || placing.what === "end") {
    return other.id !== placing.topic;
  }
  const topics = placing.topics.flatMap((id) => tree.get(id) ?? []);
  if (placing.what === "merge") {
    // one of several may be the one that they become
    return topics.every((topic) => topic === other || !tree.within(other, topic));
  }
  const there = topics.every((topic) => topic.parent === other.id);
  return !there && topics.every((topic) => !tree.within(other, topic));
}

/** The edit that it comes to. */
export function placed(tree: Tree, placing: Placing, to: Topic): Edit {
  if (placing.what === "end") {
    const leads = tree.desk.links.find(({ id }) => id === placing.link)?.from === placing.topic;
    const [from, end] = leads ? [placing.topic, to.id] : [to.id, placing.topic];
    return { type: "Reattach", link: placing.link, from, to: end };
  }
  if (placing.what === "passage") {
    const { topic, evidence } = placing;
    return { type: "MovePassages", topic, evidence: [evidence], to: to.id };
  }
  if (placing.what === "also") {
    const [topic = ""] = placing.topics;
    return { type: "ShowAlso", also: crypto.randomUUID(), topic, parent: to.id };
  }
  if (placing.what === "merge") {
    const topics = placing.topics.filter((id) => id !== to.id);
    return { type: "Merge", into: to.id, topics };
  }
  let after = to.children.at(-1) ?? null;
  const edits = placing.topics.map((topic): Edit => {
    const edit: Edit = { type: "Move", topic, parent: to.id, after };
    after = topic;
    return edit;
  });
  const [only] = edits;
  return only && edits.length === 1 ? only : { type: "Several", edits };
}

/** How what goes somewhere is called. */
export function called(tree: Tree, placing: Placing): string {
  const ids = "topic" in placing ? [placing.topic] : placing.topics;
  return ids.length === 1
    ? `“${tree.get(ids[0] ?? null)?.label ?? ""}”`
    : `the ${ids.length} chosen topics`;
}

/** What is said of it. */
export const PLACING = {
  move: {
    title: (what: string) => `Move ${what}`,
    explains: "What moves comes last under the topic that you choose, with all below it.",
    press: "Move there",
    done: (what: string, to: string) => `${what} moved under ${to}`,
  },
  also: {
    title: (what: string) => `Show ${what} under another topic too`,
    explains:
      "It stays where it is and is shown again, as the same topic, under the one that you choose.",
    press: "Show it there too",
    done: (what: string, to: string) => `${what} is shown under ${to} too`,
  },
  merge: {
    title: (what: string) => `Merge ${what} into one topic`,
    explains:
      "Passages, notes, tags and links become those of the topic that you choose, what is below comes under that topic, and the rest goes.",
    press: "Merge them",
    done: (what: string, to: string) => `${what} merged into ${to}`,
  },
  passage: {
    title: (what: string) => `Move a passage of ${what}`,
    explains: "The passage is linked to the topic that you choose, and no longer to this one.",
    press: "Move it there",
    done: (what: string, to: string) => `A passage moved from ${what} to ${to}`,
  },
  end: {
    title: (what: string) => `Lead the link of ${what} elsewhere`,
    explains: "The link keeps its words and leads to the topic that you choose.",
    press: "Lead it there",
    done: (what: string, to: string) => `The link of ${what} leads to ${to}`,
  },
} as const;
