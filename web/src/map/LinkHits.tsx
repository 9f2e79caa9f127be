import { memo } from "react";
import { bowOf, shownAt } from "./Links";
import type { Tree } from "./tree";

/** How wide a line is for a pointer or a finger, in scene pixels: over topics, and beside them. */
const NARROW = 7;
const WIDE = 18;

/** Letters are about this wide, of their height. */
const LETTER = 0.52;

type Words = { x: number; y: number; size: number; text: string };

type LinkHitsProps = {
  tree: Tree;
  /** The topics whose links show their lines. */
  chosen: ReadonlySet<string>;
  /** Whether it lies over the topics, where only the line itself is meant, or under them. */
  over: boolean;
};

/** What a pointer meets of cross-links: their lines and words, wider than they are drawn. */
export const LinkHits = memo(function LinkHits({ tree, chosen, over }: LinkHitsProps) {
  return tree.desk.scene.links.map((link) => {
    const paths = link.drawn.lines.map((line) => `M0 0${line.path}`);
    const words: Words[] = [...link.drawn.texts];
    const from = shownAt(tree, link.from);
    const to = shownAt(tree, link.to);
    if (link.tie && (chosen.has(link.from) || chosen.has(link.to)) && from && to) {
      const bow = bowOf(from, to);
      paths.push(bow.path);
      words.push({ ...bow.words, text: link.said });
    }
    return (
      <g key={link.id} data-link-hit={link.id} style={{ cursor: "pointer" }}>
        {paths.map((path) => (
          <path
            key={path}
            d={path}
            fill="none"
            stroke="transparent"
            strokeWidth={over ? NARROW : WIDE}
            pointerEvents="stroke"
          />
        ))}
        {(over ? [] : words).map(({ x, y, size, text }) => (
          <rect
            key={`${x} ${y}`}
            x={x - 4}
            y={y - size - 4}
            width={text.length * size * LETTER + 8}
            height={size * 1.3 + 8}
            fill="transparent"
            pointerEvents="all"
          />
        ))}
      </g>
    );
  });
});
