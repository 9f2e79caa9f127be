import { useLayoutEffect, useRef } from "react";
import type { Scene } from "../api/types";
import type { Viewport } from "./useViewport";

/**
 * Holds the page still while the scene changes: the selected topic stays where it was on the screen,
 * and comes into sight when it is selected.
 */
export function useAnchor(scene: Scene, selected: string, viewport: Viewport) {
  const before = useRef({ scene, selected });

  useLayoutEffect(() => {
    const old = before.current;
    before.current = { scene, selected };
    const now = scene.topics.find((placed) => placed.id === selected);
    if (old.scene !== scene) {
      const anchor = old.selected;
      const was = old.scene.topics.find((placed) => placed.id === anchor);
      const is = scene.topics.find((placed) => placed.id === anchor);
      if (was && is) {
        viewport.panBy(
          viewport.scaled(was.box.x - is.box.x),
          viewport.scaled(was.box.y - is.box.y),
        );
      }
    }
    if (now && old.selected !== selected) {
      viewport.reveal(now.box);
    }
  }, [scene, selected, viewport]);
}
