import type { Placed, Scene } from "../api/types";
import type { Tree } from "./tree";

/**
 * Where a dragged topic would go.
 *
 * @param after the child of the parent behind which it comes, or null to be the first
 */
export type Drop = {
  parent: string;
  after: string | null;
  over: Placed;
  where: "before" | "after" | "under";
};

const REACH = 48;

function distance(placed: Placed, x: number, y: number): number {
  const dx = Math.max(placed.x - x, 0, x - placed.x - placed.width);
  const dy = Math.max(placed.y - y, 0, y - placed.y - placed.height);
  return Math.hypot(dx, dy * 1.5);
}

/** The drop that a point of the scene means for a dragged topic, if any. */
export function dropAt(
  tree: Tree,
  scene: Scene,
  dragged: string,
  x: number,
  y: number,
): Drop | null {
  const moving = tree.get(dragged);
  if (!moving) {
    return null;
  }
  let over: Placed | null = null;
  let nearest = REACH;
  for (const placed of scene.topics) {
    const topic = tree.get(placed.id);
    const d = distance(placed, x, y);
    if (topic && d < nearest && !tree.within(topic, moving)) {
      over = placed;
      nearest = d;
    }
  }
  const target = over && tree.get(over.id);
  if (!over || !target) {
    return null;
  }
  const share = (y - over.y) / over.height;
  const outward = over.leftward ? x < over.x + over.width * 0.4 : x > over.x + over.width * 0.6;
  const parent = tree.parent(target);
  const last = (ids: readonly string[]) => ids.filter((id) => id !== dragged).at(-1) ?? null;
  if (!parent || (outward && share > -0.2 && share < 1.2) || (share > 0.3 && share < 0.7)) {
    return { parent: target.id, after: last(target.children), over, where: "under" };
  }
  const siblings = parent.children.filter((id) => id !== dragged);
  const before = siblings[siblings.indexOf(target.id) - 1] ?? null;
  return share <= 0.5
    ? { parent: parent.id, after: before, over, where: "before" }
    : { parent: parent.id, after: target.id, over, where: "after" };
}
