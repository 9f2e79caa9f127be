import { Menu, MenuItem, MenuTrigger, Popover } from "react-aria-components";
import styled from "styled-components";
import type { SourceText } from "../api/types";
import { Button } from "../ui/Button";
import { menuItem, menuList } from "../ui/menu";

const List = styled(Menu)`
  ${menuList}
  max-height: 60vh;
  overflow: auto;
  max-width: 420px;
`;
const Item = styled(MenuItem)`${menuItem}`;

type ContentsProps = { text: SourceText; onGo: (start: number, end: number) => void };

/** The table of a source's headings. */
export function Contents({ text, onGo }: ContentsProps) {
  const headings = text.blocks.filter((block) => block.kind === "HEADING");
  if (headings.length === 0) {
    return null;
  }
  const shallow = Math.min(...headings.map((h) => h.level));
  return (
    <MenuTrigger>
      <Button>Headings</Button>
      <Popover>
        <List
          aria-label="Headings"
          onAction={(key) => {
            const heading = headings.find((h) => h.start === Number(key));
            if (heading) {
              onGo(heading.start, heading.end);
            }
          }}
        >
          {headings.map((heading) => {
            const words = text.text.slice(heading.start, heading.end);
            return (
              <Item
                key={heading.start}
                id={String(heading.start)}
                textValue={words}
                style={{ paddingLeft: 12 + 14 * (heading.level - shallow) }}
              >
                {words}
              </Item>
            );
          })}
        </List>
      </Popover>
    </MenuTrigger>
  );
}
