import { type PointerEvent, useLayoutEffect, useRef, useState } from "react";
import type { Across, Bend, Placed } from "../api/types";
import { theme } from "../theme/tokens";
import { useLive } from "../ui/useLive";
import type { Point } from "./drop";
import { topicAt } from "./drop";
import { shownAt } from "./Links";
import type { Tree } from "./tree";

const SIDE = 7;
const HIT = 24;
/** How far, in pixels of the screen, a press may wander before it drags. */
const SLACK = 5;
const BEGIN = 0.01;

type Part = "from" | "middle" | "to";

/** Where a line begins, where its middle is and where it ends, in the scene. */
type Line = Record<Part, Point>;

const NAMES = {
  from: "Lead it from another topic",
  middle: "Bend it; a double press lets it run by itself",
  to: "Lead it to another topic",
} as const;

type LinkHandlesProps = {
  tree: Tree;
  /** The chosen topic, whose links are shown. */
  topic: string;
  toScene: (clientX: number, clientY: number) => Point;
  onBend: (link: string, bend: Bend | null) => void;
  onEnd: (link: string, from: string, to: string) => void;
  /** A handle is pressed and not dragged. */
  onPick: (link: string) => void;
};

/** On each link of the chosen topic what bends it, and what leads its ends elsewhere. */
export function LinkHandles({ tree, topic, ...props }: LinkHandlesProps) {
  return tree.desk.scene.links
    .filter((link) => link.from === topic || link.to === topic)
    .map((link) => <Handles key={link.id} tree={tree} link={link} {...props} />);
}

type HandlesProps = Omit<LinkHandlesProps, "topic"> & { link: Across };

function Handles({ tree, link, toScene, onBend, onEnd, onPick }: HandlesProps) {
  const [line, setLine] = useState<Line | null>(null);
  const [dragged, setDragged, now] = useLive<{ part: Part; at: Point } | null>(null);
  const pressed = useRef<{ part: Part; at: Point } | null>(null);
  const from = shownAt(tree, link.from);
  const to = shownAt(tree, link.to);
  const bend = tree.desk.links.find(({ id }) => id === link.id)?.bend ?? null;
  // biome-ignore lint/correctness/useExhaustiveDependencies: measured when the scene is drawn anew
  useLayoutEffect(() => {
    const path = document.querySelector<SVGPathElement>(`[data-link="${link.id}"] path`);
    const length = path?.getTotalLength() ?? 0;
    setLine(
      path && length > 0
        ? {
            from: path.getPointAtLength(BEGIN), // before it a path may stand elsewhere
            middle: bend && from && to ? passes(from, to, bend) : path.getPointAtLength(length / 2),
            to: path.getPointAtLength(length),
          }
        : null,
    );
  }, [tree.desk.scene, link]);
  if (!line || !from || !to) {
    return null;
  }
  const end = () => {
    pressed.current = null;
    const last = now();
    if (!last) {
      onPick(link.id);
    } else if (last.part === "middle") {
      onBend(link.id, bendOf(from, to, last.at));
    } else {
      const over = topicAt(tree.desk.scene, last.at.x, last.at.y);
      const other = over ? (over.again ?? over.id) : null;
      const ends = { from: link.from, to: link.to, [last.part]: other };
      if (other && ends.from !== ends.to) {
        onEnd(link.id, ends.from, ends.to);
      }
    }
    setDragged(null);
  };
  return (
    <g data-handles={link.id}>
      {dragged && <path d={sketch(line, dragged)} {...SKETCH} />}
      {(Object.keys(NAMES) as Part[]).map((part) => {
        const at = dragged?.part === part ? dragged.at : line[part];
        return (
          <g key={part} className="handle" data-part={part}>
            <title>{NAMES[part]}</title>
            <rect
              x={at.x - SIDE / 2}
              y={at.y - SIDE / 2}
              width={SIDE}
              height={SIDE}
              rx={part === "middle" ? SIDE / 2 : 0}
              fill={theme.page}
              stroke={link.ink}
            />
            <rect
              className="grip"
              x={at.x - HIT / 2}
              y={at.y - HIT / 2}
              width={HIT}
              height={HIT}
              fill="none"
              pointerEvents="all"
              onPointerDown={(event: PointerEvent) => {
                if (event.button === 0) {
                  event.stopPropagation();
                  event.currentTarget.setPointerCapture(event.pointerId);
                  pressed.current = { part, at: { x: event.clientX, y: event.clientY } };
                }
              }}
              onPointerMove={({ clientX, clientY }) => {
                const down = pressed.current?.part === part ? pressed.current.at : null;
                const far = down && Math.hypot(clientX - down.x, clientY - down.y) > SLACK;
                if (far || now()?.part === part) {
                  setDragged({ part, at: toScene(clientX, clientY) });
                }
              }}
              onPointerUp={() => pressed.current && end()}
              onPointerCancel={() => {
                pressed.current = null;
                setDragged(null);
              }}
              onDoubleClick={(event) => {
                event.stopPropagation();
                if (part === "middle") {
                  onBend(link.id, null);
                }
              }}
            />
          </g>
        );
      })}
    </g>
  );
}

const SKETCH = {
  fill: "none",
  stroke: theme.rubric,
  strokeWidth: 1.2,
  strokeDasharray: "3 3",
  pointerEvents: "none",
} as const;

/** The middle between two topics. */
function between(from: Placed, to: Placed): Point {
  const middle = (side: "x" | "y", size: "width" | "height") =>
    (from[side] + from[size] / 2 + to[side] + to[size] / 2) / 2;
  return { x: middle("x", "width"), y: middle("y", "height") };
}

/** Where a line passes that is bent so far. */
function passes(from: Placed, to: Placed, bend: Bend): Point {
  const { x, y } = between(from, to);
  return { x: x + bend.x, y: y + bend.y };
}

/** How far a line is bent that passes through a point. */
export function bendOf(from: Placed, to: Placed, at: Point): Bend {
  const { x, y } = between(from, to);
  return { x: Math.round(at.x - x), y: Math.round(at.y - y) };
}

/** The line as it will be if what is dragged is let go. */
function sketch(line: Line, { part, at }: { part: Part; at: Point }): string {
  const { from, to }: Line = { ...line, [part]: at };
  if (part !== "middle") {
    return `M${from.x} ${from.y}L${to.x} ${to.y}`;
  }
  const turn = { x: 2 * at.x - (from.x + to.x) / 2, y: 2 * at.y - (from.y + to.y) / 2 };
  return `M${from.x} ${from.y}Q${turn.x} ${turn.y} ${to.x} ${to.y}`;
}
