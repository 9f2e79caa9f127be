import { theme } from "../theme/tokens";
import type { Drop } from "./drop";

const OUT = 6;
const LENGTH = 140;

/** Shows where a dragged topic would go: a bar at the edge of the topic that it is held over. */
export function DropTarget({ drop }: { drop: Drop }) {
  const { over, zone } = drop;
  const { x, y, width, height } = over;
  const under = zone.where === "UNDER";
  const long = Math.max(LENGTH, width + 2 * OUT);
  const middle = y + height / 2;
  const bars = {
    TOP: `M${x - OUT} ${y}h${long}`,
    BOTTOM: `M${x - OUT} ${y + height}h${long}`,
    LEFT: `M${x - 4} ${middle}h-22`,
    RIGHT: `M${x + width + 4} ${middle}h22`,
  };
  return (
    <g pointerEvents="none" data-drop={zone.where}>
      {under && (
        <rect
          x={x}
          y={y}
          width={width}
          height={height}
          rx="4"
          fill="none"
          stroke={theme.rubric}
          strokeWidth="1.5"
          strokeDasharray="4 3"
        />
      )}
      <path d={bars[zone.edge]} stroke={theme.rubric} strokeWidth="3" />
    </g>
  );
}
