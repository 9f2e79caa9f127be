import styled from "styled-components";
import type { Topic } from "../api/types";
import { asWords, TextButton } from "../ui/Button";
import { counted } from "../ui/words";
import type { Tree } from "./tree";

const Bar = styled.nav`
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 2px 8px;
  padding: 4px 20px 6px;
  font-size: 15px;
  color: ${({ theme }) => theme.softInk};
  border-bottom: 1px solid ${({ theme }) => theme.rule};
  ol { display: contents; list-style: none; }
  li { display: flex; gap: 8px; }
  li::after { content: "›"; }
  li:last-child::after { content: none; }
  li button { ${asWords} }
  b { font: 600 16px/22px ${({ theme }) => theme.reading}; color: ${({ theme }) => theme.ink}; }
  > :last-child { margin-left: auto; }
  @media print { display: none; }
`;

type FocusBarProps = { tree: Tree; topic: Topic; onFocus: (topic: string | null) => void };

/** Which branch is shown as if it were the whole, where that is in the whole, and the ways back. */
export function FocusBar({ tree, topic, onFocus }: FocusBarProps) {
  const above = tree.path(topic).slice(0, -1);
  const within = tree.desk.topics.filter((each) => tree.within(each, topic)).length;
  return (
    <Bar aria-label="Where this branch is in the map">
      <ol>
        {above.map((each) => (
          <li key={each.id}>
            <button type="button" onClick={() => onFocus(each.parent ? each.id : null)}>
              {each.number} {each.label}
            </button>
          </li>
        ))}
        <li>
          <b aria-current="location">
            {topic.number} {topic.label}
          </b>
        </li>
      </ol>
      <span>{`${within} of ${counted(tree.desk.topics.length, "topic")}`}</span>
      <TextButton onPress={() => onFocus(null)}>Show the whole map</TextButton>
    </Bar>
  );
}
