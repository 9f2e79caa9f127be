import { memo } from "react";
import type { Scene } from "../api/types";

/** How wide a line is for a pointer or a finger, in scene pixels. */
const WIDE = 16;

/** Letters are about this wide, of their height. */
const LETTER = 0.52;

/** What a pointer meets of cross-links: their lines and words, wider than they are drawn, under the topics. */
export const LinkHits = memo(function LinkHits({ links }: { links: Scene["links"] }) {
  return links.map(({ id, drawn }) => (
    <g key={id} data-link-hit={id} style={{ cursor: "pointer" }}>
      {drawn.lines.map((line) => (
        <path
          key={line.path}
          d={`M0 0${line.path}`}
          fill="none"
          stroke="transparent"
          strokeWidth={WIDE}
          pointerEvents="stroke"
        />
      ))}
      {drawn.texts.map((text) => (
        <rect
          key={`${text.x} ${text.y}`}
          x={text.x - 4}
          y={text.y - text.size - 4}
          width={text.text.length * text.size * LETTER + 8}
          height={text.size * 1.3 + 8}
          fill="transparent"
          pointerEvents="all"
        />
      ))}
    </g>
  ));
});
