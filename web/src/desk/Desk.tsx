import { memo, useCallback, useEffect, useMemo, useRef, useState } from "react";
import { actsOn } from "../acts/acts";
import { TopicMenu } from "../acts/TopicMenu";
import { request } from "../api/client";
import type { Desk as DeskState, Passage, Topic } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import { actsOnSeveral } from "../choice/actsOnSeveral";
import { upmost, useChoice } from "../choice/choice";
import { copyOut } from "../export/copyOut";
import { Arrivals } from "../gather/Arrivals";
import { Gather } from "../gather/Gather";
import { useGather } from "../gather/useGather";
import { LinesPage } from "../lines/LinesPage";
import { PastedBar } from "../lines/PastedBar";
import { usePasting } from "../lines/usePasting";
import { LooksPane } from "../looks/LooksPane";
import type { MapCommands } from "../map/commands";
import { MapPage } from "../map/MapPage";
import { Tree } from "../map/tree";
import type { MapTool, MenuAt } from "../map/useCommands";
import { usePictures } from "../pictures/usePictures";
import type { Spot } from "../reading/spot";
import { CitingMap } from "../references/useReferences";
import { LinkMenu } from "../relations/LinkMenu";
import { type ChosenLink, linkActs } from "../relations/linkActs";
import { Shelf } from "../shelf/Shelf";
import { StudyPage } from "../study/StudyPage";
import type { Study } from "../study/study";
import { TablePage } from "../table/TablePage";
import { TextButton } from "../ui/Button";
import { Progress } from "../ui/Progress";
import { Region } from "../ui/Region";
import { counted } from "../ui/words";
import type { Go, Place } from "../useAddress";
import { DropCover, Frame, GatherArea, Given, Invitation, MapArea, ShelfArea } from "./areas";
import { Notices } from "./Notices";
import { ReadingPage } from "./ReadingPage";
import { type Opened, Sheets, UNASKED } from "./Sheets";
import { useAnnouncer } from "./useAnnouncer";
import { useUndoKeys } from "./useKeptFocus";
import { usePrinting } from "./usePrinting";
import { useTaking } from "./useTaking";
import { useShown, type View, Views } from "./Views";

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
  const { say, announcer } = useAnnouncer();
  const pictures = usePictures(tree, actions, say);
  const map = useRef<MapCommands | null>(null);
  const [menu, setMenu] = useState<MenuAt | null>(null);
  const [shown, setShown] = useShown();
  // an empty map begins with its sources, whatever view one had of another
  const [begun, setBegun] = useState(false);
  const [byHand, setByHand] = useState(false);
  const [study, setStudy] = useState<Study>("events");
  const [opened, setOpened] = useState<Opened | null>(null);
  const [looking, setLooking] = useState(false);
  const [link, setLink] = useState<ChosenLink | null>(null);
  const [grounding, setGrounding] = useState<string | null>(null);
  const [asked, setAsked] = useState<Error | null>(null);
  const [dismissed, setDismissed] = useState<string | null>(null);
  const reading = useRef<HTMLElement>(null);
  const selected = tree.get(place.topic) ?? tree.root;
  const bare = desk.topics.length === 1 && !actions.draft;
  const taking = useTaking({ tree, actions, selected, bare, gathering, pictures, say });
  // a map that begins here begins as a map, whatever view one had of another
  const began = useRef(bare);
  useEffect(() => {
    if (began.current) {
      setShown({ first: "map", beside: null });
    }
  }, [setShown]);
  const { spot } = place;

  const showTopic = useCallback(
    (topic: string) => {
      go({ topic, spot: null });
      setLink(null);
      reading.current?.scrollTo(0, 0);
    },
    [go],
  );
  const choice = useChoice(tree, selected.id, showTopic);
  const { clear } = choice;
  const select = useCallback(
    (topic: string) => {
      clear();
      showTopic(topic);
    },
    [clear, showTopic],
  );
  const openTable = useCallback(
    (text: string, topic: string) => setOpened({ sheet: "tables", topic, text }),
    [],
  );
  const { pasted, paste, dismiss: dismissPasted } = usePasting(desk.id, actions, say, openTable);
  const openSpot = useCallback(
    (to: Spot) => {
      setLooking(false);
      go({ spot: to }, spot !== null);
    },
    [go, spot],
  );
  const closeSpot = useCallback(() => {
    go({ spot: null }, true);
    reading.current?.focus();
  }, [go]);
  const read = useCallback(
    (source: string) => {
      setOpened(null);
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
    const open = tree.closedAbove([topic]);
    if (open.length > 0) {
      actions.fold({ open: topic.closed ? [...open, topic.id] : open });
    }
    select(topic.id);
  };
  // what was found is opened, so that all of it is in sight
  const find = (topics: readonly string[]) => {
    const open = tree.closedAbove(topics.flatMap((id) => tree.get(id) ?? []));
    if (open.length > 0) {
      actions.fold({ open });
    }
    choice.set(topics);
  };
  const allSeen = () => request<void>("POST", `/api/maps/${desk.id}/seen`).then(gathering.refresh);
  // what was asked for here opens by itself; what waited before is told of
  const waited = useRef(desk.facts.again);
  useEffect(() => {
    if (desk.facts.again && !waited.current) {
      setOpened((other) => other ?? { sheet: "compare" });
    }
    waited.current = desk.facts.again;
  }, [desk.facts.again]);
  const details = useCallback((source: string) => setOpened({ sheet: "source", source }), []);
  const leave = useCallback(() => reading.current?.focus(), []);
  const showFind = useCallback(() => setOpened({ sheet: "go" }), []);
  const openTool = useCallback(
    (sheet: MapTool) => {
      if (sheet === "brief") {
        setOpened({ sheet, topics: [] });
      } else if (sheet === "replies") {
        setOpened({ sheet, asked: UNASKED, reply: null });
      } else if (sheet === "ask") {
        setStudy("ask");
        setShown({ first: "study", beside: null });
      } else if (sheet === "look") {
        go({ way: "look", topic: selected.id, spot: null });
      } else {
        setOpened(sheet === "tables" ? { sheet, topic: selected.id, text: "" } : { sheet });
      }
    },
    [go, selected.id, setShown],
  );
  const showAs = useCallback(
    (way: "walk" | "look") => go({ way, topic: selected.id, spot: null }),
    [go, selected.id],
  );
  const linkTo = useCallback(
    (topic: string, to: string | null) => setOpened({ sheet: "link", topic, to }),
    [],
  );
  const showHelp = useCallback(() => setOpened({ sheet: "help" }), []);
  const distilling = desk.jobs.find(
    (job) => job.kind !== "READ" && (job.state === "RUNNING" || job.state === "WAITING"),
  );
  const last = desk.jobs.findLast((job) => job.kind !== "READ");
  const failed = last?.state === "FAILED" && last.id !== dismissed ? last : null;
  const cancel = () =>
    distilling && request<void>("POST", `/api/maps/${desk.id}/jobs/${distilling.id}/cancel`);
  // nothing has begun: the map's own page shows how to
  const empty = bare && !byHand;
  const begin = () => {
    setByHand(true);
    setBegun(true);
    setShown({ first: "map", beside: null });
    // once the map is there
    requestAnimationFrame(() => map.current?.edit(tree.root.id, null));
  };
  // the acts of menus are those of the map if it is in sight, else of the first view
  const handler = shown.beside === "map" ? "map" : shown.first;
  const handleOf = (view: View) => (view === handler ? map : null);
  const page = {
    tree,
    actions,
    selected: selected.id,
    onSelect: select,
    onMenu: setMenu,
    onLeave: leave,
    onKeys: showHelp,
    onFind: showFind,
    choice,
    chosenLink: link,
    onChosenLink: setLink,
    onLink: linkTo,
    onTool: openTool,
    onPaste: paste,
    looking,
    onLooks: setLooking,
    onWay: showAs,
    say,
  };
  const elsewhere = {
    onLink: (topic: string) => linkTo(topic, null),
    onNames: (topic: string) => setOpened({ sheet: "names", topic, reply: null }),
    onPlace: (what: "move" | "merge" | "also", topics: readonly string[]) =>
      setOpened({ sheet: "place", placing: { what, topics } }),
    onAbove: (topics: readonly string[]) =>
      setOpened({ sheet: "new", making: { what: "between", topics } }),
    onCopy: (topic: Topic, cut: boolean) => {
      const text = map.current?.copy(topic, cut);
      if (text !== undefined) {
        // what was copied is kept by the page too, so that a browser that refuses costs nothing
        navigator.clipboard?.writeText(text).catch(() => {});
      }
    },
    onPassage: linkPassage,
    onAsk: ask,
    onCopyAs: (topics: readonly string[], form: "markdown" | "picture") => {
      setAsked(null);
      const as = form === "markdown" ? "Markdown" : "a picture";
      copyOut(desk.id, topics, form).then(() => say(`Copied as ${as}`), setAsked);
    },
    onSortByTime: (topic: Topic) => {
      setAsked(null);
      request<string[]>("GET", `/api/maps/${desk.id}/topics/${topic.id}/times`).then((children) => {
        actions.edit({ type: "Order", topic: topic.id, children });
        say(`What is below ${topic.label} is sorted`);
      }, setAsked);
    },
    onPicture: (topic: string) => setOpened({ sheet: "picture", topic }),
    onBrief: (topics: readonly string[]) => setOpened({ sheet: "brief", topics }),
    onReply: (topics: readonly string[]) =>
      setOpened({
        sheet: "replies",
        asked: { ...UNASKED, about: topics.filter((id) => tree.get(id)?.parent) },
        reply: null,
      }),
  };
  const menuLink = desk.links.find(({ id }) => id === menu?.link);
  const undo = useCallback(() => map.current?.undo(), []);
  const redo = useCallback(() => map.current?.redo(), []);
  useUndoKeys(undo, redo);
  const printed = useRef<HTMLDivElement>(null);
  usePrinting(printed);
  const citing = useMemo(
    () => ({ map: desk.id, revision: desk.facts.revision }),
    [desk.id, desk.facts.revision],
  );
  const { forgetDone } = gathering;
  // biome-ignore lint/correctness/useExhaustiveDependencies: once, when the first topics are there
  useEffect(() => {
    if (!empty) {
      forgetDone();
    }
  }, [empty]);
  const given = !empty && opened?.sheet !== "add" && gathering.sending.length > 0;

  return (
    <CitingMap.Provider value={citing}>
      <Frame {...taking.handlers}>
        {announcer}
        <MapArea ref={printed}>
          <Notices
            waiting={actions.waiting}
            pending={actions.pending}
            problem={actions.problem ?? asked ?? pictures.problem ?? failed}
            onDismiss={() => {
              actions.dismiss();
              setAsked(null);
              pictures.dismiss();
              setDismissed(failed?.id ?? null);
            }}
            again={desk.facts.again}
            onCompare={() => setOpened({ sheet: "compare" })}
            proposals={desk.proposals.length}
            onReview={() => setOpened({ sheet: "proposals" })}
            fresh={fresh.length}
            onNext={() => fresh[0] && show(fresh[0])}
            onFresh={() => setOpened({ sheet: "fresh" })}
            onAllSeen={allSeen}
            distilling={distilling}
            onCancel={cancel}
          />
          {pasted && <PastedBar pasted={pasted} onClose={dismissPasted} />}
          {pictures.sending && (
            <Given>
              <Progress
                label={`Sending ${counted(pictures.sending.count, "picture")}`}
                share={pictures.sending.share}
              />
            </Given>
          )}
          {given && (
            <Given>
              <Arrivals gathering={gathering} onOpen={read} />
            </Given>
          )}
          <Views
            shown={empty && !begun ? { first: "map", beside: null } : shown}
            onShown={(next) => {
              setBegun(true);
              setShown(next);
            }}
            views={{
              map: () =>
                empty ? (
                  <GatherArea key="map">
                    <Gather
                      desk={desk}
                      gathering={gathering}
                      actions={actions}
                      onOpen={read}
                      onOutline={() => setOpened({ sheet: "outline" })}
                      heading={
                        <Invitation>
                          <h1>Begin with your sources</h1>
                          <p>
                            Pergamena distils them into a map of topics, and every topic keeps the
                            passages that bear it out. You can also{" "}
                            <TextButton onPress={begin}>write a map by hand</TextButton> and add
                            sources later.
                          </p>
                        </Invitation>
                      }
                    />
                  </GatherArea>
                ) : (
                  <Region key="map" name="The map">
                    <MapPage {...page} handle={map} />
                  </Region>
                ),
              outline: () => (
                <Region key="outline" name="The outline">
                  <LinesPage {...page} handle={handleOf("outline")} />
                </Region>
              ),
              table: () => (
                <Region key="table" name="The table">
                  <TablePage
                    {...page}
                    handle={handleOf("table")}
                    onTable={(text) => setOpened({ sheet: "tables", topic: selected.id, text })}
                  />
                </Region>
              ),
              study: () => (
                <Region key="study" name="The study room">
                  <StudyPage
                    {...page}
                    handle={handleOf("study")}
                    study={study}
                    onStudy={setStudy}
                    onOpen={openSpot}
                  />
                </Region>
              ),
            }}
          />
        </MapArea>
        {looking ? (
          <LooksPane
            tree={tree}
            topic={selected}
            choice={choice}
            map={map}
            onClose={() => setLooking(false)}
          />
        ) : (
          <ReadingPage
            frame={reading}
            tree={tree}
            choice={choice}
            topic={selected}
            spot={spot}
            link={link}
            grounding={grounding}
            onGrounding={setGrounding}
            actions={actions}
            empty={empty && (!begun || shown.first === "map")}
            onSelect={select}
            onOpen={openSpot}
            onClose={closeSpot}
            onDetails={details}
            onMenu={setMenu}
            onPassage={linkPassage}
            onAsk={ask}
            onOpened={setOpened}
            onGone={leave}
            onPictures={pictures.addFiles}
            say={say}
          />
        )}
        <ShelfArea>
          <Region name="The shelf">
            <Shelf
              desk={desk}
              onOpen={openSpot}
              onAdd={() => setOpened({ sheet: "add" })}
              onAgain={() => setOpened({ sheet: "again" })}
              onOutline={() => setOpened({ sheet: "outline" })}
              onSearch={() => setOpened({ sheet: "search" })}
              onReferences={() => setOpened({ sheet: "references" })}
              onLeftOut={() => setOpened({ sheet: "left out" })}
              onDetails={details}
              onChanged={gathering.refresh}
            />
          </Region>
        </ShelfArea>
        {taking.over && <DropCover>Drop sources anywhere, or pictures on a topic</DropCover>}
        {menu?.link && menuLink && (
          <LinkMenu
            called={`Actions on the link to ${tree.get(menuLink.to)?.label}`}
            acts={linkActs(menuLink, actions, {
              onNote: () => setLink({ id: menuLink.id, now: "note" }),
              onReattach: () =>
                setOpened({
                  sheet: "place",
                  placing: { what: "end", link: menuLink.id, topic: menuLink.from },
                }),
              onGround: desk.sources.some((source) => source.length > 0)
                ? () => {
                    setGrounding(menuLink.id);
                    linkPassage(selected);
                  }
                : null,
            })}
            x={menu.x}
            y={menu.y}
            onClose={() => setMenu(null)}
          />
        )}
        {menu && !menu.link && map.current && tree.get(menu.topic) && (
          <TopicMenu
            topic={tree.get(menu.topic) ?? tree.root}
            at={menu}
            legend={desk.facts.legend}
            onLegend={() => setOpened({ sheet: "legend" })}
            several={choice.several && choice.ids.has(menu.topic) ? choice.ids.size : 0}
            acts={
              choice.several && choice.ids.has(menu.topic)
                ? actsOnSeveral(tree, upmost(tree, choice.ids), map.current, elsewhere)
                : actsOn(tree, tree.get(menu.topic) ?? tree.root, map.current, elsewhere)
            }
            map={map}
            onClose={() => setMenu(null)}
          />
        )}
        <Region name="This sheet">
          <Sheets
            tree={tree}
            selected={selected}
            actions={actions}
            gathering={gathering}
            opened={opened}
            onOpened={setOpened}
            exporting={exporting}
            onExporting={onExporting}
            onSource={openSpot}
            onRead={read}
            onShow={show}
            onSelect={select}
            onChoose={find}
            onOpenMap={(to) => go({ map: to, topic: null, spot: null, way: "work" })}
            onAllSeen={allSeen}
            onPictures={pictures.addFiles}
            say={say}
          />
        </Region>
      </Frame>
    </CitingMap.Provider>
  );
});
