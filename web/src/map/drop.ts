import type { DropZone, Placed, Scene, Topic } from "../api/types";
import { flowIn } from "./flow";
import type { Tree } from "./tree";

/**
 * Where dragged topics would go.
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

/** The topic and the zone of it that a point of the scene means for dragged topics. */
function zoneAt(tree: Tree, scene: Scene, moving: readonly Topic[], x: number, y: number) {
  let found: { over: Placed; zone: DropZone } | null = null;
  let nearest = REACH;
  const drawn = new Map(scene.topics.map((each) => [each.id, each]));
  for (const over of scene.topics) {
    const near = Math.abs(y - over.y - over.height / 2) < over.height + REACH;
    const topic = near ? tree.get(over.id) : undefined;
    if (!topic || moving.some((each) => tree.within(topic, each))) {
      continue;
    }
    const among = flowIn((id) => (id ? drawn.get(id) : undefined), topic, over);
    // a list that hangs in a row is dropped on from below, as beside it are the others of the row
    const rows = among === "DOWN" || among === "UP";
    const under = over.flow === "LIST" && rows ? among : over.flow;
    for (const zone of scene.zones) {
      const meant =
        zone.where === "UNDER" ? zone.flow === under : topic.parent && zone.flow === among;
      const far = meant ? distance(over, zone, x, y) : REACH;
      if (far < nearest) {
        found = { over, zone };
        nearest = far;
      }
    }
  }
  return found;
}

/** The drop that a point of the scene means for dragged topics, if any. */
export function dropAt(
  tree: Tree,
  scene: Scene,
  dragged: readonly Topic[],
  x: number,
  y: number,
): Drop | null {
  const found = zoneAt(tree, scene, dragged, x, y);
  const target = found && tree.get(found.over.id);
  if (!found || !target) {
    return null;
  }
  const moving = new Set(dragged.map((each) => each.id));
  const others = (ids: readonly string[]) => ids.filter((id) => !moving.has(id));
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

/** The topic that stands at a point of the scene. */
export function topicAt(scene: Scene, x: number, y: number): Placed | undefined {
  return scene.topics.find(
    (p) => x >= p.x && x <= p.x + p.width && y >= p.y && y <= p.y + p.height,
  );
}

/** After which child of a topic a new one comes that is drawn out to a place; null for the first. */
export function childBefore(tree: Tree, topic: Topic, { x, y }: Point): string | null {
  const flow = tree.placed(topic.id)?.flow;
  const lying = flow === "DOWN" || flow === "UP";
  return (
    topic.children.findLast((id) => {
      const placed = tree.placed(id);
      if (!placed) {
        return false;
      }
      return lying ? placed.x + placed.width / 2 < x : placed.y + placed.height / 2 < y;
    }) ?? null
  );
}

/** The topics of which something is within a frame. */
export function framed(scene: Scene, one: Point, other: Point): string[] {
  const [left, right] = [Math.min(one.x, other.x), Math.max(one.x, other.x)];
  const [top, bottom] = [Math.min(one.y, other.y), Math.max(one.y, other.y)];
  return scene.topics
    .filter((p) => p.x < right && p.x + p.width > left && p.y < bottom && p.y + p.height > top)
    .map((p) => p.again ?? p.id);
}

export type Point = { x: number; y: number };
