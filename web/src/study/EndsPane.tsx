import { useState } from "react";
import styled from "styled-components";
import type { LooseEnds } from "../api/types";
import { sourceInk } from "../theme/tokens";
import { ButtonLink, TextButton } from "../ui/Button";
import { Row } from "../ui/Field";
import { counted, percent } from "../ui/words";
import { StudyPassages } from "./StudyPassage";
import type { PaneProps } from "./study";
import { useStudied } from "./useStudied";
import { Waiting } from "./Waiting";

const FIRST = 8;

const List = styled.ul`
  list-style: none;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 3px;
  small { font-size: 14px; color: ${({ theme }) => theme.softInk}; }
  em { font-style: normal; font-weight: 500; font-size: 14px; color: ${({ theme }) => theme.rubric}; }
`;

const Stroke = styled.i`
  display: inline-block;
  width: 3px;
  height: 14px;
  margin-right: 8px;
  vertical-align: -2px;
`;

type Told = { topic: string; words?: string };

type TopicsProps = Pick<PaneProps, "tree" | "onSelect" | "onChoose"> & {
  title: string;
  /** What there is if there are none. */
  none: string;
  topics: readonly Told[];
};

/** Some topics, the first few at first; all can be chosen at once. */
function Topics({ tree, title, none, topics, onSelect, onChoose }: TopicsProps) {
  const [all, setAll] = useState(false);
  const shown = all ? topics : topics.slice(0, FIRST);
  return (
    <section aria-label={title}>
      <h3>
        {title} {topics.length > 0 && `(${topics.length})`}
      </h3>
      {topics.length === 0 && <p>{none}</p>}
      <List>
        {shown.flatMap(({ topic: id, words }) => {
          const topic = tree.get(id);
          return topic ? (
            <li key={id}>
              <TextButton onPress={() => onSelect(id)}>
                {topic.number} {topic.label}
              </TextButton>{" "}
              {words && <small>{words}</small>}
            </li>
          ) : (
            []
          );
        })}
      </List>
      {topics.length > 0 && (
        <Row>
          {shown.length < topics.length && (
            <TextButton onPress={() => setAll(true)}>
              {counted(topics.length - shown.length, "more topic")}
            </TextButton>
          )}
          <TextButton
            aria-label={`Choose all: ${title}`}
            onPress={() => onChoose(topics.map((each) => each.topic))}
          >
            Choose all of them
          </TextButton>
        </Row>
      )}
    </section>
  );
}

/** What the map leans on, and where it has loose ends. */
export function EndsPane({ tree, onOpen, onSelect, onChoose, say }: PaneProps) {
  const { desk } = tree;
  const path = `/api/maps/${desk.id}/loose-ends`;
  const at = [desk.facts.shelf, desk.facts.revision];
  const { data, problem } = useStudied<LooseEnds>("loose ends", desk.id, at, path, say);
  const [all, setAll] = useState(false);
  if (!data) {
    return <Waiting problem={problem} words="Counting relations and passages…" />;
  }
  const told = { tree, onSelect, onChoose };
  const plain = (ids: readonly string[]) => ids.map((topic) => ({ topic }));
  const left = all ? data.left : data.left.slice(0, FIRST);
  return (
    <>
      <h2>Most connected and loose ends</h2>
      <p role="status">
        A topic that is related has {data.mean} relations on average: to the one above it and those
        below, the root aside, and by cross-links.
      </p>
      <Topics
        title="Key topics"
        none="No topic has more relations than the others."
        topics={data.key.map(({ topic, relations }) => ({
          topic,
          words: counted(relations, "relation"),
        }))}
        {...told}
      />
      <Topics
        title="End topics"
        none="Every topic has at least two relations."
        topics={plain(data.ends)}
        {...told}
      />
      <Topics
        title="Without a passage"
        none="Every topic has a passage in its branch."
        topics={plain(data.unsupported)}
        {...told}
      />
      <Topics
        title="Of one source alone"
        none={
          desk.sources.length < 2
            ? "There is one source."
            : "Every topic has passages of several sources."
        }
        topics={plain(data.single)}
        {...told}
      />
      <section aria-label="What each source bears">
        <h3>What each source bears</h3>
        <List>
          {data.bearing.flatMap((bearing) => {
            const source = desk.sources.find((each) => each.id === bearing.source);
            return source ? (
              <li key={source.id}>
                <Stroke style={{ background: sourceInk(source.ink) }} />
                <TextButton onPress={() => onOpen({ source: source.id, start: 0, end: 0 })}>
                  {source.name}
                </TextButton>{" "}
                <small>
                  {counted(bearing.topics, "topic")}, {bearing.alone} of them alone,{" "}
                  {percent(bearing.share)} of its text on the map
                </small>{" "}
                {bearing.little && <em>bears little</em>}
              </li>
            ) : (
              []
            );
          })}
        </List>
      </section>
      <section aria-label="Parts of sources on no topic">
        <h3>Parts of sources on no topic {data.left.length > 0 && `(${data.left.length})`}</h3>
        {data.left.length === 0 && <p>All that could be is on a topic.</p>}
        <StudyPassages passages={left} tree={tree} onOpen={onOpen} onSelect={onSelect} />
        {left.length < data.left.length && (
          <TextButton onPress={() => setAll(true)}>
            {counted(data.left.length - left.length, "more part")}
          </TextButton>
        )}
      </section>
      <Row>
        <ButtonLink href={`${path}/table`} download="loose-ends.csv">
          Save as a table
        </ButtonLink>
      </Row>
    </>
  );
}
