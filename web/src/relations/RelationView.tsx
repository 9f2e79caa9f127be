import { useEffect, useRef, useState } from "react";
import { MenuTrigger, Popover } from "react-aria-components";
import styled from "styled-components";
import type { CrossLink, Desk, Remark, Topic } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import { Kept } from "../reading/Kept";
import type { OpenSource } from "../reading/spot";
import { Remarks } from "../remarks/Remarks";
import { pigment } from "../theme/tokens";
import { SignButton } from "../ui/Button";
import { Sign } from "../ui/Sign";
import { useTypedWords } from "../ui/typing";
import { Grounds } from "./Grounds";
import { LinkActList } from "./LinkMenu";
import { type ChosenLink, linkActs } from "./linkActs";

const Line = styled.li`
  display: grid;
  grid-template-columns: 22px minmax(0, 1fr) auto;
  align-items: start;
  gap: 0 4px;
  &[data-supposed] { font-style: italic; }
  &[data-chosen] { box-shadow: -3px 0 ${({ theme }) => theme.rubric}; background: ${({ theme }) => theme.shelf}; }
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

const ARROWS = { ONE: "→", BOTH: "↔", NONE: "—" } as const;

type RelationViewProps = {
  desk: Desk;
  link: CrossLink;
  topic: Topic;
  other: Topic;
  /** Set while it is the one that is selected. */
  chosen: ChosenLink | null;
  remarks: readonly Remark[];
  actions: DeskActions;
  onSelect: (topic: string) => void;
  /** Chooses another topic for the end that is not this topic. */
  onReattach: (link: string) => void;
  onOpen: OpenSource;
  /** Chooses words of a source that bear the link out; null where there are none. */
  onGround: ((link: string) => void) | null;
};

/** A cross-link as it is read from one of its ends, and what can be done to it. */
export function RelationView(props: RelationViewProps) {
  const { desk, link, topic, other, chosen, actions, onSelect, onReattach, onGround } = props;
  const [noting, setNoting] = useState(false);
  const leads = link.from === topic.id;
  const { direction, supposed } = link;
  const line = useRef<HTMLLIElement>(null);
  useEffect(() => {
    if (chosen) {
      line.current?.scrollIntoView({ block: "nearest" });
      setNoting(chosen.now === "note");
      if (chosen.now === "write") {
        line.current?.querySelector("input")?.select();
      }
    }
  }, [chosen]);
  const acts = linkActs(link, actions, {
    onNote: () => setNoting(true),
    onReattach: () => onReattach(link.id),
    onGround: onGround && (() => onGround(link.id)),
  });
  const phrase = <PhraseField link={link} actions={actions} />;
  return (
    <Line
      ref={line}
      data-supposed={supposed ? "" : undefined}
      data-chosen={chosen ? "" : undefined}
      aria-current={chosen ? "true" : undefined}
    >
      <span aria-hidden="true">{leads || direction !== "ONE" ? ARROWS[direction] : "←"}</span>
      <div>
        {leads && phrase}
        <Other type="button" onClick={() => onSelect(other.id)}>
          {other.number && <b style={{ color: pigment(other.branch) }}>{other.number}</b>}
          {other.label}
        </Other>{" "}
        {!leads && phrase}
        {!leads && direction === "ONE" && <small>leads here</small>}
        {supposed && <small>hypothesis, not yet shown</small>}
        {(noting || link.note) && (
          <Kept
            label={`Note on the link to ${other.label}`}
            placeholder="A note on this link"
            value={link.note}
            longest={5000}
            onKeep={(note, typed) => actions.edit({ type: "Remark", link: link.id, note }, typed)}
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
          remarks={props.remarks}
          subject={link.id}
          called={`the link to ${other.label}`}
          actions={actions}
        />
      </div>
      <MenuTrigger>
        <SignButton aria-label={`Actions on the link to ${other.label}`}>
          <Sign name="more" />
        </SignButton>
        <Popover placement="bottom end">
          <LinkActList called={`Actions on the link to ${other.label}`} acts={acts} />
        </Popover>
      </MenuTrigger>
    </Line>
  );
}

function PhraseField({ link, actions }: { link: CrossLink; actions: DeskActions }) {
  const { words, type, leave } = useTypedWords(link.phrase, (typed, how) =>
    actions.edit({ type: "Rephrase", link: link.id, phrase: typed.trim() }, how),
  );
  return (
    <Phrase
      aria-label="Words on the link"
      placeholder="is linked to"
      maxLength={120}
      value={words}
      onChange={(event) => type(event.target.value)}
      onBlur={leave}
      onKeyDown={(event) => {
        if (event.key === "Enter" || event.key === "Escape") {
          event.preventDefault();
          event.stopPropagation();
          event.currentTarget.blur();
        }
      }}
    />
  );
}
