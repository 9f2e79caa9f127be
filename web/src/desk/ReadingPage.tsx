import { type RefObject, useEffect, useRef } from "react";
import styled from "styled-components";
import type { Topic } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import type { Choice } from "../choice/choice";
import { SeveralReading } from "../choice/SeveralReading";
import type { Tree } from "../map/tree";
import type { MenuAt } from "../map/useCommands";
import { SourceReading } from "../reading/SourceReading";
import type { OpenSource, Spot } from "../reading/spot";
import { TopicReading } from "../reading/TopicReading";
import type { ChosenLink } from "../relations/linkActs";
import { afterPaint } from "../ui/afterPaint";
import { Region } from "../ui/Region";
import type { Opened } from "./Sheets";

/** What stands beside the map. */
export const Beside = styled.section`
  grid-column: 2;
  grid-row: 1 / 3;
  min-height: 0;
  overflow: auto;
  background: ${({ theme }) => theme.page};
  border-left: 1px solid ${({ theme }) => theme.rule};
  &[data-of="topic"] { padding: 20px 26px 40px; }
  @media (max-width: 800px) {
    grid-column: 1;
    grid-row: 2;
    min-height: 320px;
    max-height: 80vh;
    border: 0;
    border-top: 1px solid ${({ theme }) => theme.rule};
  }
  @media print {
    overflow: visible;
    max-height: none;
    border: 0;
    background: none;
    blockquote { break-inside: avoid; }
  }
`;

type ReadingPageProps = {
  frame: RefObject<HTMLElement | null>;
  tree: Tree;
  choice: Choice;
  topic: Topic;
  spot: Spot | null;
  /** The link that is selected. */
  link: ChosenLink | null;
  /** Words that bear this link out are sought. */
  grounding: string | null;
  onGrounding: (link: string | null) => void;
  actions: DeskActions;
  /** Nothing can be done to a map that has nothing in it. */
  empty: boolean;
  onSelect: (topic: string) => void;
  onOpen: OpenSource;
  onClose: () => void;
  onDetails: (source: string) => void;
  onMenu: (at: MenuAt) => void;
  onPassage: (topic: Topic) => void;
  onAsk: (topic: Topic, what: "like" | "deepen") => void;
  onOpened: (opened: Opened) => void;
  onGone: () => void;
  /** Brings files as pictures of a topic. */
  onPictures: (topic: Topic, files: readonly File[]) => void;
  say: (words: string) => void;
};

/** The chosen topic with its passages, or a source that is open; the map shows what is new first. */
export const ReadingPage = afterPaint(function ReadingPage(props: ReadingPageProps) {
  const { frame, tree, choice, topic, spot, actions, empty, onSelect, onOpen, onClose, onMenu } =
    props;
  // a passage that is sought for a link is sought as long as a source is open
  const { grounding, onGrounding } = props;
  const open = spot !== null;
  const wasOpen = useRef(open);
  useEffect(() => {
    if (wasOpen.current && !open) {
      onGrounding(null);
    }
    wasOpen.current = open;
  }, [open, onGrounding]);
  return (
    <Beside
      ref={frame}
      aria-label="Reading page"
      data-of={spot ? "source" : "topic"}
      tabIndex={0}
      onKeyDown={(event) => {
        if (event.key === "Escape" && spot && !event.defaultPrevented) {
          onClose();
        }
      }}
    >
      <Region name="The reading page" of={spot ? spot.source : topic.id}>
        {spot ? (
          <SourceReading
            tree={tree}
            topic={topic}
            spot={spot}
            actions={actions}
            grounding={tree.desk.links.find((link) => link.id === grounding) ?? null}
            onPictures={props.onPictures}
            onGrounded={() => onGrounding(null)}
            onBack={onClose}
            say={props.say}
            onSelect={onSelect}
            onDetails={props.onDetails}
          />
        ) : choice.several ? (
          <SeveralReading
            tree={tree}
            topics={tree.desk.topics.filter((t) => choice.ids.has(t.id))}
            onSelect={onSelect}
            onToggle={choice.toggle}
            onClear={choice.clear}
            onActs={(button) => onMenu(under(button, topic))}
          />
        ) : (
          <TopicReading
            tree={tree}
            topic={topic}
            actions={actions}
            link={props.link}
            onSelect={onSelect}
            onOpen={onOpen}
            onActs={empty ? null : (button) => onMenu(under(button, topic))}
            onPassage={props.onPassage}
            onAsk={props.onAsk}
            onMovePassage={(evidence) =>
              props.onOpened({
                sheet: "place",
                placing: { what: "passage", topic: topic.id, evidence },
              })
            }
            onMakeTopic={(evidence, words) =>
              props.onOpened({
                sheet: "new",
                making: { what: "split", topic: topic.id, evidence, words },
              })
            }
            onGround={(link) => {
              onGrounding(link);
              props.onPassage(topic);
            }}
            onLink={(from) => props.onOpened({ sheet: "link", topic: from, to: null })}
            onReattach={(link, from) =>
              props.onOpened({ sheet: "place", placing: { what: "end", link, topic: from } })
            }
            onPicture={() => props.onOpened({ sheet: "picture", topic: topic.id })}
            onLegend={() => props.onOpened({ sheet: "legend" })}
            onGone={props.onGone}
          />
        )}
      </Region>
    </Beside>
  );
});

/** Where the menu of a button opens. */
function under(button: Element, topic: Topic): MenuAt {
  const box = button.getBoundingClientRect();
  return { topic: topic.id, x: box.left, y: box.bottom + 4 };
}
