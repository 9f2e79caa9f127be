import { keepPreviousData, useQuery, useQueryClient } from "@tanstack/react-query";
import { lazy, Suspense, useDeferredValue, useEffect, useRef, useState } from "react";
import { Input, SearchField } from "react-aria-components";
import styled from "styled-components";
import { request } from "../api/client";
import type { CrossLink, Mark, SourceText, Topic } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import type { Tree } from "../map/tree";
import { Button, SignButton } from "../ui/Button";
import { Sign } from "../ui/Sign";
import { counted } from "../ui/words";
import { Contents } from "./Contents";
import type { Run } from "./keySelection";
import { Player } from "./Player";
import { SourceBody } from "./SourceBody";
import type { Spot } from "./spot";

const PdfPages = lazy(() => import("./PdfPages").then((m) => ({ default: m.PdfPages })));

const Head = styled.div`
  position: sticky;
  top: 0;
  z-index: 1;
  display: grid;
  grid-template-columns: auto 1fr;
  align-items: center;
  gap: 6px 8px;
  padding: 10px 26px 10px 18px;
  background: ${({ theme }) => theme.page};
  border-bottom: 1px solid ${({ theme }) => theme.rule};
`;

const Title = styled.h1`
  font: 600 17px/24px ${({ theme }) => theme.reading};
`;

const Tools = styled.div`
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 8px;
  span { font-size: 14px; color: ${({ theme }) => theme.softInk}; }
`;

const Find = styled(Input)`
  width: 150px;
  padding: 7px 8px;
  min-height: 36px;
  font: 400 14px/20px ${({ theme }) => theme.control};
  color: ${({ theme }) => theme.ink};
  background: ${({ theme }) => theme.page};
  border: 1px solid ${({ theme }) => theme.rule};
  border-radius: ${({ theme }) => theme.radius};
`;

type SourceReadingProps = {
  tree: Tree;
  topic: Topic;
  spot: Spot;
  actions: DeskActions;
  /** The cross-link that words are sought for, if that is what they are sought for. */
  grounding: CrossLink | null;
  /** Brings files as pictures of a topic. */
  onPictures: (topic: Topic, files: readonly File[]) => void;
  onGrounded: () => void;
  onBack: () => void;
  onSelect: (topic: string) => void;
  onDetails: (source: string) => void;
  say: (words: string) => void;
};

