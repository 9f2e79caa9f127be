import type { PointerEvent } from "react";
import type { Placed, Topic } from "../api/types";
import { theme } from "../theme/tokens";
import { useLive } from "../ui/useLive";

const HIT = 10;
const NARROWEST = 60;
const WIDEST = 1200;

type WidthHandleProps = {
  placed: Placed | undefined;
  topic: Topic;
  /** Where a point of the window is in the scene. */
  toScene: (clientX: number, clientY: number) => { x: number; y: number };
  onWidth: (width: number | null) => void;
};

/** A bar at the end of the chosen topic, by which its label gets wider or narrower. */
export function WidthHandle({ placed, topic, toScene, onWidth }: WidthHandleProps) {
  const [sizing, setSizing, now] = useLive<{ from: number; width: number } | null>(null);
  const label = placed?.drawn.texts.find((text) => text.role === "LABEL");
  if (!placed || !label) {
    return null;
  }
  const before = topic.wide ?? Math.max(NARROWEST, Math.round(placed.width - label.x));
  const right = placed.x + placed.width + (sizing ? sizing.width - before : 0);
  const size = (event: PointerEvent) => {
    const last = now();
    if (last) {
      const width = before + toScene(event.clientX, event.clientY).x - last.from;
      setSizing({
        ...last,
        width: Math.round(Math.min(WIDEST, Math.max(NARROWEST, width))),
      });
    }
  };
  const middle = placed.y + placed.height / 2;
  return (
    <g data-width={topic.id}>
      {sizing && (
        <path
          d={`M${right} ${placed.y - 6}V${placed.y + placed.height + 6}`}
          stroke={theme.rubric}
          strokeDasharray="4 3"
          pointerEvents="none"
        />
      )}
      <path
        d={`M${right + 1} ${middle - 6}v12`}
        stroke={theme.rubric}
        strokeWidth="2.5"
        strokeLinecap="round"
        pointerEvents="none"
      />
      <rect
        x={right + 1 - HIT / 2}
        y={placed.y}
        width={HIT}
        height={placed.height}
        fill="none"
        pointerEvents="all"
        style={{ cursor: "ew-resize" }}
        onPointerDown={(event) => {
          if (event.button === 0) {
            event.stopPropagation();
            event.currentTarget.setPointerCapture(event.pointerId);
            setSizing({ from: toScene(event.clientX, event.clientY).x, width: before });
          }
        }}
        onPointerMove={size}
        onPointerUp={() => {
          const last = now();
          if (last && last.width !== before) {
            onWidth(last.width);
          }
          setSizing(null);
        }}
        onPointerCancel={() => setSizing(null)}
        onDoubleClick={(event) => {
          event.stopPropagation();
          onWidth(null);
        }}
      />
    </g>
  );
}
