import { memo, useCallback, useEffect, useMemo, useRef, useState } from "react";
import styled from "styled-components";
import { actsOn } from "../acts/acts";
import { TopicMenu } from "../acts/TopicMenu";
import { request } from "../api/client";
import type { Desk as DeskState, Passage, Topic } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import { ExportSheet } from "../export/ExportSheet";
import { AgainSheet } from "../gather/AgainSheet";
import { Arrivals } from "../gather/Arrivals";
import { Bring } from "../gather/Bring";
import { Distilling } from "../gather/Distilling";
import { Gather } from "../gather/Gather";
import { useFileDrop } from "../gather/useFileDrop";
import { useGather } from "../gather/useGather";
import type { MapCommands } from "../map/commands";
import { HelpSheet } from "../map/HelpSheet";
import { MapPage, type MenuAt } from "../map/MapPage";
import { Tree } from "../map/tree";
import { OutlineSheet } from "../outline/OutlineSheet";
import { ProposalsSheet } from "../outline/ProposalsSheet";
import { SourceReading } from "../reading/SourceReading";
import type { Spot } from "../reading/spot";
import { TopicReading } from "../reading/TopicReading";
import { LinkSheet } from "../relations/LinkSheet";
import { Shelf } from "../shelf/Shelf";
import { LeftOutSheet } from "../source/LeftOutSheet";
import { SearchSheet } from "../source/SearchSheet";
import { SourceSheet } from "../source/SourceSheet";
import { Sheet } from "../ui/Sheet";
import type { Go, Place } from "../useAddress";
import { FreshSheet } from "./FreshSheet";
import { Notices } from "./Notices";
import { useAnnouncer } from "./useAnnouncer";

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
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
  &[data-given] { grid-template-rows: auto auto minmax(0, 1fr); }
`;

const Given = styled.div`
  max-height: 30vh;
  overflow: auto;
  padding: 7px 20px;
  background: ${({ theme }) => theme.page};
  border-bottom: 1px solid ${({ theme }) => theme.rule};
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
  /** The desk as the person sees it. */
  desk: DeskState;
  actions: DeskActions;
  place: Place;
  go: Go;
  exporting: boolean;
  onExporting: (open: boolean) => void;
};

