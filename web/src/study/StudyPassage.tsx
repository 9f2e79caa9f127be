import type { ReactNode } from "react";
import styled from "styled-components";
import type { Tree } from "../map/tree";
import type { OpenSource } from "../reading/spot";
import { sourceInk } from "../theme/tokens";
import { TextButton } from "../ui/Button";
import { Row } from "../ui/Field";

const One = styled.article`
  display: grid;
  gap: 2px;
  padding-left: 13px;
  border-left: 3px solid ${({ theme }) => theme.rule};
  blockquote { margin: 0; font: 400 16px/25px ${({ theme }) => theme.reading}; }
  small { font: 400 14px/20px ${({ theme }) => theme.control}; color: ${({ theme }) => theme.softInk}; }
`;

type StudyPassageProps = {
  passage: {
    source: string;
    start: number;
    end: number;
    exact: string;
    place: string;
    topics: readonly string[];
  };
  tree: Tree;
  /** What its source is called if that is of another map. */
  elsewhere?: string;
  /** What else is said of it, behind its place. */
  told?: string;
  onOpen: OpenSource;
  onSelect: (topic: string) => void;
  children?: ReactNode;
};

/** A passage that bears something out, with its place and the topics under which it stands. */
export function StudyPassage(props: StudyPassageProps) {
  const { passage, tree, elsewhere, told, onOpen, onSelect, children } = props;
  const { source, start, end, exact, place, topics } = passage;
  const its = tree.desk.sources.find((each) => each.id === source);
  return (
    <One style={{ borderLeftColor: its && sourceInk(its.ink) }}>
      <blockquote>{exact}</blockquote>
      <Row>
        <small>
          {its?.name ?? elsewhere}
          {place && ` · ${place}`}
          {told && ` · ${told}`}
        </small>
        {its && (
          <TextButton
            aria-label={`Read in the source: ${exact.slice(0, 60)}`}
            onPress={() => onOpen({ source, start, end })}
          >
            Read it there
          </TextButton>
        )}
        {topics.flatMap((id) => {
          const topic = tree.get(id);
          return topic ? (
            <TextButton key={id} onPress={() => onSelect(id)}>
              {topic.number} {topic.label}
            </TextButton>
          ) : (
            []
          );
        })}
        {its && topics.length === 0 && <small>on no topic</small>}
        {children}
      </Row>
    </One>
  );
}

type StudyPassagesProps = Omit<StudyPassageProps, "passage" | "children" | "elsewhere"> & {
  passages: readonly StudyPassageProps["passage"][];
  /** What sources of other maps are called. */
  names?: ReadonlyMap<string, string>;
};

/** Several of them. */
export function StudyPassages({ passages, names, ...told }: StudyPassagesProps) {
  return passages.map((passage) => (
    <StudyPassage
      key={`${passage.source} ${passage.start}`}
      passage={passage}
      elsewhere={names?.get(passage.source)}
      {...told}
    />
  ));
}
