import type { Placed } from "../api/types";

/** So many topics glide at most; with more in sight it is quicker to have them there at once. */
const MOST = 400;

const MS = 220;

/** Less than this is not seen as a movement. */
const LEAST = 0.5;

type Point = { x: number; y: number };

/** How a topic moved on the page, from where it was to where it is. */
export type Moved = { id: string; dx: number; dy: number };

/**
 * What has moved on the page between two scenes, but for what is drawn at the same place.
 *
 * @param held how far what stays on the screen moved itself within the scene
 */
export function movements(
  before: ReadonlyMap<string, Placed>,
  now: readonly Placed[],
  held: Point,
): Moved[] {
  const moved: Moved[] = [];
  for (const placed of now) {
    const old = before.get(placed.id);
    const dx = old ? old.x - placed.x - held.x : 0;
    const dy = old ? old.y - placed.y - held.y : 0;
    if (Math.abs(dx) > LEAST || Math.abs(dy) > LEAST) {
      moved.push({ id: placed.id, dx, dy });
    }
  }
  return moved;
}

const gliding = new Map<string, Animation>();

/** Has topics glide from where they were on the page, unless a person wishes for less motion. */
export function glide(moved: readonly Moved[]): void {
  const still = window.matchMedia("(prefers-reduced-motion: reduce)").matches;
  if (still || moved.length === 0 || moved.length > MOST) {
    return;
  }
  for (const { id, dx, dy } of moved) {
    const element = document.getElementById(`topic-${id}`);
    if (!element?.animate) {
      continue;
    }
    const under = gliding.get(id) ? offset(element) : { x: 0, y: 0 };
    gliding.get(id)?.cancel();
    const from = `translate(${dx + under.x}px, ${dy + under.y}px)`;
    const animation = element.animate([{ transform: from }, { transform: "none" }], {
      duration: MS,
      easing: "cubic-bezier(0.2, 0, 0.2, 1)",
    });
    gliding.set(id, animation);
    animation.onfinish = () => gliding.get(id) === animation && gliding.delete(id);
    animation.oncancel = animation.onfinish;
  }
}

/** How far a topic still is from where it glides to. */
function offset(element: Element): Point {
  const matrix = new DOMMatrixReadOnly(getComputedStyle(element).transform);
  return { x: matrix.m41, y: matrix.m42 };
}
