import { theme } from "../theme/tokens";
import type { Point } from "./drop";

type SketchProps = { from: Point; to: Point; frame: boolean };

/** What a pointer draws: a line from a topic, or a frame in which topics are chosen. */
export function Sketch({ from, to, frame }: SketchProps) {
  const shared = { fill: "none", stroke: theme.rubric, strokeWidth: 1.4, strokeDasharray: "5 3" };
  return frame ? (
    <rect
      data-sketch="frame"
      x={Math.min(from.x, to.x)}
      y={Math.min(from.y, to.y)}
      width={Math.abs(to.x - from.x)}
      height={Math.abs(to.y - from.y)}
      {...shared}
    />
  ) : (
    <path
      data-sketch="line"
      d={`M${from.x} ${from.y}L${to.x} ${to.y}`}
      pointerEvents="none"
      {...shared}
    />
  );
}
