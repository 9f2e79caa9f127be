import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import styled from "styled-components";
import { request } from "../api/client";
import type { Desk as DeskState, Topic } from "../api/types";
import { useDeskActions } from "../api/useDesk";
import { ExportSheet } from "../export/ExportSheet";
import { Bring } from "../gather/Bring";
import { Distilling } from "../gather/Distilling";
import { Gather } from "../gather/Gather";
import { useFileDrop } from "../gather/useFileDrop";
import { useGather } from "../gather/useGather";
import { KeysSheet } from "../map/KeysSheet";
import { MapPage } from "../map/MapPage";
import { Tree } from "../map/tree";
import { OutlineSheet } from "../outline/OutlineSheet";
import { ProposalsSheet } from "../outline/ProposalsSheet";
import { SourceReading } from "../reading/SourceReading";
import type { Spot } from "../reading/spot";
import { TopicReading } from "../reading/TopicReading";
import { Shelf } from "../shelf/Shelf";
import { LeftOutSheet } from "../source/LeftOutSheet";
import { SearchSheet } from "../source/SearchSheet";
import { SourceSheet } from "../source/SourceSheet";
import { Sheet } from "../ui/Sheet";
import { FreshSheet } from "./FreshSheet";
import { Notices } from "./Notices";

const Frame = styled.main`
  position: relative;
  display: grid;
  min-height: 0;
  grid-template: minmax(0, 1fr) auto / minmax(0, 1.9fr) minmax(340px, 1fr);
  @media (max-width: 800px) {
    grid-template: minmax(300px, 58vh) max-content max-content / minmax(0, 1fr);
    overflow: auto;
  }
`;

const MapArea = styled.div`
  min-height: 0;
  min-width: 0;
  position: relative;
`;

const GatherArea = styled.div`
  height: 100%;
  overflow: auto;
  --ground: ${({ theme }) => theme.vellum};
  --under: 32px;
  padding: 32px clamp(16px, 6vw, 72px);
`;

const Reading = styled.section`
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
`;

const ShelfArea = styled.div`
  min-height: 0;
  max-height: 34vh;
  display: grid;
  @media (max-width: 800px) { grid-row: 3; max-height: none; }
`;

const DropCover = styled.div`
  position: absolute;
  inset: 0;
  z-index: 10;
  display: grid;
  place-items: center;
  pointer-events: none;
  background: rgb(255 253 247 / 0.85);
  outline: 2px dashed ${({ theme }) => theme.rubric};
  outline-offset: -10px;
  font: 600 21px/28px ${({ theme }) => theme.reading};
`;

const Invitation = styled.div`
  display: grid;
  gap: 8px;
  h1 { font: 600 23px/30px ${({ theme }) => theme.reading}; }
  p { max-width: 58ch; }
`;

type DeskProps = {
  desk: DeskState;
  exporting: boolean;
  onExporting: (open: boolean) => void;
};

