import { memo } from "react";
import type { Across, Placed } from "../api/types";
import { Drawing, FACES, HALO } from "./Drawing";
import type { Tree } from "./tree";

const ARROW = 4;

type LinksProps = {
  tree: Tree;
  /** The topics that are chosen, whose links show their lines. */
  chosen: ReadonlySet<string>;
  /** The link that is selected. */
  selected: string | null;
};

/** Cross-links as the scene has them, and the lines of those whose ends are chosen. */
export const Links = memo(function Links({ tree, chosen, selected }: LinksProps) {
  return (
    <>
      {tree.desk.scene.links.map((link) => {
        const shows = chosen.has(link.from) || chosen.has(link.to);
        const from = shows && link.tie ? shownAt(tree, link.from) : undefined;
        const to = shows && link.tie ? shownAt(tree, link.to) : undefined;
        const drawn = link.drawn.lines.length > 0;
        return (
          (drawn || (from && to)) && (
            <g
              key={link.id}
              data-link={link.id}
              className={link.id === selected ? "selected link" : undefined}
              pointerEvents="none"
            >
              {drawn && <Drawing drawn={link.drawn} x={0} y={0} />}
              {from && to && <Bow link={link} from={from} to={to} />}
            </g>
          )
        );
      })}
    </>
  );
});

/** A topic as it is drawn, or the closed one under which it is hidden. */
export function shownAt(tree: Tree, id: string): Placed | undefined {
  for (let at = tree.get(id); at; at = tree.parent(at)) {
    const placed = tree.placed(at.id);
    if (placed) {
      return placed;
    }
  }
  return undefined;
}

const WORDS_PX = 13;

/** A line from the end of one topic’s words to the end of the other’s, and where its words stand. */
export function bowOf(from: Placed, to: Placed) {
  const [x1, y1] = [from.x + from.width + 2, from.y + from.height / 2];
  const [x2, y2] = [to.x + to.width + 2, to.y + to.height / 2];
  const middle = (y1 + y2) / 2;
  const out = Math.max(x1, x2) + 24 + Math.min(90, Math.abs(y2 - y1) / 5);
  return {
    path: `M${x1} ${y1}Q${out} ${middle} ${x2} ${y2}`,
    ends: { from: arrow(x1, y1), to: arrow(x2, y2) },
    words: { x: (x1 + x2) / 4 + out / 2 + 4, y: middle + 4, size: WORDS_PX },
  };
}

/** Such a line over what stands there. */
function Bow({ link, from, to }: { link: Across; from: Placed; to: Placed }) {
  const bow = bowOf(from, to);
  const { x, y, size } = bow.words;
  const line = { fill: "none", stroke: link.ink, strokeWidth: 1.2 };
  return (
    <g className="bow">
      <path d={bow.path} strokeDasharray={link.dash} {...line} />
      {link.atTo && <path d={bow.ends.to} {...line} />}
      {link.atFrom && <path d={bow.ends.from} {...line} />}
      <text x={x} y={y} fontSize={size} fill={link.ink} {...HALO} {...FACES.READING_ITALIC}>
        {link.said}
      </text>
    </g>
  );
}

function arrow(x: number, y: number): string {
  return `M${x + ARROW} ${y - ARROW}L${x} ${y}L${x + ARROW} ${y + ARROW}`;
}