/** A whole source, open at a spot; words selected in it can be linked to the chosen topic. */
export function SourceReading(props: SourceReadingProps) {
  const { tree, topic, spot, actions, grounding, onBack, onSelect, onDetails, say } = props;
  const { desk } = tree;
  const client = useQueryClient();
  const path = `/api/maps/${desk.id}/sources/${spot.source}`;
  const text = useQuery({
    queryKey: ["source", desk.id, spot.source, desk.facts.revision],
    queryFn: () => request<SourceText>("GET", `${path}/text`),
    placeholderData: (before) => (before?.id === spot.source ? before : undefined),
    staleTime: Number.POSITIVE_INFINITY,
  });
  const marks = useQuery({
    queryKey: ["marks", desk.id, spot.source, desk.facts.revision],
    queryFn: () => request<Mark[]>("GET", `${path}/marks`),
    placeholderData: keepPreviousData,
  });
  const [found, setFound] = useState<Spot | null>(null);
  const [query, setQuery] = useState("");
  const back = useRef(false);
  const [pages, setPages] = useState(false);
  const [cutting, setCutting] = useState(false);
  const [now, setNow] = useState<{ start: number; end: number } | null>(null);
  const sought = found?.source === spot.source ? found : spot;
  const words = useDeferredValue(query.trim());
  const places = useQuery({
    queryKey: ["places", desk.id, spot.source, words, text.data?.text.length],
    queryFn: () => request<Run[]>("GET", `${path}/search?words=${encodeURIComponent(words)}`),
    enabled: words !== "",
  });
  const settled = words === query.trim() && places.data !== undefined;
  const hits = (words && places.data) || [];
  const [wish, setWish] = useState(false);
  const hit = hits.findIndex((h) => h.start === sought.start && h.end === sought.end);

  // biome-ignore lint/correctness/useExhaustiveDependencies: another spot ends the search
  useEffect(() => setFound(null), [spot]);

  const go = (start: number, end: number, play = false) =>
    setFound({ source: spot.source, start, end, play });
  const next = (backwards: boolean) => {
    const last = hits.length - 1;
    const index = backwards ? (hit <= 0 ? last : hit - 1) : hit >= last ? 0 : hit + 1;
    const at = hits[index];
    if (at) {
      go(at.start, at.end);
    }
  };
  // Enter was pressed before it was known where the words stand
  useEffect(() => {
    if (wish && settled) {
      setWish(false);
      next(back.current);
    }
  });
  const leaveOut = async (start: number, end: number) => {
    const excluded = text.data?.excluded ?? [];
    await request<void>("PUT", `${path}/exclusions`, [...excluded, { start, end }]);
    client.invalidateQueries({ queryKey: ["source", desk.id, spot.source] });
    client.invalidateQueries({ queryKey: ["desk", desk.id] });
  };

  return (
    <>
      <Head>
        <SignButton aria-label="Back to the topic" onPress={onBack}>
          <Sign name="back" />
        </SignButton>
        <Title>{text.data?.name ?? "Opening the source\u2026"}</Title>
        {text.data && (
          <Tools>
            <SearchField
              aria-label="Find in this source"
              value={query}
              onChange={setQuery}
              onSubmit={() => (settled ? next(back.current) : setWish(true))}
              onKeyDown={(event) => {
                back.current = event.shiftKey;
                event.continuePropagation();
              }}
            >
              <Find placeholder="Find words" />
            </SearchField>
            {query.trim() && (
              <span role="status">
                {!settled
                  ? "searching\u2026"
                  : hits.length === 0
                    ? "not there"
                    : hit < 0
                      ? counted(hits.length, "place")
                      : `${hit + 1} of ${hits.length}`}
              </span>
            )}
            <Contents text={text.data} onGo={go} />
            {text.data.pdf && (
              <Button aria-pressed={pages} onPress={() => setPages(!pages)}>
                {pages ? "Text" : "Pages"}
              </Button>
            )}
            {text.data.pdf && pages && (
              <Button aria-pressed={cutting} onPress={() => setCutting(!cutting)}>
                {cutting ? "Cut nothing out" : "Cut out a picture"}
              </Button>
            )}
            <Button onPress={() => onDetails(spot.source)}>Details</Button>
          </Tools>
        )}
        {text.data?.sound && <Player path={path} text={text.data} sought={sought} onNow={setNow} />}
      </Head>
      {text.data && pages && text.data.pdf && (
        <Suspense fallback={<p role="status">Opening the pages…</p>}>
          <PdfPages
            path={path}
            marks={marks.data ?? []}
            sought={sought}
            onSelect={onSelect}
            onCut={
              cutting
                ? (picture) => {
                    setCutting(false);
                    props.onPictures(topic, [picture]);
                  }
                : null
            }
          />
        </Suspense>
      )}
      {text.data && !(pages && text.data.pdf) && (
        <SourceBody
          key={spot.source}
          text={text.data}
          marks={marks.data ?? []}
          sought={sought}
          now={now}
          topic={topic}
          say={say}
          onSelect={onSelect}
          onPlay={(start, end) => go(start, end, true)}
          grounding={grounding && said(tree, grounding)}
          onLink={(start, end) => {
            if (grounding) {
              const { id } = grounding;
              actions.edit({
                type: "Ground",
                link: id,
                source: spot.source,
                start,
                end,
                stance: "SUPPORTS",
              });
              say("The words bear the link out now");
              props.onGrounded();
              onBack();
              return;
            }
            actions.edit({ type: "Link", topic: topic.id, source: spot.source, start, end });
            say(`Linked to ${topic.label}`);
          }}
          onLeaveOut={leaveOut}
        />
      )}
    </>
  );
}

/** A cross-link as a sentence. */
function said(tree: Tree, link: CrossLink): string {
  const phrase = link.phrase || "is linked to";
  return `${tree.get(link.from)?.label} ${phrase} ${tree.get(link.to)?.label}`;
}
