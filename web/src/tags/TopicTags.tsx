import { Menu, MenuItem, MenuTrigger, Popover } from "react-aria-components";
import styled from "styled-components";
import type { Topic } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import type { Tree } from "../map/tree";
import { SignButton, TextButton } from "../ui/Button";
import { menuItem, menuList } from "../ui/menu";
import { Sign } from "../ui/Sign";
import { TagSign } from "./TagSign";
import { useSigns } from "./useSigns";

const Row = styled.ul`
  list-style: none;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 2px 14px;
  font-size: 15px;
  li { display: flex; align-items: center; gap: 5px; }
  button[aria-label^="Take"], button[aria-label^="Put"] { width: 24px; height: 24px; color: ${({ theme }) => theme.softInk}; }
`;

const List = styled(Menu)`${menuList}`;
const Item = styled(MenuItem)`
  ${menuItem}
  display: flex;
  align-items: center;
  gap: 8px;
`;

/** Tags with one of them a place further to the front. */
export function before(tags: readonly string[], tag: string): string[] {
  const at = tags.indexOf(tag);
  const moved = tags.filter((other) => other !== tag);
  moved.splice(Math.max(0, at - 1), 0, tag);
  return moved;
}

type TopicTagsProps = {
  tree: Tree;
  topic: Topic;
  actions: DeskActions;
  onLegend: () => void;
};

/** The tags of a topic, word first, and giving it more. */
export function TopicTags({ tree, topic, actions, onLegend }: TopicTagsProps) {
  const { legend } = tree.desk.facts;
  const signs = useSigns(legend.map((tag) => tag.sign));
  const mark = (tags: string[]) => actions.edit({ type: "Mark", topic: topic.id, tags });
  const given = topic.tags.flatMap((id) => legend.find((tag) => tag.id === id) ?? []);
  return (
    <Row aria-label="Tags">
      {given.map((tag, i) => (
        <li key={tag.id} title={tag.meaning}>
          {i > 0 && (
            <SignButton
              aria-label={`Put ${tag.word} before ${given[i - 1]?.word}`}
              onPress={() => mark(before(topic.tags, tag.id))}
            >
              <Sign name="left" />
            </SignButton>
          )}
          <TagSign path={signs.get(tag.sign)} />
          {tag.word}
          <SignButton
            aria-label={`Take the tag ${tag.word} off`}
            onPress={() => mark(topic.tags.filter((id) => id !== tag.id))}
          >
            <Sign name="close" />
          </SignButton>
        </li>
      ))}
      <li>
        <MenuTrigger>
          <TextButton>{given.length > 0 ? "Another tag" : "Add a tag"}</TextButton>
          <Popover placement="bottom start">
            <List
              aria-label="Tags of this map"
              onAction={(key) =>
                key === "legend" ? onLegend() : mark([...topic.tags, String(key)])
              }
            >
              {legend
                .filter((tag) => !topic.tags.includes(tag.id))
                .map((tag) => (
                  <Item key={tag.id} id={tag.id} textValue={tag.word}>
                    <TagSign path={signs.get(tag.sign)} />
                    {tag.word}
                  </Item>
                ))}
              <Item id="legend" textValue="Tags of this map">
                Tags of this map…
              </Item>
            </List>
          </Popover>
        </MenuTrigger>
      </li>
    </Row>
  );
}
