import { useState } from "react";
import { Menu, MenuItem, MenuTrigger, Popover } from "react-aria-components";
import styled from "styled-components";
import type { CrossLink, Desk, Edit, Remark, Topic } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import { Kept } from "../reading/Kept";
import type { OpenSource } from "../reading/spot";
import { Remarks } from "../remarks/Remarks";
import { pigment } from "../theme/tokens";
import { SignButton } from "../ui/Button";
import { menuItem, menuList } from "../ui/menu";
import { Sign } from "../ui/Sign";
import { Grounds } from "./Grounds";

const Line = styled.li`
  display: grid;
  grid-template-columns: 22px minmax(0, 1fr) auto;
  align-items: start;
  gap: 0 4px;
  &[data-supposed] { font-style: italic; }
  > span:first-child { text-align: center; line-height: 26px; color: ${({ theme }) => theme.rubric}; font-style: normal; }
  small { display: block; font-size: 13px; color: ${({ theme }) => theme.softInk}; }
`;

const Phrase = styled.input`
  font: italic 400 15px/22px ${({ theme }) => theme.reading};
  color: ${({ theme }) => theme.softInk};
  background: none;
  border: 1px solid transparent;
  border-radius: ${({ theme }) => theme.radius};
  padding: 0 4px;
  margin-right: 4px;
  min-width: 60px;
  max-width: 100%;
  field-sizing: content;
  &::placeholder { color: ${({ theme }) => theme.softInk}; opacity: 1; }
  &:hover, &:focus { border-color: ${({ theme }) => theme.rule}; background: ${({ theme }) => theme.vellum}; }
`;

const Other = styled.button`
  border: 0;
  background: none;
  padding: 0;
  text-align: left;
  cursor: pointer;
  font: 400 16px/24px ${({ theme }) => theme.reading};
  color: inherit;
  &:hover { text-decoration: underline; }
  b { font: 700 13px/20px ${({ theme }) => theme.control}; margin-right: 6px; }
`;

const List = styled(Menu)`${menuList}`;
const Item = styled(MenuItem)`${menuItem}`;

const ARROWS = { ONE: "→", BOTH: "↔", NONE: "—" } as const;

type RelationViewProps = {
  desk: Desk;
  link: CrossLink;
  topic: Topic;
  other: Topic;
  remarks: readonly Remark[];
  actions: DeskActions;
  onSelect: (topic: string) => void;
  /** Chooses another topic for the end that is not this topic. */
  onReattach: (link: string) => void;
  onOpen: OpenSource;
  /** Chooses words of a source that bear the link out; null where there are none. */
  onGround: ((link: string) => void) | null;
};

/** How far one act bends a line, in scene pixels. */
const BENT = 80;

/** A cross-link as it is read from one of its ends, and what can be done to it. */
export function RelationView(props: RelationViewProps) {
  const { desk, link, topic, other, remarks, actions, onSelect, onReattach, onGround } = props;
  const [noting, setNoting] = useState(false);
  const leads = link.from === topic.id;
  const { direction, supposed } = link;
  const qualify = (change: Partial<Pick<CrossLink, "direction" | "supposed">>) =>
    actions.edit({ type: "Qualify", link: link.id, direction, supposed, ...change });
  const bend = (far: number) => {
    const { x, y } = link.bend ?? { x: 0, y: 0 };
    actions.edit({ type: "Bow", link: link.id, bend: { x: x + far, y } });
  };
  const does = new Map<React.Key, () => void>([
    ["turn", () => actions.edit(turned(link))],
    ["one", () => qualify({ direction: "ONE" })],
    ["both", () => qualify({ direction: "BOTH" })],
    ["none", () => qualify({ direction: "NONE" })],
    ["supposed", () => qualify({ supposed: !supposed })],
    ["note", () => setNoting(true)],
    ["ground", () => onGround?.(link.id)],
    ["right", () => bend(BENT)],
    ["left", () => bend(-BENT)],
    ["straight", () => actions.edit({ type: "Bow", link: link.id, bend: null })],
    ["end", () => onReattach(link.id)],
    ["away", () => actions.edit({ type: "Disconnect", link: link.id })],
  ]);
  const phrase = <PhraseField key={link.phrase} link={link} actions={actions} />;
  return (
    <Line data-supposed={supposed ? "" : undefined}>
      <span aria-hidden="true">{leads || direction !== "ONE" ? ARROWS[direction] : "←"}</span>
      <div>
        {leads && phrase}
        <Other type="button" onClick={() => onSelect(other.id)}>
          {other.number && <b style={{ color: pigment(other.branch) }}>{other.number}</b>}
          {other.label}
        </Other>{" "}
        {!leads && phrase}
        {!leads && direction === "ONE" && <small>leads here</small>}
        {supposed && <small>supposed, not yet shown</small>}
        {(noting || link.note) && (
          <Kept
            label={`Note on the link to ${other.label}`}
            placeholder="A note on this link"
            value={link.note}
            longest={5000}
            onKeep={(note) => actions.edit({ type: "Remark", link: link.id, note })}
          />
        )}
        <Grounds
          desk={desk}
          link={link}
          called={`the link to ${other.label}`}
          actions={actions}
          onOpen={props.onOpen}
        />
        <Remarks
          remarks={remarks}
          subject={link.id}
          called={`the link to ${other.label}`}
          actions={actions}
        />
      </div>
      <MenuTrigger>
        <SignButton aria-label={`Acts on the link to ${other.label}`}>
          <Sign name="more" />
        </SignButton>
        <Popover placement="bottom end">
          <List
            aria-label={`Acts on the link to ${other.label}`}
            onAction={(key) => does.get(key)?.()}
          >
            <Item id="turn">Turn it round</Item>
            {direction !== "ONE" && <Item id="one">Point one way</Item>}
            {direction !== "BOTH" && <Item id="both">Point both ways</Item>}
            {direction !== "NONE" && <Item id="none">Point neither way</Item>}
            <Item id="supposed">{supposed ? "Assert it" : "Only suppose it"}</Item>
            {onGround && <Item id="ground">Find a passage that bears it out</Item>}
            {!link.note && <Item id="note">Add a note to it</Item>}
            <Item id="end">Lead it to another topic…</Item>
            <Item id="right">Bend its line to the right</Item>
            <Item id="left">Bend its line to the left</Item>
            {link.bend && <Item id="straight">Let its line run by itself</Item>}
            <Item id="away">Take it away</Item>
          </List>
        </Popover>
      </MenuTrigger>
    </Line>
  );
}

/** The same link the other way round. */
export function turned(link: CrossLink): Edit {
  return { type: "Reattach", link: link.id, from: link.to, to: link.from };
}

function PhraseField({ link, actions }: { link: CrossLink; actions: DeskActions }) {
  const [words, setWords] = useState(link.phrase);
  const keep = () => {
    if (words.trim() !== link.phrase) {
      actions.edit({ type: "Rephrase", link: link.id, phrase: words.trim() });
    }
  };
  return (
    <Phrase
      aria-label="Words on the link"
      placeholder="is linked to"
      maxLength={120}
      value={words}
      onChange={(event) => setWords(event.target.value)}
      onBlur={keep}
      onKeyDown={(event) => {
        if (event.key === "Enter") {
          event.currentTarget.blur();
        } else if (event.key === "Escape") {
          setWords(link.phrase);
          event.stopPropagation();
        }
      }}
    />
  );
}
