import type { Placed, Scene } from "../api/types";
import type { Tree } from "./tree";

/** Where a dragged topic would go: under a parent, as its child number index once taken out. */
export type Drop = {
  parent: string;
  index: number;
  over: Placed;
  where: "before" | "after" | "under";
};

const REACH = 48;

function distance(placed: Placed, x: number, y: number): number {
  const { box } = placed;
  const dx = Math.max(box.x - x, 0, x - box.x - box.width);
  const dy = Math.max(box.y - y, 0, y - box.y - box.height);
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
  const share = (y - over.box.y) / over.box.height;
  const onRight = x > over.box.x + over.box.width * 0.6;
  const parent = tree.parent(target);
  if (!parent || (onRight && share > -0.2 && share < 1.2) || (share > 0.3 && share < 0.7)) {
    const children = target.children.filter((id) => id !== dragged);
    return { parent: target.id, index: children.length, over, where: "under" };
  }
  const siblings = parent.children.filter((id) => id !== dragged);
  const at = siblings.indexOf(target.id);
  return share <= 0.5
    ? { parent: parent.id, index: at, over, where: "before" }
    : { parent: parent.id, index: at + 1, over, where: "after" };
}
