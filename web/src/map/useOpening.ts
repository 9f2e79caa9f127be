import { useEffect, useLayoutEffect, useRef } from "react";
import type { Desk, Placed } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import { LEGIBLE, type Viewport } from "./useViewport";

/**
 * Opens a map: asks for as many open branches as the window has room for if the person has not
 * chosen yet, and fits the page to the window once, with the chosen topic in sight.
 *
 * @param chosen where the chosen topic is, if it is shown
 */
export function useOpening(
  desk: Desk,
  actions: DeskActions,
  viewport: Viewport,
  chosen: Placed | undefined,
) {
  const fitted = useRef("");
  const asked = useRef("");
  const { fold } = actions;
  const version = `${desk.id} ${desk.facts.folded ? "" : desk.facts.revision}`;

  useEffect(() => {
    if (!desk.facts.folded && desk.topics.length > 1 && asked.current !== version) {
      asked.current = version;
      fitted.current = "";
      const { width, height } = viewport.room();
      fold({ width: width / LEGIBLE, height: height / LEGIBLE });
    }
  }, [desk, version, fold, viewport]);

  useLayoutEffect(() => {
    if ((desk.facts.folded || desk.topics.length === 1) && fitted.current !== desk.id) {
      fitted.current = desk.id;
      viewport.show(desk.scene);
      if (chosen) {
        viewport.reveal(chosen);
      }
    }
  }, [desk, viewport, chosen]);
}
