import { useEffect, useLayoutEffect, useRef } from "react";
import type { Topic } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import type { Tree } from "./tree";
import type { Viewport } from "./useViewport";

/**
 * Fits the page to the window when another branch is shown as if it were the whole, and goes back to
 * the whole when a topic outside of it is chosen.
 */
export function useFocus(tree: Tree, topic: Topic, actions: DeskActions, viewport: Viewport) {
  const { focus } = tree.desk.facts;
  const shown = useRef(focus);
  const { focus: look } = actions;
  useLayoutEffect(() => {
    if (shown.current !== focus) {
      shown.current = focus;
      viewport.fit(tree.desk.scene);
    }
  }, [focus, tree, viewport]);
  const branch = tree.get(focus);
  const out = branch !== undefined && !tree.within(topic, branch);
  const chosen = useRef(topic.id);
  useEffect(() => {
    if (out && chosen.current !== topic.id) {
      look(null);
    }
    chosen.current = topic.id;
  }, [out, topic.id, look]);
}
