import { memo, useEffect, useState } from "react";
import styled from "styled-components";
import { request } from "../api/client";
import type { Desk, Job, Source } from "../api/types";
import type { OpenSource } from "../reading/spot";
import { sourceInk } from "../theme/tokens";
import { SignButton, TextButton } from "../ui/Button";
import { Progress } from "../ui/Progress";
import { Sign } from "../ui/Sign";
import { clock, counted, percent, spelt } from "../ui/words";
import { mainNumbers } from "./mainNumbers";
import { Ribbon } from "./Ribbon";

const Frame = styled.section`
  padding: 10px 20px 12px;
  background: ${({ theme }) => theme.shelf};
  border-top: 1px solid ${({ theme }) => theme.rule};
  overflow: auto;
  max-height: 100%;
`;

const Head = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 2px 18px;
  h2 { font: 700 15px/20px ${({ theme }) => theme.control}; }
  span { font-size: 14px; color: ${({ theme }) => theme.softInk}; margin-left: auto; }
`;

const Whole = styled.span`
  display: inline-flex;
  gap: 12px;
  align-items: baseline;
`;

const More = styled(SignButton)`
  width: 28px;
  height: 24px;
`;

const Rows = styled.ul`
  list-style: none;
  padding: 4px 0;
`;

const Row = styled.li`
  display: grid;
  grid-template-columns: minmax(120px, 250px) 1fr 44px 28px;
  align-items: center;
  gap: 12px;
  min-height: 25px;
  @media (max-width: 500px) {
    grid-template-columns: minmax(0, 1fr) 44px 28px;
    gap: 2px 12px;
    padding: 4px 0;
    > :first-child { grid-column: 1 / -1; }
  }
`;

const Name = styled(TextButton)`
  display: flex;
  align-items: baseline;
  gap: 6px;
  min-width: 0;
  color: ${({ theme }) => theme.ink};
  font-weight: 700;
  white-space: nowrap;
  overflow: hidden;
  i { flex: none; width: 3px; height: 12px; align-self: center; }
  b { overflow: hidden; text-overflow: ellipsis; }
  small { font: 400 14px/20px ${({ theme }) => theme.control}; color: ${({ theme }) => theme.softInk}; }
`;

const Read = styled.span`
  font-size: 14px;
  color: ${({ theme }) => theme.softInk};
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
`;

const Unfolded = styled.span`
  display: flex;
  gap: 12px;
  font-size: 14px;
  color: ${({ theme }) => theme.softInk};
`;

const Share = styled.span`
  text-align: right;
  font-size: 14px;
  color: ${({ theme }) => theme.softInk};
`;

const Trouble = styled.p`
  grid-column: 2 / -1;
  @media (max-width: 500px) { grid-column: 1 / -1; }
  font-size: 14px;
  color: ${({ theme }) => theme.rubric};
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
`;

const New = styled(Trouble)`
  color: ${({ theme }) => theme.softInk};
