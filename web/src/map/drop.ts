import type { DropZone, Placed, Scene } from "../api/types";
import type { Tree } from "./tree";

/**
 * Where a dragged topic would go.
 *
 * @param after the child of the parent behind which it comes, or null to be the first
 */
export type Drop = { parent: string; after: string | null; over: Placed; zone: DropZone };

const REACH = 48;

/** Rows are closer than columns. */
const STEEP = 1.5;

function distance(placed: Placed, { box }: DropZone, x: number, y: number): number {
  const left = placed.x + box.x * placed.width;
  const top = placed.y + box.y * placed.height;
  const dx = Math.max(left - x, 0, x - left - box.width * placed.width);
  const dy = Math.max(top - y, 0, y - top - box.height * placed.height);
  return Math.hypot(dx, dy * STEEP);
}

/** The topic and the zone of it that a point of the scene means for a dragged topic. */
function zoneAt(tree: Tree, scene: Scene, dragged: string, x: number, y: number) {
  const moving = tree.get(dragged);
  let found: { over: Placed; zone: DropZone } | null = null;
  let nearest = REACH;
  for (const over of scene.topics) {
    const near = Math.abs(y - over.y - over.height / 2) < over.height + REACH;
    const topic = near ? tree.get(over.id) : undefined;
    if (!topic || !moving || tree.within(topic, moving)) {
      continue;
    }
    for (const zone of scene.zones) {
      const meant = zone.leftward === over.leftward && (zone.where === "UNDER" || topic.parent);
      const far = meant ? distance(over, zone, x, y) : REACH;
      if (far < nearest) {
        found = { over, zone };
        nearest = far;
      }
    }
  }
  return found;
}

/** The drop that a point of the scene means for a dragged topic, if any. */
export function dropAt(
  tree: Tree,
  scene: Scene,
  dragged: string,
  x: number,
  y: number,
): Drop | null {
  const found = zoneAt(tree, scene, dragged, x, y);
  const target = found && tree.get(found.over.id);
  if (!found || !target) {
    return null;
  }
  const others = (ids: readonly string[]) => ids.filter((id) => id !== dragged);
  const parent = tree.parent(target);
  if (found.zone.where === "UNDER" || !parent) {
    return { ...found, parent: target.id, after: others(target.children).at(-1) ?? null };
  }
  const siblings = others(parent.children);
  const before = siblings[siblings.indexOf(target.id) - 1] ?? null;
  return {
    ...found,
    parent: parent.id,
    after: found.zone.where === "BEFORE" ? before : target.id,
  };
}
