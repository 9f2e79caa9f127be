import { memo } from "react";
import type { Drawn } from "../api/types";
import { theme } from "../theme/tokens";

export const FACES = {
  READING: { fontFamily: theme.reading, fontWeight: 400 },
  READING_ITALIC: { fontFamily: theme.reading, fontWeight: 400, fontStyle: "italic" },
  READING_MEDIUM: { fontFamily: theme.reading, fontWeight: 500 },
  READING_SEMIBOLD: { fontFamily: theme.reading, fontWeight: 600 },
  CONTROL: { fontFamily: theme.control, fontWeight: 400 },
  CONTROL_MEDIUM: { fontFamily: theme.control, fontWeight: 500 },
  CONTROL_BOLD: { fontFamily: theme.control, fontWeight: 700 },
} as const;

type DrawingProps = { drawn: Drawn; x: number; y: number };

/**
 * Draws items of a scene as they are painted there, from a corner. The corner goes into the items,
 * as a browser keeps a layer apart for each transform and is slow with thousands.
 */
export const Drawing = memo(function Drawing({ drawn, x, y }: DrawingProps) {
  return (
    <>
      {drawn.lines.map((line) => (
        <path
          key={line.path}
          d={`M${x} ${y}${line.path}`}
          fill="none"
          stroke={line.stroke}
          strokeWidth={line.width}
          strokeDasharray={line.dash || undefined}
          strokeLinecap={line.dash ? "butt" : "round"}
          strokeLinejoin="round"
        />
      ))}
      {drawn.texts.map((text) => (
        <text
          key={`${text.role}${text.x} ${text.y}`}
          x={x + text.x}
          y={y + text.y}
          fill={text.fill}
          fontSize={text.size}
          {...FACES[text.face]}
        >
          {text.text}
        </text>
      ))}
      {drawn.bars.map((bar) => (
        <rect
          key={bar.x}
          x={x + bar.x}
          y={y + bar.y}
          width={bar.width}
          height={bar.height}
          fill={bar.fill}
        />
      ))}
    </>
  );
});
