import styled from "styled-components";
import { LINE_KEYS } from "../lines/lineKeys";
import { TABLE_KEYS } from "../table/tableKeys";
import { Sheet } from "../ui/Sheet";
import { FIELD_KEYS, MAP_KEYS } from "./mapKeys";

const Columns = styled.div`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px 36px;
  @media (max-width: 760px) { grid-template-columns: 1fr; }
  h3 { font: 700 15px/20px ${({ theme }) => theme.control}; margin: 0 0 6px; }
  section { display: grid; align-content: start; gap: 2px; }
`;

const List = styled.dl`
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 4px 16px;
  margin: 0 0 12px;
  dt { font-weight: 700; }
  dd { margin: 0; }
`;

const SIGNS = [
  ["upright strokes", "One for each passage that bears a topic out, in its source’s ink"],
  ["thin", "One short passage, or none that is close: too little to rest on"],
  ["unsupported", "No passage has been shown for it"],
  ["new", "It came, or got passages, when a source was folded in"],
  ["coloured ribbon", "Where a source’s text is on the map, in the colour of its main branch"],
  ["gap in a ribbon", "Text that is on no topic: click it and read it"],
  ["per cent", "How much of a source’s text is on the map"],
  ["grey topics", "Kept, but not what the map is about: Also in the sources"],
  [
    "dashed line, or * † ‡",
    "Two topics that are linked to each other; the line shows when one is chosen",
  ],
  ["dotted line, words with ?", "A link that is only supposed"],
  [
    "small corner at a topic",
    "Its place or its width was given by hand; “Put it back” in its menu undoes that",
  ],
  ["three lines of writing", "The topic has a note"],
  ["something that is said", "A remark on the topic, or on one of its passages, is open"],
  ["small squares", "Drag them: a picture’s corner sizes it, a link’s ends lead elsewhere"],
  [
    "small circle on a link",
    "Drag it to bend the line; a double press lets the line run by itself",
  ],
] as const;

function Listed({ items }: { items: readonly (readonly [string, string])[] }) {
  return (
    <List>
      {items.map(([name, does]) => (
        <div key={name} style={{ display: "contents" }}>
          <dt>{name}</dt>
          <dd>{does}</dd>
        </div>
      ))}
    </List>
  );
}

/** What the signs mean, and all keys of the map page. */
export function HelpSheet({
  isOpen,
  onOpenChange,
}: {
  isOpen: boolean;
  onOpenChange: (open: boolean) => void;
}) {
  return (
    <Sheet title="Help" wide isOpen={isOpen} onOpenChange={onOpenChange}>
      <Columns>
        <section>
          <h3>What the signs mean</h3>
          <Listed items={SIGNS} />
          <h3>With pointer or finger</h3>
          <p>
            Click a topic to read its passages; double-click to edit it; drag it to another place in
            the map, or into the open, where it stays; drag the bar at the end of the chosen one to
            make it wider or narrower; right-click it, or hold a finger on it, for all that can be
            done to it. Click a brace to open or close a branch. The wheel moves the page, with Ctrl
            it zooms; two fingers pinch.
          </p>
        </section>
        <section>
          <h3>Keys on the map</h3>
          <Listed items={MAP_KEYS} />
          <h3>Keys in a label’s field</h3>
          <Listed items={FIELD_KEYS} />
          <h3>Keys in the outline</h3>
          <Listed items={LINE_KEYS} />
          <h3>Keys in the table</h3>
          <Listed items={TABLE_KEYS} />
        </section>
      </Columns>
    </Sheet>
  );
}
