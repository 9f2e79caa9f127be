import styled from "styled-components";
import type { Topic } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import type { Tree } from "../map/tree";
import { TextButton } from "../ui/Button";

const List = styled.ul`
  list-style: none;
  font-size: 15px;
  color: ${({ theme }) => theme.softInk};
  li { display: flex; flex-wrap: wrap; gap: 2px 8px; align-items: baseline; }
  button { font-size: 15px; }
  li > button:last-child { margin-left: auto; font-size: 14px; }
`;

type AlsoHereProps = {
  tree: Tree;
  topic: Topic;
  actions: DeskActions;
  onSelect: (topic: string) => void;
};

/** Under which other topics a topic is shown, and which are shown under it. */
export function AlsoHere({ tree, topic, actions, onSelect }: AlsoHereProps) {
  const shown = tree.desk.also.filter((a) => a.topic === topic.id || a.parent === topic.id);
  if (shown.length === 0) {
    return null;
  }
  return (
    <List aria-label="Shown in several places">
      {shown.map((also) => {
        const elsewhere = also.topic === topic.id;
        const other = tree.get(elsewhere ? also.parent : also.topic);
        return (
          other && (
            <li key={also.id}>
              <span>{elsewhere ? "also under" : "also here:"}</span>
              <TextButton onPress={() => onSelect(other.id)}>{other.label}</TextButton>
              <TextButton
                aria-label={`Do not show it ${elsewhere ? "under" : "here any more:"} ${other.label}`}
                onPress={() => actions.edit({ type: "HideAlso", also: also.id })}
              >
                Not there
              </TextButton>
            </li>
          )
        );
      })}
    </List>
  );
}
