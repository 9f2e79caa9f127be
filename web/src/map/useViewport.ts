import { type RefObject, useEffect, useMemo, useRef } from "react";
import type { Scene } from "../api/types";
import { type Sight, sightOf, type View } from "./sight";

const SMALLEST = 0.1;
const LARGEST = 4;
const STILL_MS = 160;

/** Smallest zoom at which labels read well. */
export const LEGIBLE = 0.72;

/** A little smaller is better than a little cut off. */
const NEARLY = 0.9;

/** As close as a box is attended to, and what is left around it, in pixels. */
const CLOSE = 1.05;
const MARGIN = 24;

export type Viewport = ReturnType<typeof useViewport>;

/**
 * Pans and zooms the stage within its frame; a zoom of 1 shows a scene pixel as a CSS pixel. The
 * transforms are set on the elements themselves, so that moving about costs no rendering: the stage is
 * a picture that is moved and stretched, and when a zoom has come to rest it is drawn anew, its content
 * at the zoom and the stage unstretched.
 */
export function useViewport(
  frame: RefObject<HTMLElement | null>,
  stage: RefObject<HTMLElement | null>,
) {
  const view = useRef<View>({ x: 0, y: 0, k: 1 });
  const sight = useRef<Sight | null>(null);
  const still = useRef(0);
  const fitted = useRef<Scene | null>(null);

  const moves = useMemo(() => {
    const listeners = new Set<() => void>();
    let drawn = 1; // the zoom at which the content is drawn
    const stretch = () => {
      const { x, y, k } = view.current;
      if (stage.current) {
        stage.current.style.transform = `translate(${x}px, ${y}px) scale(${k / drawn})`;
      }
    };
    const rest = () => {
      window.clearTimeout(still.current);
      drawn = view.current.k;
      const content = stage.current?.firstElementChild;
      if (content instanceof HTMLElement) {
        content.style.transform = `scale(${drawn})`;
      }
      stretch();
    };
    const apply = (zoomed: boolean) => {
      stretch();
      if (zoomed) {
        window.clearTimeout(still.current);
        still.current = window.setTimeout(rest, STILL_MS);
      }
    };
    const look = () => {
      const window = size();
      if (window.width > 0) {
        sight.current = sightOf(sight.current, view.current, window);
      }
      for (const listener of listeners) {
        listener();
      }
    };
    const to = (x: number, y: number, k: number) => {
      const bounded = Math.min(LARGEST, Math.max(SMALLEST, k));
      const zoomed = bounded !== view.current.k;
      if (zoomed || x !== view.current.x || y !== view.current.y) {
        view.current = { x, y, k: bounded };
        fitted.current = null;
        apply(zoomed);
        look();
      }
    };
    // kept, as asking for it while the page changes has the browser lay it out at once
    let known: { width: number; height: number } | null = null;
    const size = () => {
      if (!known && frame.current) {
        known = { width: frame.current.clientWidth, height: frame.current.clientHeight };
      }
      return known ?? { width: 0, height: 0 };
    };
    let cover: { width: number; height: number } | null = null;
    const moves = {
      room: size,
      /** Tells of every change of the view. */
      subscribe: (listener: () => void) => {
        listeners.add(listener);
        return () => {
          listeners.delete(listener);
        };
      },
      zoom: () => view.current.k,
      view: () => view.current,
      /** Shows a scene pixel as a pixel of the page, about the middle of the window. */
      natural: () => {
        const { x, y, k } = view.current;
        const { width, height } = size();
        const from = { x: width / 2, y: height / 2 };
        to(Math.round(from.x - (from.x - x) / k), Math.round(from.y - (from.y - y) / k), 1);
      },
      /** Has a point of the scene in the middle of the window. */
      centre: (sceneX: number, sceneY: number) => {
        const { k } = view.current;
        const { width, height } = size();
        to(width / 2 - sceneX * k, height / 2 - sceneY * k, k);
      },
      /** Has a box of the scene in the middle, as large as it can be read well, its left edge in any case. */
      attend: (box: { x: number; y: number; width: number; height: number }) => {
        const { width, height } = size();
        const fits = Math.min((width - 2 * MARGIN) / box.width, (height - 2 * MARGIN) / box.height);
        const k = Math.min(CLOSE, Math.max(LEGIBLE, fits));
        to(
          Math.max(MARGIN, (width - box.width * k) / 2) - box.x * k,
          Math.max(MARGIN, (height - box.height * k) / 2) - box.y * k,
          k,
        );
      },
      /** What of the scene is to be drawn in full, null before the window is known. */
      sight: () => sight.current,
      panBy: (dx: number, dy: number) =>
        to(view.current.x + dx, view.current.y + dy, view.current.k),
      /** Zooms by a factor about a point of the frame; its middle if none is given. */
      zoomBy: (factor: number, at?: { x: number; y: number }) => {
        const { x, y, k } = view.current;
        const { width, height } = size();
        const point = at ?? { x: width / 2, y: height / 2 };
        const next = Math.min(LARGEST, Math.max(SMALLEST, k * factor));
        const scale = next / k;
        to(point.x - (point.x - x) * scale, point.y - (point.y - y) * scale, next);
      },
      /** Has all of a scene in the window. */
      fit: (scene: Scene) => {
        const { width, height } = size();
        const k = Math.min(1.15, width / scene.width, height / scene.height);
        to(
          Math.max(0, (width - scene.width * k) / 2),
          Math.max(0, (height - scene.height * k) / 2),
          k,
        );
        rest();
        fitted.current = scene;
      },
      /** The same as far as labels can be read then, else what is around its root. */
      show: (scene: Scene) => {
        const { width, height } = size();
        const root = scene.topics[0];
        const whole = Math.min(width / scene.width, height / scene.height);
        if (!root || whole >= LEGIBLE * NEARLY) {
          moves.fit(scene);
          return;
        }
        const along = (room: number, all: number, at: number) =>
          all * LEGIBLE <= room
            ? (room - all * LEGIBLE) / 2
            : Math.min(0, Math.max(room - all * LEGIBLE, room / 2 - at * LEGIBLE));
        to(
          along(width, scene.width, root.x + root.width / 2),
          along(height, scene.height, root.y + root.height / 2),
          LEGIBLE,
        );
        rest();
      },
      /** A corner at the lower left that something lies over, or nothing. */
      covered: (corner: { width: number; height: number } | null) => {
        cover = corner;
      },
      /** Fits the page to the window again if it has not been moved since it was fitted. */
      resized: () => {
        known = null;
        if (fitted.current) {
          moves.fit(fitted.current);
        }
        look();
      },
      /** The point of the scene under a point of the window. */
      scenePoint: (clientX: number, clientY: number) => {
        const bounds = frame.current?.getBoundingClientRect();
        const { x, y, k } = view.current;
        return {
          x: (clientX - (bounds?.left ?? 0) - x) / k,
          y: (clientY - (bounds?.top ?? 0) - y) / k,
        };
      },
      /** Pans as little as it takes to have a box of the scene in sight. */
      reveal: (box: { x: number; y: number; width: number; height: number }) => {
        const { x, y, k } = view.current;
        const { width, height } = size();
        const margin = 24;
        const left = x + box.x * k;
        const top = y + box.y * k;
        const dx = Math.max(margin - left, Math.min(0, width - margin - (left + box.width * k)));
        const dy = Math.max(margin - top, Math.min(0, height - margin - (top + box.height * k)));
        const across = left < margin ? margin - left : Math.min(0, dx);
        // out from under what lies over the corner
        const bottom = top + dy + box.height * k;
        const under =
          cover && left + across < cover.width && bottom > height - cover.height
            ? height - cover.height - bottom
            : 0;
        if (across !== 0 || dy + under !== 0) {
          to(x + across, y + dy + under, k);
        }
      },
      scaled: (length: number) => length * view.current.k,
      /** Has the window itself in sight, on a page that scrolls. */
      toSight: () => frame.current?.scrollIntoView({ block: "nearest" }),
    };
    return moves;
  }, [frame, stage]);

  useEffect(() => {
    const element = frame.current;
    if (!element) {
      return;
    }
    const wheel = (event: WheelEvent) => {
      event.preventDefault();
      const bounds = element.getBoundingClientRect();
      const at = { x: event.clientX - bounds.left, y: event.clientY - bounds.top };
      const unit = event.deltaMode === 1 ? 16 : 1;
      if (event.ctrlKey || event.metaKey) {
        moves.zoomBy(Math.exp((-event.deltaY * unit) / 240), at);
      } else if (event.shiftKey) {
        moves.panBy(-event.deltaY * unit, 0);
      } else {
        moves.panBy(-event.deltaX * unit, -event.deltaY * unit);
      }
    };
    element.addEventListener("wheel", wheel, { passive: false });
    const watch = new ResizeObserver(moves.resized);
    watch.observe(element);
    return () => {
      element.removeEventListener("wheel", wheel);
      watch.disconnect();
    };
  }, [frame, moves]);

  return moves;
}
