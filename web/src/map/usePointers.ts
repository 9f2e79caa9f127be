import { type PointerEvent, useRef } from "react";
import type { Viewport } from "./useViewport";

const SLACK = 5;
const HOLD_MS = 550;

/** What a drag does: moves what it takes, draws out from a topic, or draws a frame to choose in. */
export type Tool = "move" | "draw" | "choose";

type Drag = { topic: string | null; x: number; y: number; moved: boolean; tool: Tool };

type Handlers = {
  /** A topic or the ground is clicked, to choose it besides the others or alone. */
  onPick: (topic: string | null, besides: boolean) => void;
  /** A finger rests on a topic. */
  onHold: (topic: string, clientX: number, clientY: number) => void;
  onDrag: (topic: string, clientX: number, clientY: number) => void;
  onDrop: (topic: string) => void;
  /** A line is drawn from a topic to a place. */
  onDraw: (topic: string, clientX: number, clientY: number) => void;
  onDrawn: (topic: string) => void;
  /** A frame is drawn from one place to another. */
  onFrame: (fromX: number, fromY: number, clientX: number, clientY: number) => void;
  onFramed: () => void;
  onCancel: () => void;
};

/** What a drag does by the keys that are held, or by the tool that was taken up. */
function toolOf(event: PointerEvent<HTMLElement>, taken: Tool): Tool {
  const besides = event.shiftKey || event.ctrlKey || event.metaKey;
  return event.altKey ? "draw" : besides ? "choose" : taken;
}

/** One pointer drags the page or a topic, two pinch. */
export function usePointers(viewport: Viewport, taken: Tool, handlers: Handlers) {
  const pointers = useRef(new Map<number, { x: number; y: number; on: EventTarget }>());
  const drag = useRef<Drag | null>(null);
  const hold = useRef(0);

  /** A pointer comes, before whatever it is on hears of it; the second one makes both a pinch. */
  const arrive = (event: PointerEvent<HTMLElement>) => {
    if (event.button !== 0) {
      return;
    }
    if (event.isPrimary) {
      pointers.current.clear(); // one whose end went to something else, as a menu, is long gone
    }
    const [first] = pointers.current;
    if (first) {
      event.stopPropagation();
      window.clearTimeout(hold.current);
      const [pointerId, { on }] = first;
      // what the first one began, such as the drag of a handle, ends without effect
      on.dispatchEvent(new globalThis.PointerEvent("pointercancel", { pointerId, bubbles: true }));
      pointers.current.set(...first);
    }
    const { clientX: x, clientY: y, target: on } = event;
    pointers.current.set(event.pointerId, { x, y, on });
  };

  const down = (event: PointerEvent<HTMLElement>, topic: string | null) => {
    if (event.button === 0) {
      const tool = toolOf(event, taken);
      drag.current = { topic, x: event.clientX, y: event.clientY, moved: false, tool };
      const { clientX, clientY } = event;
      if (topic && event.pointerType === "touch") {
        hold.current = window.setTimeout(() => {
          drag.current = null;
          handlers.onHold(topic, clientX, clientY);
        }, HOLD_MS);
      }
    }
  };

  const move = (event: PointerEvent<HTMLElement>) => {
    const before = pointers.current.get(event.pointerId);
    if (!before) {
      return;
    }
    const now = { ...before, x: event.clientX, y: event.clientY };
    pointers.current.set(event.pointerId, now);
    const other = [...pointers.current].find(([id]) => id !== event.pointerId)?.[1];
    if (other) {
      const bounds = event.currentTarget.getBoundingClientRect();
      const was = Math.hypot(before.x - other.x, before.y - other.y);
      const is = Math.hypot(now.x - other.x, now.y - other.y);
      const middle = {
        x: (now.x + other.x) / 2 - bounds.left,
        y: (now.y + other.y) / 2 - bounds.top,
      };
      viewport.zoomBy(is / Math.max(1, was), middle);
      viewport.panBy((now.x - before.x) / 2, (now.y - before.y) / 2);
      return;
    }
    const at = drag.current;
    if (!at) {
      return;
    }
    if (!at.moved && Math.hypot(now.x - at.x, now.y - at.y) > SLACK) {
      at.moved = true;
      window.clearTimeout(hold.current);
      // not before it is a drag: clicks belong to what is under the pointer
      event.currentTarget.setPointerCapture(event.pointerId);
    }
    if (at.moved && at.topic && at.tool === "draw") {
      handlers.onDraw(at.topic, now.x, now.y);
    } else if (at.moved && at.tool === "choose" && !at.topic) {
      handlers.onFrame(at.x, at.y, now.x, now.y);
    } else if (at.moved && at.topic) {
      handlers.onDrag(at.topic, now.x, now.y);
    } else if (at.moved) {
      viewport.panBy(now.x - before.x, now.y - before.y);
    }
  };

  const up = (event: PointerEvent<HTMLElement>) => {
    const at = drag.current;
    window.clearTimeout(hold.current);
    pointers.current.delete(event.pointerId);
    drag.current = null;
    if (!at) {
      return;
    }
    if (!at.moved) {
      handlers.onPick(at.topic, at.tool === "choose");
    } else if (at.topic && at.tool === "draw") {
      handlers.onDrawn(at.topic);
    } else if (at.tool === "choose" && !at.topic) {
      handlers.onFramed();
    } else if (at.topic) {
      handlers.onDrop(at.topic);
    }
  };

  const cancel = (event: PointerEvent<HTMLElement>) => {
    window.clearTimeout(hold.current);
    pointers.current.delete(event.pointerId);
    drag.current = null;
    handlers.onCancel();
  };

  return { arrive, down, move, up, cancel };
}
