import { useEffect, useLayoutEffect, useRef } from "react";
import type { Topic } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import type { Tree } from "./tree";
import type { Viewport } from "./useViewport";

/**
 * Fits the page to the window when another branch is shown as if it were the whole or the map is laid
 * out in another way, and goes back to the whole when a topic outside of the branch is chosen.
 */
export function useFocus(tree: Tree, topic: Topic, actions: DeskActions, viewport: Viewport) {
  const { focus } = tree.desk.facts;
  const { id, facts, scene } = tree.desk;
  const { layout, fanFrom, fanSpread, spacing, labels } = facts.arrangement;
  const laid = JSON.stringify([id, focus, layout, fanFrom, fanSpread, spacing, labels]);
  const shown = useRef({ id, laid, drawn: scene, due: false });
  const { focus: look } = actions;
  useLayoutEffect(() => {
    const before = shown.current;
    const other = before.laid !== laid && before.id === id;
    // what is chosen shows before the server has laid it out
    const drawn = before.due && before.drawn !== scene;
    if (other || drawn) {
      viewport.show(scene);
    }
    shown.current = { id, laid, drawn: scene, due: other || (before.due && !drawn) };
  }, [id, laid, scene, viewport]);
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
