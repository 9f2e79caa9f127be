import { memo } from "react";
import type { Box, Placed } from "../api/types";
import { theme } from "../theme/tokens";
import { HALO } from "./Drawing";
import type { Tree } from "./tree";

/** In pixels of the screen, whatever the zoom. */
const SIZE = 15;

/** Mean width of a letter, as a share of the size of its type. */
const LETTER = 0.55;

const LEAST_LETTERS = 18;
const MOST_LETTERS = 28;

/** What stands for a branch whose labels are too small to be read. */
type Count = { id: string; x: number; y: number; label: string; count: number };

/** The main branches of what is shown, each in the middle of where it lies, with its topics. */
export function countsOf(tree: Tree, step: number): Count[] {
  const first = tree.get(tree.desk.facts.focus) ?? tree.root;
  const around = new Map<string, Box>();
  for (const placed of tree.desk.scene.topics) {
    const main = mainOf(tree, placed, first.id);
    if (main) {
      const before = around.get(main);
      around.set(main, before ? joined(before, placed) : placed);
    }
  }
  const counts = new Map<string, number>();
  for (const topic of tree.desk.topics) {
    const above = tree.path(topic);
    const main = above[above.findIndex((each) => each.id === first.id) + 1];
    if (main && tree.within(topic, first)) {
      counts.set(main.id, (counts.get(main.id) ?? 0) + 1);
    }
  }
  return [...around].flatMap(([id, box]) => {
    const topic = tree.get(id);
    if (!topic) {
      return [];
    }
    const fits = Math.floor((box.width * step) / (SIZE * LETTER));
    const most = Math.min(MOST_LETTERS, Math.max(LEAST_LETTERS, fits));
    const label =
      topic.label.length > most ? `${topic.label.slice(0, most - 1).trimEnd()}…` : topic.label;
    const x = box.x + box.width / 2;
    const y = box.y + box.height / 2;
    return [{ id, x, y, label, count: counts.get(id) ?? 1 }];
  });
}

function mainOf(tree: Tree, placed: Placed, first: string): string | null {
  let at = tree.get(placed.again === null ? placed.id : null);
  while (at?.parent && at.parent !== first) {
    at = tree.get(at.parent);
  }
  return at?.parent === first ? at.id : null;
}

function joined(one: Box, other: Box): Box {
  const x = Math.min(one.x, other.x);
  const y = Math.min(one.y, other.y);
  return {
    x,
    y,
    width: Math.max(one.x + one.width, other.x + other.width) - x,
    height: Math.max(one.y + one.height, other.y + other.height) - y,
  };
}

type FarCountsProps = { tree: Tree; step: number };

/** From far, how many topics each main branch has, in letters that can be read. */
export const FarCounts = memo(function FarCounts({ tree, step }: FarCountsProps) {
  const size = SIZE / step;
  return (
    // biome-ignore lint/a11y/noAriaHiddenOnFocusable: a group of a drawing takes no focus
    <g pointerEvents="none" aria-hidden="true" data-counts="">
      {countsOf(tree, step).map(({ id, x, y, label, count }) => (
        <text
          key={id}
          x={x}
          y={y}
          textAnchor="middle"
          fontFamily={theme.control}
          fontSize={size}
          {...HALO}
          style={{ ...HALO.style, strokeWidth: size / 3, fill: "var(--ink)" }}
        >
          {label} <tspan fontWeight="700">{count}</tspan>
        </text>
      ))}
    </g>
  );
});
