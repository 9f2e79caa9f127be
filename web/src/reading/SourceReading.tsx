import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { Input, SearchField } from "react-aria-components";
import styled from "styled-components";
import { request } from "../api/client";
import type { Mark, SourceText, Topic } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import type { Tree } from "../map/tree";
import { Button, SignButton } from "../ui/Button";
import { Sign } from "../ui/Sign";
import { counted } from "../ui/words";
import { SourceBlock } from "./SourceBlock";
import { selectedSpan } from "./selection";
import type { Spot } from "./spot";

const Head = styled.div`
  position: sticky;
  top: 0;
  z-index: 1;
  display: grid;
  grid-template-columns: auto 1fr auto;
  align-items: center;
  gap: 4px 8px;
  padding: 10px 26px 10px 18px;
  background: ${({ theme }) => theme.page};
  border-bottom: 1px solid ${({ theme }) => theme.rule};
`;

const Title = styled.h1`
  font: 600 17px/24px ${({ theme }) => theme.reading};
`;

const Find = styled(Input)`
  width: 130px;
  padding: 5px 8px;
  font: 400 14px/20px ${({ theme }) => theme.control};
  color: ${({ theme }) => theme.ink};
  background: ${({ theme }) => theme.page};
  border: 1px solid ${({ theme }) => theme.rule};
  border-radius: ${({ theme }) => theme.radius};
`;

const Body = styled.div`
  position: relative;
  padding: 16px 26px 96px 78px;
  @media (max-width: 500px) { padding-right: 14px; }
  font: 400 16px/26px ${({ theme }) => theme.reading};
  max-width: 760px;
`;

const LinkBar = styled.div`
  position: sticky;
  bottom: 0;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 12px;
  padding: 10px 26px;
  background: ${({ theme }) => theme.shelf};
  border-top: 1px solid ${({ theme }) => theme.rule};
`;

type SourceReadingProps = {
  tree: Tree;
  topic: Topic;
  spot: Spot;
  actions: DeskActions;
  onBack: () => void;
  onSelect: (topic: string) => void;
};

/** A whole source, open at a spot; words selected in it can be linked to the chosen topic. */
export function SourceReading({
  tree,
  topic,
  spot,
  actions,
  onBack,
  onSelect,
}: SourceReadingProps) {
  const { desk } = tree;
  const path = `/api/maps/${desk.id}/sources/${spot.source}`;
  const text = useQuery({
    queryKey: ["source", desk.id, spot.source],
    queryFn: () => request<SourceText>("GET", `${path}/text`),
    staleTime: Number.POSITIVE_INFINITY,
  });
  const marks = useQuery({
    queryKey: ["marks", desk.id, spot.source, desk.revision],
    queryFn: () => request<Mark[]>("GET", `${path}/marks`),
    placeholderData: keepPreviousData,
  });
  const [found, setFound] = useState<Spot | null>(null);
  const sought = found?.source === spot.source ? found : spot;
  const words = text.data?.text ?? "";

  const find = (wanted: string) => {
    const at = wanted.trim();
    const from = found ? found.start + 1 : 0;
    const low = words.toLowerCase();
    const hit = at ? [low.indexOf(at.toLowerCase(), from), low.indexOf(at.toLowerCase())] : [];
    const start = hit.find((index) => index >= 0);
    setFound(start === undefined ? null : { source: spot.source, start, end: start + at.length });
  };

  return (
    <>
      <Head>
        <SignButton aria-label="Back to the topic" onPress={onBack}>
          <Sign name="back" />
        </SignButton>
        <Title>{text.data?.name ?? "Opening the source\u2026"}</Title>
        <SearchField aria-label="Find in this source" onSubmit={find}>
          <Find placeholder="Find words" />
        </SearchField>
      </Head>
      {text.data && (
        <SourceBody
          key={spot.source}
          text={text.data}
          marks={marks.data ?? []}
          sought={sought}
          topic={topic}
          onSelect={onSelect}
          onLink={(start, end) =>
            actions.edit.mutate({ type: "Link", topic: topic.id, source: spot.source, start, end })
          }
        />
      )}
    </>
  );
}

type SourceBodyProps = {
  text: SourceText;
  marks: Mark[];
  sought: Spot;
  topic: Topic;
  onLink: (start: number, end: number) => void;
  onSelect: (topic: string) => void;
};

function SourceBody({ text, marks, sought, topic, onLink, onSelect }: SourceBodyProps) {
  const body = useRef<HTMLDivElement>(null);
  const [selected, setSelected] = useState<{ start: number; end: number } | null>(null);

  useEffect(() => {
    const at = text.blocks.findIndex((block) => block.end > sought.start);
    const element =
      body.current?.querySelector("[data-sought]") ?? body.current?.children[Math.max(0, at)];
    element?.scrollIntoView({ block: "center" });
    setSelected(null);
  }, [text, sought]);

  useEffect(() => {
    const changed = () => {
      if (body.current) {
        setSelected(selectedSpan(body.current, text.text));
      }
    };
    document.addEventListener("selectionchange", changed);
    return () => document.removeEventListener("selectionchange", changed);
  }, [text]);

  const linked = useCallback(
    (span: { start: number; end: number }) =>
      marks.some((m) => m.topic === topic.id && m.start === span.start && m.end === span.end),
    [marks, topic],
  );
  const offered = selected ?? (sought.end > sought.start ? sought : null);
  const blocks = useMemo(
    () =>
      text.blocks.map((block) => (
        <SourceBlock
          key={block.start}
          text={text}
          block={block}
          marks={marks}
          sought={sought}
          onSelect={onSelect}
        />
      )),
    [text, marks, sought, onSelect],
  );

  return (
    <>
      <Body ref={body}>{blocks}</Body>
      {offered && !linked(offered) ? (
        <LinkBar>
          <Button
            $strong
            onPress={() => {
              onLink(offered.start, offered.end);
              window.getSelection()?.removeAllRanges();
            }}
          >
            Link to {topic.number} {topic.label}
          </Button>
          <span>
            {counted(text.text.slice(offered.start, offered.end).split(/\s+/).length, "word")}
          </span>
        </LinkBar>
      ) : (
        <LinkBar>Select words to link them to “{topic.label}”.</LinkBar>
      )}
    </>
  );
}