/** The desk: map page, reading page and source shelf in sight together. */
export function Desk({ desk, exporting, onExporting }: DeskProps) {
  const tree = useMemo(() => new Tree(desk), [desk]);
  const actions = useDeskActions(desk.id);
  const gathering = useGather(desk.id);
  const drop = useFileDrop(gathering.addFiles);
  const [chosen, setChosen] = useState(tree.root.id);
  const [spot, setSpot] = useState<Spot | null>(null);
  const [keys, setKeys] = useState(false);
  const [adding, setAdding] = useState(false);
  const [outlining, setOutlining] = useState(false);
  const [reviewing, setReviewing] = useState(false);
  const [leftOut, setLeftOut] = useState(false);
  const [again, setAgain] = useState(false);
  const [news, setNews] = useState(false);
  const [searching, setSearching] = useState(false);
  const [details, setDetails] = useState<string | null>(null);
  const [dismissed, setDismissed] = useState<string | null>(null);
  const reading = useRef<HTMLElement>(null);
  const selected = tree.get(chosen) ?? tree.root;

  const select = useCallback((topic: string) => {
    setChosen(topic);
    setSpot(null);
    reading.current?.scrollTo(0, 0);
  }, []);
  const read = useCallback((source: string) => {
    setAdding(false);
    setSpot({ source, start: 0, end: 0 });
  }, []);
  const fresh = desk.topics.filter((topic) => topic.fresh);
  const chosenFresh = selected.fresh ? selected.id : null;
  const refresh = gathering.refresh;
  // biome-ignore lint/correctness/useExhaustiveDependencies: once for each topic that is chosen
  useEffect(() => {
    if (chosenFresh) {
      request<void>("POST", `/api/maps/${desk.id}/topics/${chosenFresh}/seen`).then(refresh);
    }
  }, [chosenFresh]);
  const show = (topic: Topic) => {
    const above = new Set(tree.path(topic).map((t) => t.id));
    const closed = desk.topics.filter((t) => t.closed).map((t) => t.id);
    if (closed.some((id) => above.has(id) && id !== topic.id)) {
      actions.fold.mutate({ closed: closed.filter((id) => !above.has(id)) });
    }
    select(topic.id);
  };
  const allSeen = () => request<void>("POST", `/api/maps/${desk.id}/seen`).then(gathering.refresh);
  const leave = useCallback(() => reading.current?.focus(), []);
  const showKeys = useCallback(() => setKeys(true), []);
  const distilling = desk.jobs.find(
    (job) => job.kind !== "READ" && (job.state === "RUNNING" || job.state === "WAITING"),
  );
  const last = desk.jobs.findLast((job) => job.kind !== "READ");
  const failed = last?.state === "FAILED" && last.id !== dismissed ? last : null;
  const cancel = () =>
    distilling && request<void>("POST", `/api/maps/${desk.id}/jobs/${distilling.id}/cancel`);
  const empty = desk.topics.length === 1;

  return (
    <Frame {...drop.handlers}>
      <MapArea>
        {empty ? (
          <GatherArea>
            <Gather
              desk={desk}
              gathering={gathering}
              actions={actions}
              onOpen={read}
              onOutline={() => setOutlining(true)}
              heading={
                <Invitation>
                  <h1>Begin with your sources</h1>
                  <p>
                    Pergamena distils them into a map of topics, and every topic keeps the passages
                    that bear it out.
                  </p>
                </Invitation>
              }
            />
          </GatherArea>
        ) : (
          <MapPage
            tree={tree}
            actions={actions}
            selected={selected.id}
            onSelect={select}
            onLeave={leave}
            onKeys={showKeys}
          />
        )}
        <Notices
          waiting={actions.waiting}
          problem={actions.problem ?? failed}
          onDismiss={() => {
            actions.dismiss();
            setDismissed(failed?.id ?? null);
          }}
          proposals={desk.proposals.length}
          onReview={() => setReviewing(true)}
          fresh={fresh.length}
          onNext={() => fresh[0] && show(fresh[0])}
          onFresh={() => setNews(true)}
          onAllSeen={allSeen}
          distilling={distilling}
          onCancel={cancel}
        />
      </MapArea>
      <Reading
        ref={reading}
        aria-label="Reading page"
        data-of={spot ? "source" : "topic"}
        tabIndex={0}
      >
        {spot ? (
          <SourceReading
            tree={tree}
            topic={selected}
            spot={spot}
            actions={actions}
            onBack={() => setSpot(null)}
            onSelect={select}
            onDetails={setDetails}
          />
        ) : (
          <TopicReading
            tree={tree}
            topic={selected}
            actions={actions}
            onSelect={select}
            onOpen={setSpot}
          />
        )}
      </Reading>
      <ShelfArea>
        <Shelf
          desk={desk}
          onOpen={setSpot}
          onAdd={() => setAdding(true)}
          onAgain={() => setAgain(true)}
          onOutline={() => setOutlining(true)}
          onSearch={() => setSearching(true)}
          onLeftOut={() => setLeftOut(true)}
          onDetails={setDetails}
          onChanged={gathering.refresh}
        />
      </ShelfArea>
      {drop.over && <DropCover>Drop the files to add them to this map</DropCover>}
      <KeysSheet isOpen={keys} onOpenChange={setKeys} />
      <ExportSheet desk={desk} isOpen={exporting} onOpenChange={onExporting} />
      <OutlineSheet desk={desk} isOpen={outlining} onOpenChange={setOutlining} />
      <ProposalsSheet tree={tree} isOpen={reviewing} onOpenChange={setReviewing} onOpen={setSpot} />
      <FreshSheet
        desk={desk}
        isOpen={news}
        onOpenChange={setNews}
        onShow={show}
        onAllSeen={allSeen}
      />
      <LeftOutSheet desk={desk} isOpen={leftOut} onOpenChange={setLeftOut} onOpen={setSpot} />
      <SearchSheet
        mapId={desk.id}
        isOpen={searching}
        onOpenChange={setSearching}
        onOpen={setSpot}
      />
      <SourceSheet
        desk={desk}
        source={details}
        onClose={() => setDetails(null)}
        onOpen={setSpot}
        onSelect={select}
      />
      <Sheet title="Add sources" isOpen={adding} onOpenChange={setAdding}>
        <Bring
          gathering={gathering}
          onOpen={read}
          onOutline={() => {
            setAdding(false);
            setOutlining(true);
          }}
        />
      </Sheet>
      <Sheet title="Distil again" isOpen={again} onOpenChange={setAgain}>
        <Distilling desk={desk} actions={actions} onDistil={() => setAgain(false)} />
      </Sheet>
    </Frame>
  );
}