/** The desk: map page, reading page and source shelf in sight together. */
export const Desk = memo(function Desk(props: DeskProps) {
  const { desk, actions, place, go, exporting, onExporting } = props;
  const tree = useMemo(() => new Tree(desk), [desk]);
  const gathering = useGather(desk.id);
  const drop = useFileDrop(gathering.addFiles);
  const { say, announcer } = useAnnouncer();
  const map = useRef<MapCommands | null>(null);
  const [menu, setMenu] = useState<MenuAt | null>(null);
  const [linking, setLinking] = useState<string | null>(null);
  const [asked, setAsked] = useState<Error | null>(null);
  const [help, setHelp] = useState(false);
  const [adding, setAdding] = useState(false);
  const [outlining, setOutlining] = useState(false);
  const [reviewing, setReviewing] = useState(false);
  const [leftOut, setLeftOut] = useState(false);
  const [again, setAgain] = useState(false);
  const [comparing, setComparing] = useState(false);
  const [news, setNews] = useState(false);
  const [searching, setSearching] = useState(false);
  const [details, setDetails] = useState<string | null>(null);
  const [dismissed, setDismissed] = useState<string | null>(null);
  const reading = useRef<HTMLElement>(null);
  const selected = tree.get(place.topic) ?? tree.root;
  const { spot } = place;

  // a topic among others replaces what one looked at, a source is gone back from
  const select = useCallback(
    (topic: string) => {
      go({ topic, spot: null }, spot === null);
      reading.current?.scrollTo(0, 0);
    },
    [go, spot],
  );
  const openSpot = useCallback((to: Spot) => go({ spot: to }, spot !== null), [go, spot]);
  const closeSpot = useCallback(() => {
    go({ spot: null }, true);
    reading.current?.focus();
  }, [go]);
  const read = useCallback(
    (source: string) => {
      setAdding(false);
      openSpot({ source, start: 0, end: 0 });
    },
    [openSpot],
  );
  const ask = (topic: Topic, what: "like" | "deepen") => {
    setAsked(null);
    request<void>("POST", `/api/maps/${desk.id}/topics/${topic.id}/${what}`).catch(setAsked);
  };
  const linkPassage = async (topic: Topic) => {
    const first = (
      await request<Passage[]>("GET", `/api/maps/${desk.id}/topics/${topic.id}/passages`)
    )[0];
    const source = first?.source ?? desk.sources.find((s) => s.length > 0)?.id;
    if (source) {
      go({ topic: topic.id, spot: { source, start: first?.start ?? 0, end: first?.start ?? 0 } });
    }
  };
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
      actions.fold({ open: closed.filter((id) => above.has(id)) });
    }
    select(topic.id);
  };
  const allSeen = () => request<void>("POST", `/api/maps/${desk.id}/seen`).then(gathering.refresh);
  // what was asked for here opens by itself; what waited before is told of
  const waited = useRef(desk.facts.again);
  useEffect(() => {
    if (desk.facts.again && !waited.current) {
      setComparing(true);
    }
    waited.current = desk.facts.again;
  }, [desk.facts.again]);
  const leave = useCallback(() => reading.current?.focus(), []);
  const showHelp = useCallback(() => setHelp(true), []);
  const distilling = desk.jobs.find(
    (job) => job.kind !== "READ" && (job.state === "RUNNING" || job.state === "WAITING"),
  );
  const last = desk.jobs.findLast((job) => job.kind !== "READ");
  const failed = last?.state === "FAILED" && last.id !== dismissed ? last : null;
  const cancel = () =>
    distilling && request<void>("POST", `/api/maps/${desk.id}/jobs/${distilling.id}/cancel`);
  const empty = desk.topics.length === 1 && !actions.draft;
  const given = !empty && !adding && gathering.sending.length > 0;

  return (
    <Frame {...drop.handlers}>
      {announcer}
      <MapArea data-given={given ? "" : undefined}>
        <Notices
          waiting={actions.waiting}
          pending={actions.pending}
          problem={actions.problem ?? asked ?? failed}
          onDismiss={() => {
            actions.dismiss();
            setAsked(null);
            setDismissed(failed?.id ?? null);
          }}
          again={desk.facts.again}
          onCompare={() => setComparing(true)}
          proposals={desk.proposals.length}
          onReview={() => setReviewing(true)}
          fresh={fresh.length}
          onNext={() => fresh[0] && show(fresh[0])}
          onFresh={() => setNews(true)}
          onAllSeen={allSeen}
          distilling={distilling}
          onCancel={cancel}
        />
        {given && (
          <Given>
            <Arrivals gathering={gathering} onOpen={read} />
          </Given>
        )}
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
            handle={map}
            onSelect={select}
            onMenu={setMenu}
            onLeave={leave}
            onKeys={showHelp}
            say={say}
          />
        )}
      </MapArea>
      <Reading
        ref={reading}
        aria-label="Reading page"
        data-of={spot ? "source" : "topic"}
        tabIndex={0}
        onKeyDown={(event) => {
          if (event.key === "Escape" && spot && !event.defaultPrevented) {
            closeSpot();
          }
        }}
      >
        {spot ? (
          <SourceReading
            tree={tree}
            topic={selected}
            spot={spot}
            actions={actions}
            onBack={closeSpot}
            say={say}
            onSelect={select}
            onDetails={setDetails}
          />
        ) : (
          <TopicReading
            tree={tree}
            topic={selected}
            actions={actions}
            onSelect={select}
            onOpen={openSpot}
            onActs={
              empty
                ? null
                : (button) => {
                    const box = button.getBoundingClientRect();
                    setMenu({ topic: selected.id, x: box.left, y: box.bottom + 4 });
                  }
            }
            onPassage={linkPassage}
            onAsk={ask}
            onGone={leave}
          />
        )}
      </Reading>
      <ShelfArea>
        <Shelf
          desk={desk}
          onOpen={openSpot}
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
      <HelpSheet isOpen={help} onOpenChange={setHelp} />
      <LinkSheet
        tree={tree}
        actions={actions}
        from={linking}
        onClose={() => setLinking(null)}
        say={say}
      />
      {menu && map.current && tree.get(menu.topic) && (
        <TopicMenu
          topic={tree.get(menu.topic) ?? tree.root}
          at={menu}
          acts={actsOn(tree, tree.get(menu.topic) ?? tree.root, map.current, {
            onLink: setLinking,
            onPassage: linkPassage,
            onAsk: ask,
          })}
          map={map}
          onClose={() => setMenu(null)}
        />
      )}
      <ExportSheet desk={desk} isOpen={exporting} onOpenChange={onExporting} />
      <OutlineSheet desk={desk} isOpen={outlining} onOpenChange={setOutlining} />
      <ProposalsSheet
        tree={tree}
        isOpen={reviewing}
        onOpenChange={setReviewing}
        onOpen={openSpot}
      />
      <FreshSheet
        desk={desk}
        isOpen={news}
        onOpenChange={setNews}
        onShow={show}
        onAllSeen={allSeen}
      />
      <LeftOutSheet desk={desk} isOpen={leftOut} onOpenChange={setLeftOut} onOpen={openSpot} />
      <SearchSheet
        mapId={desk.id}
        isOpen={searching}
        onOpenChange={setSearching}
        onOpen={openSpot}
      />
      <SourceSheet
        desk={desk}
        source={details}
        onClose={() => setDetails(null)}
        onOpen={openSpot}
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
      <AgainSheet desk={desk} isOpen={comparing} onOpenChange={setComparing} />
      <Sheet title="Distil again" isOpen={again} onOpenChange={setAgain}>
        <Distilling desk={desk} actions={actions} onDistil={() => setAgain(false)} />
      </Sheet>
    </Frame>
  );
});