`;

type ShelfProps = {
  desk: Desk;
  onOpen: OpenSource;
  onAdd: () => void;
  onAgain: () => void;
  onOutline: () => void;
  onSearch: () => void;
  onReferences: () => void;
  onLeftOut: () => void;
  onDetails: (source: string) => void;
  onChanged: () => void;
};

/** How long a source is: pages, minutes or words. */
function length(source: Source): string {
  if (source.durationMs > 0) {
    return source.durationMs < 60_000
      ? clock(source.durationMs)
      : `${Math.round(source.durationMs / 60_000)} min`;
  }
  return source.pages > 0 ? `${source.pages} p.` : `${source.words.toLocaleString("en")} words`;
}

/** What is known of a source that is not on the map yet. */
function facts(source: Source): string {
  const recorded = source.sound ? "with its recording" : "";
  return [source.kind, source.language, source.author, source.dated, recorded]
    .filter(Boolean)
    .join(", ");
}

/** The sources of the map, each as a ribbon coloured where its text is on the map. */
export const Shelf = memo(function Shelf(props: ShelfProps) {
  const {
    desk,
    onOpen,
    onAdd,
    onAgain,
    onOutline,
    onSearch,
    onReferences,
    onLeftOut,
    onDetails,
    onChanged,
  } = props;
  const count = desk.sources.length;
  // a map that was written by hand has nothing to be distilled from
  const distilled = desk.topics.length > 1 && desk.sources.length > 0;
  const numbers = mainNumbers(desk);
  return (
    <Frame aria-label="Source shelf">
      <Head>
        <h2>
          {spelt(count)} {count === 1 ? "source" : "sources"}
        </h2>
        <TextButton onPress={onAdd}>Add a source…</TextButton>
        {distilled && <TextButton onPress={onAgain}>Distil again…</TextButton>}
        {desk.sources.some((source) => source.length > 0) && (
          <TextButton onPress={onSearch}>Search all sources…</TextButton>
        )}
        <TextButton onPress={onReferences}>References…</TextButton>
        {desk.facts.outlined && <TextButton onPress={onOutline}>Followed outline…</TextButton>}
        {distilled && (
          <Whole>
            {percent(desk.facts.share)} of the text is on the map
            <TextButton onPress={onLeftOut}>What is left out…</TextButton>
          </Whole>
        )}
      </Head>
      <Rows>
        {desk.sources.map((source) => (
          <ShelfRow
            key={source.id}
            mapId={desk.id}
            source={source}
            job={desk.jobs.findLast((job) => job.sourceId === source.id)}
            distilled={desk.topics.length > 1}
            numbers={numbers}
            onOpen={onOpen}
            onDetails={onDetails}
            onChanged={onChanged}
          />
        ))}
      </Rows>
    </Frame>
  );
}, sameShelf);

/** Whether nothing that the shelf shows differs; what it does is the same for a map. */
function sameShelf(before: ShelfProps, now: ShelfProps): boolean {
  const [a, b] = [before.desk, now.desk];
  return (
    a.id === b.id &&
    a.sources === b.sources &&
    a.jobs === b.jobs &&
    a.facts.share === b.facts.share &&
    a.facts.outlined === b.facts.outlined &&
    a.topics.length > 1 === b.topics.length > 1 &&
    a.topics[0]?.children.join() === b.topics[0]?.children.join() &&
    before.onOpen === now.onOpen
  );
}

const MOMENT_MS = 6000;

/** Whether something is so, or has not become so for a while. */
function useSoOrLate(now: boolean): boolean {
  const [late, setLate] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setLate(true), MOMENT_MS);
    return () => clearTimeout(timer);
  }, []);
  return now || late;
}

type ShelfRowProps = {
  mapId: string;
  source: Source;
  job: Job | undefined;
  distilled: boolean;
  numbers: ReadonlyMap<number, string>;
  onOpen: OpenSource;
  onDetails: (source: string) => void;
  onChanged: () => void;
};

function ShelfRow(props: ShelfRowProps) {
  const { mapId, source, job, distilled, numbers, onOpen, onDetails, onChanged } = props;
  const [trouble, setTrouble] = useState<string | null>(null);
  const path = `/api/maps/${mapId}/sources/${source.id}`;
  const act = (method: string, to: string) => {
    request<void>(method, to).then(onChanged, (error: Error) => setTrouble(error.message));
  };
  const ready = source.length > 0;
  // for a moment neither the job nor what it read is known here
  const known = useSoOrLate(trouble !== null || source.problem !== null || job?.problem != null);
  const working = job && (job.state === "WAITING" || job.state === "RUNNING");
  return (
    <Row>
      <Name
        isDisabled={!ready}
        onPress={() => onOpen({ source: source.id, start: 0, end: 0 })}
        aria-label={`Read ${source.name}`}
      >
        <i style={{ background: sourceInk(source.ink) }} />
        <b>{source.name}</b>
        {ready && <small>{length(source)}</small>}
      </Name>
      {ready && !working && distilled && (
        <>
          {source.toFold > 0 && !source.newer ? (
            <Unfolded>
              not on the map yet
              <TextButton onPress={() => act("POST", `${path}/fold`)}>Fold it in</TextButton>
            </Unfolded>
          ) : (
            <Ribbon source={source} numbers={numbers} onOpen={onOpen} />
          )}
          <Share>{percent(source.share)}</Share>
        </>
      )}
      {ready && !working && !distilled && (
        <>
          <Read>{facts(source)}</Read>
          <span />
        </>
      )}
      {working && (
        <>
          <Progress label={job.step} share={job.share} />
          <TextButton
            aria-label={`Cancel reading ${source.name}`}
            onPress={() => act("POST", `/api/maps/${mapId}/jobs/${job.id}/cancel`)}
          >
            Cancel
          </TextButton>
        </>
      )}
      {ready && (
        <More aria-label={`Details of ${source.name}`} onPress={() => onDetails(source.id)}>
          <Sign name="more" />
        </More>
      )}
      {ready && !working && source.newer && source.toFold > 0 && (
        <New>
          The newer version has {counted(source.toFold, "word")} that are not on the map
          <TextButton onPress={() => act("POST", `${path}/fold`)}>Fold them in</TextButton>
        </New>
      )}
      {ready && !working && source.like && (
        <New>
          Nearly the same text as “{source.like}”: what both say counts twice
          <TextButton onPress={() => onDetails(source.id)}>Details</TextButton>
        </New>
      )}
      {ready && !working && source.adrift > 0 && (
        <Trouble>
          {counted(source.adrift, "passage")} not found in the newer version
          <TextButton onPress={() => onDetails(source.id)}>Show them</TextButton>
        </Trouble>
      )}
      {ready && !working && (trouble ?? source.problem) && (
        <Trouble role="alert">{trouble ?? source.problem}</Trouble>
      )}
      {!ready && !working && !known && <Read role="status">Reading it…</Read>}
      {!ready && !working && known && (
        <Trouble role="alert">
          {trouble ?? source.problem ?? job?.problem ?? "This source has not been read."}
          <TextButton onPress={() => act("POST", `${path}/reading`)}>Read it again</TextButton>
          <TextButton onPress={() => act("DELETE", path)}>Take it out</TextButton>
        </Trouble>
      )}
    </Row>
  );
}
