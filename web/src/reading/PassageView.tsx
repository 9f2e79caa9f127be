import type { ReactNode } from "react";
import { Button as AriaButton, Menu, MenuItem, MenuTrigger, Popover } from "react-aria-components";
import styled from "styled-components";
import type { Passage, Source } from "../api/types";
import { pigment } from "../theme/tokens";
import { asWords, TextButton } from "../ui/Button";
import { menuItem, menuList } from "../ui/menu";
import { carry } from "./carried";
import type { OpenSource } from "./spot";

const Frame = styled.article`
  break-inside: avoid;
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 2px 12px;
  padding-left: 13px;
  border-left: 3px solid;
`;

const Where = styled.h2`
  font: 700 14px/20px ${({ theme }) => theme.control};
  color: ${({ theme }) => theme.ink};
  cursor: grab;
  span { font-weight: 400; color: ${({ theme }) => theme.softInk}; }
`;

const Place = styled.span`
  font-size: 14px;
  color: ${({ theme }) => theme.softInk};
  text-align: right;
`;

const Words = styled(AriaButton)`
  grid-column: 1 / -1;
  border: 0;
  background: none;
  padding: 0;
  text-align: left;
  cursor: pointer;
  font: 400 16px/25px ${({ theme }) => theme.reading};
  color: ${({ theme }) => theme.softInk};
  white-space: pre-wrap;
  user-select: text;
  mark { background: ${({ theme }) => theme.highlight}; color: ${({ theme }) => theme.ink}; padding: 2px 0; }
`;

const Named = styled(AriaButton)`
  ${asWords}
  &[data-hovered] { text-decoration: underline; }
`;

const Adrift = styled.em`
  grid-column: 1 / -1;
  font: italic 400 14px/20px ${({ theme }) => theme.reading};
  color: ${({ theme }) => theme.rubric};
`;

const Below = styled.div`
  grid-column: 1 / -1;
  display: flex;
  gap: 16px;
  font-size: 14px;
  color: ${({ theme }) => theme.softInk};
`;

const Small = styled(TextButton)`
  font-size: 14px;
  @media print { display: none; }
`;

/** On paper too where it is not what is usual. */
const Stance = styled(TextButton)`
  font-size: 14px;
  @media print { &[data-usual] { display: none; } }
`;

const List = styled(Menu)`${menuList}`;
const Item = styled(MenuItem)`
  ${menuItem}
  &[data-selected]::after { content: " \2713"; }
`;

const BEARS = { SUPPORTS: "Supports", DISPUTES: "Disputes", MENTIONS: "Mentions" } as const;
const ORIGINS = { DISTILLED: "", HAND_LINKED: "linked by hand", MATCHED: "matched" } as const;

type PassageViewProps = {
  /** The topic that it bears out. */
  topic: string;
  passage: Passage;
  source: Source | undefined;
  branch: number;
  onOpen: OpenSource;
  onUnlink: (evidence: string) => void;
  onJudge: (evidence: string, stance: Passage["stance"]) => void;
  onMove: (evidence: string) => void;
  /** Makes a topic of the passage, which says these words. */
  onMakeTopic: (evidence: string, words: string) => void;
  /** What stands below it. */
  children?: ReactNode;
};

/** A passage with the words around it; pressing it opens the source there. */
export function PassageView(props: PassageViewProps) {
  const { passage, source, branch, onOpen, onUnlink } = props;
  const said = ORIGINS[passage.origin];
  return (
    <Frame style={{ borderColor: pigment(branch) }}>
      <Where
        draggable
        title="Drag it to another topic"
        onDragStart={(event) =>
          carry(event, { topic: props.topic, evidence: passage.evidence }, passage.exact)
        }
      >
        <Named
          isDisabled={passage.adrift}
          onPress={() => onOpen({ source: passage.source, start: passage.start, end: passage.end })}
        >
          {source?.name}
        </Named>
        <span>
          {source?.kind && ` \u00b7 ${source.kind}`}
          {passage.speaker && ` \u00b7 ${passage.speaker}`}
        </span>
      </Where>
      <Place>{passage.place}</Place>
      {passage.adrift && <Adrift>not found in the newer version of this source</Adrift>}
      <Words
        isDisabled={passage.adrift}
        aria-label={`Open ${source?.name ?? "the source"} at: ${passage.exact}`}
        onPress={() => onOpen({ source: passage.source, start: passage.start, end: passage.end })}
      >
        {passage.before}
        <mark>{passage.exact}</mark>
        {passage.after}
      </Words>
      <Below>
        {said && <span>{said}</span>}
        {source?.sound && !passage.adrift && (
          <Small
            aria-label={`Play from ${passage.place}`}
            onPress={() =>
              onOpen({
                source: passage.source,
                start: passage.start,
                end: passage.end,
                play: true,
              })
            }
          >
            Play
          </Small>
        )}
        <Small onPress={() => props.onMove(passage.evidence)}>Move…</Small>
        <Small onPress={() => props.onMakeTopic(passage.evidence, passage.exact)}>
          Make it a topic…
        </Small>
        <Small onPress={() => onUnlink(passage.evidence)}>Unlink</Small>
        <MenuTrigger>
          <Stance
            aria-label={`How it bears on the topic: ${BEARS[passage.stance]}`}
            data-usual={passage.stance === "SUPPORTS" ? "" : undefined}
          >
            {BEARS[passage.stance]}
          </Stance>
          <Popover>
            <List
              aria-label="How it bears on the topic"
              selectionMode="single"
              selectedKeys={[passage.stance]}
              onAction={(key) => props.onJudge(passage.evidence, key as Passage["stance"])}
            >
              {Object.entries(BEARS).map(([stance, words]) => (
                <Item key={stance} id={stance}>
                  {words}
                </Item>
              ))}
            </List>
          </Popover>
        </MenuTrigger>
        {props.children}
      </Below>
    </Frame>
  );
}
