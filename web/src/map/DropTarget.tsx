import { theme } from "../theme/tokens";
import type { Drop } from "./drop";

/** Shows where a dragged topic would go. */
export function DropTarget({ drop }: { drop: Drop }) {
  const box = drop.over;
  if (drop.where === "under") {
    const edge = box.leftward ? box.x : box.x + box.width;
    const out = box.leftward ? -1 : 1;
    const middle = box.y + box.height / 2;
    return (
      <g pointerEvents="none" data-drop="under">
        <rect
          x={box.x}
          y={box.y}
          width={box.width}
          height={box.height}
          rx="4"
          fill="none"
          stroke={theme.rubric}
          strokeWidth="1.5"
          strokeDasharray="4 3"
        />
        <path
          d={`M${edge + out * 4} ${middle}h${out * 22}`}
          stroke={theme.rubric}
          strokeWidth="3"
        />
      </g>
    );
  }
  const y = drop.where === "before" ? box.y : box.y + box.height;
  return (
    <path
      data-drop={drop.where}
      pointerEvents="none"
      d={`M${box.x - 6} ${y}h${Math.max(140, box.width + 12)}`}
      stroke={theme.rubric}
      strokeWidth="3"
    />
  );
}
