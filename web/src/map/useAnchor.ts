import { useLayoutEffect, useRef } from "react";
import { glide, movements } from "./glide";
import { inSight } from "./sight";
import type { Tree } from "./tree";
import type { Viewport } from "./useViewport";

/**
 * Holds the page still while the scene changes: the selected topic stays where it was on the screen,
 * or, if it has itself been moved, its parent does. What moves beside it glides. A topic comes into
 * sight when it is selected.
 *
 * @param here the place of the selected topic at which one stands
 */
export function useAnchor(tree: Tree, selected: string, here: string, viewport: Viewport) {
  const before = useRef({ tree, selected, here });

  useLayoutEffect(() => {
    const old = before.current;
    before.current = { tree, selected, here };
    if (old.tree.desk.scene !== tree.desk.scene) {
      const anchor = anchorOf(old.tree, tree, old.selected);
      const was = old.tree.placed(anchor);
      const is = tree.placed(anchor);
      const held = was && is ? { x: was.x - is.x, y: was.y - is.y } : { x: 0, y: 0 };
      const seen = viewport.sight();
      if (seen && !seen.far && old.tree.desk.id === tree.desk.id) {
        const drawn = new Map(old.tree.desk.scene.topics.map((placed) => [placed.id, placed]));
        const near = tree.desk.scene.topics.filter((placed) => inSight(seen, placed));
        glide(movements(drawn, near, held));
      }
      if (was && is) {
        viewport.panBy(viewport.scaled(was.x - is.x), viewport.scaled(was.y - is.y));
      }
    }
    const now = tree.placed(here);
    if (now && old.here !== here) {
      viewport.reveal(now);
    }
  }, [tree, selected, here, viewport]);
}

/** The topic that is to stay where it is on the screen. */
export function anchorOf(before: Tree, now: Tree, selected: string): string | null {
  const was = before.get(selected);
  const is = now.get(selected);
  if (!was || !is) {
    return now.root.id;
  }
  const moved = was.parent !== is.parent || before.index(was) !== now.index(is);
  return moved ? is.parent : selected;
}
