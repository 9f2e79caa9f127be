import styled from "styled-components";
import { Sheet } from "../ui/Sheet";
import { MAP_KEYS } from "./mapKeys";

const List = styled.dl`
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 6px 20px;
  margin: 0;
  dt { font-weight: 700; }
  dd { margin: 0; }
`;

/** All keys of the map page. */
export function KeysSheet({
  isOpen,
  onOpenChange,
}: {
  isOpen: boolean;
  onOpenChange: (open: boolean) => void;
}) {
  return (
    <Sheet title="Keys on the map page" isOpen={isOpen} onOpenChange={onOpenChange}>
      <List>
        {MAP_KEYS.map(([keys, does]) => (
          <div key={keys} style={{ display: "contents" }}>
            <dt>{keys}</dt>
            <dd>{does}</dd>
          </div>
        ))}
      </List>
      <p>
        With the pointer: click a topic to read its passages, double-click to edit it, drag it to
        another place, click a brace to open or close. The wheel moves the page, with Ctrl it zooms.
      </p>
    </Sheet>
  );
}
