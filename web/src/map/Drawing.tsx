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

/** Draws items of a scene as they are painted there. */
export const Drawing = memo(function Drawing({ drawn }: { drawn: Drawn }) {
  return (
    <>
      {drawn.lines.map((line) => (
        <path
          key={line.path}
          d={line.path}
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
          x={text.x}
          y={text.y}
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
          x={bar.x}
          y={bar.y}
          width={bar.width}
          height={bar.height}
          fill={bar.fill}
        />
      ))}
    </>
  );
});
