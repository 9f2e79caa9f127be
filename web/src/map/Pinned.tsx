import styled from "styled-components";
import type { Tree } from "../map/tree";
import { pigment } from "../theme/tokens";
import { asWords } from "../ui/Button";

const Margin = styled.aside`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(260px, 100%), 1fr));
  gap: 6px 18px;
  margin: 8px 20px 0;
  max-height: 26%;
  min-height: 44px;
  overflow: auto;
  dl {
    margin: 0;
    padding: 1px 0 1px 10px;
    border-left: 3px solid;
  }
  dt { font: 600 15px/21px ${({ theme }) => theme.reading}; }
  dd { margin: 0; font: 400 14px/20px ${({ theme }) => theme.reading}; }
  dt button {
    ${asWords}
  }
`;

/** Definitions that stay in sight while the page moves. */
export function Pinned({ tree, onSelect }: { tree: Tree; onSelect: (topic: string) => void }) {
  const pinned = tree.desk.topics.filter((topic) => topic.pinned);
  if (pinned.length === 0) {
    return null;
  }
  return (
    <Margin aria-label="Pinned definitions">
      {pinned.map((topic) => (
        <dl key={topic.id} style={{ borderLeftColor: pigment(topic.branch) }}>
          <dt>
            <button type="button" onClick={() => onSelect(topic.id)}>
              {topic.label}
            </button>
          </dt>
          <dd>{topic.definition}</dd>
        </dl>
      ))}
    </Margin>
  );
}
