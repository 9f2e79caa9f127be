import type { Desk, Patch, Placed, Scene, ScenePatch, Topic } from "./types";

/**
 * The desk after a patch, or null if the patch does not start from the state that the page has: the
 * whole is to be asked for then. A desk never goes back to an earlier state.
 */
export function accept(desk: Desk | undefined, patch: Patch): Desk | null {
  if (patch.whole) {
    return desk && desk.facts.stamp > patch.whole.facts.stamp ? desk : patch.whole;
  }
  if (!desk || !patch.facts) {
    return null;
  }
  if (patch.facts.stamp <= desk.facts.stamp) {
    return desk;
  }
  if (patch.base !== desk.facts.stamp) {
    return null;
  }
  const topics = inOrder(replaced(desk.topics, patch.topics, patch.gone));
  return {
    id: desk.id,
    facts: patch.facts,
    topics,
    links:
      patch.links.length + patch.goneLinks.length > 0
        ? [...replaced(desk.links, patch.links, patch.goneLinks).values()]
        : desk.links,
    also: patch.also ?? desk.also,
    comments: patch.comments ?? desk.comments,
    sources: shelved(desk, patch),
    scene: patch.scene
      ? redrawn(desk.scene, patch.scene, topics, patch.also ?? desk.also)
      : desk.scene,
    jobs: patch.jobs,
    proposals: patch.proposals ?? desk.proposals,
  };
}

function replaced<T extends { id: string }>(
  before: readonly T[],
  changed: readonly T[],
  gone: readonly string[],
): Map<string, T> {
  const items = new Map(before.map((item) => [item.id, item]));
  for (const id of gone) {
    items.delete(id);
  }
  for (const item of changed) {
    items.set(item.id, item);
  }
  return items;
}

/** Topics with every parent before its children, children in order. */
export function inOrder(topics: ReadonlyMap<string, Topic>): Topic[] {
  const ordered: Topic[] = [];
  const open = [...topics.values()].filter((topic) => topic.parent === null);
  for (let topic = open.pop(); topic; topic = open.pop()) {
    ordered.push(topic);
    for (let i = topic.children.length - 1; i >= 0; i--) {
      const child = topics.get(topic.children[i] ?? "");
      if (child) {
        open.push(child);
      }
    }
  }
  return ordered;
}

function shelved(desk: Desk, patch: Patch): Desk["sources"] {
  if (!patch.shelf && patch.sources.length === 0) {
    return desk.sources;
  }
  const sources = replaced(desk.sources, patch.sources, []);
  const order = patch.shelf ?? desk.sources.map((source) => source.id);
  return order.flatMap((id) => sources.get(id) ?? []);
}

function redrawn(
  before: Scene,
  patch: ScenePatch,
  topics: readonly Topic[],
  also: Desk["also"],
): Scene {
  const placed: Placed[] = [...before.topics];
  for (const run of patch.moved) {
    for (let i = run.from; i < run.from + run.count; i++) {
      const item = placed[i];
      if (item) {
        placed[i] = { ...item, x: tenth(item.x + run.dx), y: tenth(item.y + run.dy) };
      }
    }
  }
  const drawn = replaced(placed, patch.topics, patch.gone);
  return {
    width: patch.width,
    height: patch.height,
    backdrop: patch.backdrop ?? before.backdrop,
    topics: [...topics, ...also].flatMap(({ id }) => drawn.get(id) ?? []),
    links:
      patch.links.length + patch.goneLinks.length > 0
        ? [...replaced(before.links, patch.links, patch.goneLinks).values()]
        : before.links,
    zones: patch.zones ?? before.zones,
  };
}

/** To a tenth of a pixel, as the server sends them. */
export function tenth(pixels: number): number {
  return Math.round(pixels * 10) / 10;
}
