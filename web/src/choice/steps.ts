import type { Edit, Topic } from "../api/types";
import type { Tree } from "../map/tree";

/** A way in which topics move one step. */
export type Step = "up" | "down" | "out" | "in";

type Move = Extract<Edit, { type: "Move" }>;

/** The moves by which topics, none of them below another, go one step; none where there is no way. */
export function steps(tree: Tree, topics: readonly Topic[], step: Step): Edit[] {
  const ids = new Set(topics.map((topic) => topic.id));
  const parents = new Map<string, Topic>();
  for (const topic of topics) {
    const parent = tree.parent(topic);
    if (parent) {
      parents.set(parent.id, parent);
    }
  }
  return [...parents.values()].flatMap((parent) => {
    switch (step) {
      case "up":
        return reordered(parent, ids, swappedUp(parent.children, ids));
      case "down":
        return reordered(parent, ids, swappedUp([...parent.children].reverse(), ids).reverse());
      case "out":
        return outward(parent, ids);
      default:
        return inward(tree, parent, ids);
    }
  });
}

function move(topic: string, parent: string, after: string | null): Move {
  return { type: "Move", topic, parent, after };
}

/** Each of some ids before the one that stood before it, where that is none of them. */
function swappedUp(order: readonly string[], ids: ReadonlySet<string>): string[] {
  const next = [...order];
  for (let i = 1; i < next.length; i++) {
    const [before, at] = [next[i - 1] ?? "", next[i] ?? ""];
    if (ids.has(at) && !ids.has(before)) {
      next[i - 1] = at;
      next[i] = before;
    }
  }
  return next;
}

function reordered(parent: Topic, ids: ReadonlySet<string>, next: readonly string[]): Move[] {
  if (next.every((id, i) => id === parent.children[i])) {
    return [];
  }
  return next.flatMap((id, i) => (ids.has(id) ? [move(id, parent.id, next[i - 1] ?? null)] : []));
}

function outward(parent: Topic, ids: ReadonlySet<string>): Move[] {
  const above = parent.parent;
  if (above === null) {
    return [];
  }
  let after = parent.id;
  return parent.children
    .filter((id) => ids.has(id))
    .map((id) => {
      const moved = move(id, above, after);
      after = id;
      return moved;
    });
}

function inward(tree: Tree, parent: Topic, ids: ReadonlySet<string>): Move[] {
  const moves: Move[] = [];
  let into: Topic | undefined;
  let after: string | null = null;
  for (const id of parent.children) {
    if (!ids.has(id)) {
      into = tree.get(id);
      after = into?.children.at(-1) ?? null;
    } else if (into) {
      moves.push(move(id, into.id, after));
      after = id;
    }
  }
  return moves;
}
