import type { Edit, ReadOutline, Topic } from "../api/types";
import type { Tree } from "../map/tree";

/** The topics that an outline shows, in order: those in closed branches are not among them. */
export function shown(tree: Tree): Topic[] {
  const lines: Topic[] = [];
  const add = (topic: Topic) => {
    lines.push(topic);
    if (!topic.closed) {
      for (const child of topic.children) {
        const below = tree.get(child);
        if (below) {
          add(below);
        }
      }
    }
  };
  add(tree.root);
  return lines;
}

/** What is shown again under each topic, by number and label. */
export function guestsOf(tree: Tree): Map<string, string[]> {
  const guests = new Map<string, string[]>();
  for (const { topic, parent } of tree.desk.also) {
    const guest = tree.get(topic);
    if (guest) {
      const words = `${guest.number} ${guest.label}`.trim();
      guests.set(parent, [...(guests.get(parent) ?? []), words]);
    }
  }
  return guests;
}

/** Where a topic goes. */
export type Spot = { parent: string; after: string | null };

/** Last under the sibling above, or null if there is none. */
export function inward(tree: Tree, topic: Topic): Spot | null {
  const above = tree.sibling(topic, -1);
  return above ? { parent: above.id, after: above.children.at(-1) ?? null } : null;
}

/** Right after its parent, or null for a main branch and the root. */
export function outward(tree: Tree, topic: Topic): Spot | null {
  const parent = tree.parent(topic);
  return parent?.parent ? { parent: parent.parent, after: parent.id } : null;
}

/** Before or after the sibling beside it, or null at the end. */
export function along(tree: Tree, topic: Topic, step: 1 | -1): Spot | null {
  const beside = tree.sibling(topic, step);
  if (!topic.parent || !beside) {
    return null;
  }
  const after = step === 1 ? beside.id : (tree.sibling(topic, -2)?.id ?? null);
  return { parent: topic.parent, after };
}

/** A branch as indented text, two blanks a level. */
export function asText(tree: Tree, topic: Topic): string {
  const lines: string[] = [];
  const add = (at: Topic, level: number) => {
    lines.push(`${"  ".repeat(level)}${at.label}`);
    for (const child of at.children) {
      const below = tree.get(child);
      if (below) {
        add(below, level + 1);
      }
    }
  };
  add(topic, 0);
  return `${lines.join("\n")}\n`;
}

/** The edits that put the topics of an outline at a spot, each with an identity of its own. */
export function planted(outline: ReadOutline, spot: Spot): Edit[] {
  const edits: Edit[] = [];
  const parents = [spot.parent];
  const lasts: (string | null)[] = [spot.after];
  const add = (level: number, label: string, note: string) => {
    const topic = crypto.randomUUID();
    const parent = parents[level] ?? spot.parent;
    edits.push({ type: "Add", topic, parent, after: lasts[level] ?? null, label });
    if (note) {
      edits.push({ type: "Note", topic, note });
    }
    parents.length = level + 1;
    lasts.length = level + 1;
    lasts[level] = topic;
    parents.push(topic);
    lasts.push(null);
  };
  if (outline.title) {
    add(0, outline.title, "");
  }
  for (const item of outline.items) {
    add(item.level - (outline.title ? 0 : 1), item.label, item.note);
  }
  return edits;
}
