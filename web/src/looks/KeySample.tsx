import styled from "styled-components";
import type { Facts } from "../api/types";
import type { Tree } from "../map/tree";
import { pageOf } from "../theme/mapLooks";
import { theme } from "../theme/tokens";

const Patch = styled.svg`
  flex: none;
  vertical-align: -3px;
  margin-right: 5px;
  forced-color-adjust: none;
  text { font-family: ${({ theme }) => theme.reading}; font-weight: 600; }
`;

const WIDE = 22;
const HIGH = 15;

type KeySampleProps = { entry: Facts["key"][number]; tree: Tree };

/** A look by rule as the map has it, and what it means. */
export function KeySample({ entry, tree }: KeySampleProps) {
  const { words, source, ink, ground, size, tag } = entry;
  const { facts, scene, sources } = tree.desk;
  const name = source && sources.find(({ id }) => id === source)?.name;
  const shown = tag && facts.legend.find(({ id }) => id === tag)?.word;
  return (
    <span data-key={words}>
      <Patch
        width={WIDE}
        height={HIGH}
        aria-hidden="true"
        data-map-theme={pageOf(tree.desk)["data-map-theme"]}
      >
        <rect
          width={WIDE}
          height={HIGH}
          rx="2"
          fill={ground ?? scene.backdrop.ground}
          stroke={theme.rule}
        />
        {(ink || size !== 1) && (
          <text
            x={WIDE / 2}
            y={HIGH - 4}
            textAnchor="middle"
            fontSize={11 * Math.min(1.35, size)}
            fill={ink ?? theme.ink}
          >
            a
          </text>
        )}
      </Patch>
      {name ? `${words} ${name}` : words}
      {shown ? ` (${shown})` : ""}
    </span>
  );
}
