import { memo } from "react";
import { tenth } from "../api/accept";
import type { Placed } from "../api/types";

/** Height of small letters, as a share of the size of their type. */
const LETTERS = 0.45;

/** Mean width of a letter, as a share of the size of its type. */
const LETTER = 0.47;

/** How much of the ground words cover. */
const INK = 0.4;

type Shape = { path: string; color: string; width: number | null; opacity: number };

/** Topics as one sees them from far: each line of words is a stroke; one shape for each paint. */
export function farShapes(topics: readonly Placed[]): Shape[] {
  const shapes = new Map<string, Shape>();
  const add = (path: string, color: string, width: number | null, opacity: number) => {
    const key = `${color} ${width} ${opacity}`;
    const shape = shapes.get(key) ?? { path: "", color, width, opacity };
    shape.path += path;
    shapes.set(key, shape);
  };
  for (const { x, y, width, drawn } of topics) {
    for (const area of drawn.areas) {
      add(`M${x} ${y}${area.path}`, area.fill, null, 1);
    }
    for (const line of drawn.lines) {
      add(`M${x} ${y}${line.path}`, line.stroke, line.width, 1);
    }
    for (const text of drawn.texts) {
      const long = Math.min(text.text.length * text.size * LETTER, width - text.x);
      const high = text.size * LETTERS;
      add(rectangle(x + text.x, y + text.y - high, long, high), text.fill, null, INK);
    }
    for (const bar of drawn.bars) {
      add(rectangle(x + bar.x, y + bar.y, bar.width, bar.height), bar.fill, null, 1);
    }
  }
  return [...shapes.values()];
}

function rectangle(x: number, y: number, width: number, height: number): string {
  return `M${tenth(x)} ${tenth(y)}h${tenth(width)}v${tenth(height)}h${tenth(-width)}z`;
}

type FarProps = { topics: readonly Placed[] };

/** Draws topics that are too small to be read; only the branches that differ are drawn anew. */
export const FarTopics = memo(function FarTopics({ topics }: FarProps) {
  const branches = new Map<number, Placed[]>();
  for (const topic of topics) {
    const branch = branches.get(topic.branch);
    branch ? branch.push(topic) : branches.set(topic.branch, [topic]);
  }
  return (
    <g pointerEvents="none">
      {[...branches].map(([branch, within]) => (
        <FarBranch key={branch} topics={within} />
      ))}
    </g>
  );
});

const FarBranch = memo(
  function FarBranch({ topics }: FarProps) {
    return farShapes(topics).map(({ path, color, width, opacity }) =>
      width === null ? (
        <path
          key={`${color}${opacity}`}
          className="far"
          d={path}
          fill={color}
          fillOpacity={opacity}
        />
      ) : (
        <path
          key={`${color}${width}`}
          d={path}
          fill="none"
          stroke={color}
          strokeWidth={width}
          strokeLinecap="round"
          strokeLinejoin="round"
        />
      ),
    );
  },
  ({ topics: before }, { topics: now }) =>
    before.length === now.length && before.every((topic, i) => topic === now[i]),
);
