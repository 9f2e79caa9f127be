import type { Placed, Topic } from "../api/types";
import type { Tree } from "./tree";

export type Flow = Placed["flow"];

/** The arrow keys by what they mean for a topic among its siblings. */
export type Ways = { before: string; after: string; out: string; into: string };

const WAYS: Record<Flow, Ways> = {
  RIGHT: { before: "ArrowUp", after: "ArrowDown", out: "ArrowLeft", into: "ArrowRight" },
  LEFT: { before: "ArrowUp", after: "ArrowDown", out: "ArrowRight", into: "ArrowLeft" },
  LIST: { before: "ArrowUp", after: "ArrowDown", out: "ArrowLeft", into: "ArrowRight" },
  DOWN: { before: "ArrowLeft", after: "ArrowRight", out: "ArrowUp", into: "ArrowDown" },
  UP: { before: "ArrowLeft", after: "ArrowRight", out: "ArrowDown", into: "ArrowUp" },
};

const SIGNS = new Map([
  ["ArrowUp", "↑"],
  ["ArrowDown", "↓"],
  ["ArrowLeft", "←"],
  ["ArrowRight", "→"],
]);

/** The sign of an arrow key. */
export function arrow(key: string): string {
  return SIGNS.get(key) ?? "";
}

/** Which way the topics go among which one stands: beside, below or above their parent. */
export function flowIn(
  drawn: (id: string | null) => Placed | undefined,
  topic: Topic,
  placed: Placed | undefined,
): Flow {
  const parent = drawn(topic.parent);
  if (!placed || !parent) {
    return placed?.flow ?? "RIGHT";
  }
  if (parent.flow === "RIGHT" || parent.flow === "LEFT") {
    return placed.x + placed.width / 2 < parent.x + parent.width / 2 ? "LEFT" : "RIGHT";
  }
  return parent.flow;
}

/** What the arrow keys mean for a topic. */
export function waysOf(tree: Tree, topic: Topic): Ways {
  return WAYS[flowIn((id) => tree.placed(id), topic, tree.placed(topic.id))];
}
