import styled from "styled-components";
import type { Facts } from "../api/types";
import type { Tree } from "../map/tree";
import { theme } from "../theme/tokens";

const Patch = styled.i`
  flex: none;
  display: inline-block;
  vertical-align: -2px;
  margin-right: 3px;
  width: 22px;
  height: 15px;
  border: 1px solid ${({ theme }) => theme.rule};
  border-radius: 2px;
  font: 600 13px/13px ${({ theme }) => theme.reading};
  text-align: center;
  font-style: normal;
  overflow: hidden;
  forced-color-adjust: none;
`;

type KeySampleProps = { entry: Facts["key"][number]; tree: Tree };

/** A look by rule, and what it means. */
export function KeySample({ entry, tree }: KeySampleProps) {
  const { words, source, ink, ground, size, tag } = entry;
  const name = source && tree.desk.sources.find(({ id }) => id === source)?.name;
  const shown = tag && tree.desk.facts.legend.find(({ id }) => id === tag)?.word;
  const behind = ground ?? tree.desk.scene.backdrop.ground;
  return (
    <span data-key={words}>
      <Patch
        aria-hidden="true"
        style={{
          background: behind,
          color: ink ?? theme.ink,
          fontSize: 11 * Math.min(1.35, size),
        }}
      >
        {ink || size !== 1 ? "a" : ""}
      </Patch>{" "}
      {name ? `${words} ${name}` : words}
      {shown ? ` (${shown})` : ""}
    </span>
  );
}
