import {
  type ClipboardEvent,
  type PointerEvent,
  type RefObject,
  useCallback,
  useMemo,
  useRef,
  useState,
  useSyncExternalStore,
} from "react";
import styled from "styled-components";
import type { Topic } from "../api/types";
import { upmost } from "../choice/choice";
import { KnownLegend, KnownMarks } from "../known/KnownMarks";
import { PictureHandles } from "../pictures/PictureHandles";
import { changed } from "../pictures/pictures";
import type { ChosenLink } from "../relations/linkActs";
import { pageOf } from "../theme/mapLooks";
import { theme } from "../theme/tokens";
import { useCut } from "./clipboard";
import type { Editing, MapCommands } from "./commands";
import { MapOfImages } from "./Drawing";
import { DropTarget } from "./DropTarget";
import { childBefore, type Drop, dropAt, framed, type Point, topicAt } from "./drop";
import { FarCounts } from "./FarCounts";
import { FarTopics } from "./FarTopics";
import { FocusBar } from "./FocusBar";
import { Ground } from "./Ground";
import { type Ended, LabelEditor, overLabel } from "./LabelEditor";
import type { Laying } from "./LayoutPanel";
import { Legend } from "./Legend";
import { LinkHandles } from "./LinkHandles";
import { LinkHits } from "./LinkHits";
import { Links } from "./Links";
import { leaveLabel, saveLabel } from "./labelling";
import { mapKeys } from "./mapKeys";
import { Overview } from "./Overview";
import { Pinned } from "./Pinned";
import { Sketch } from "./Sketch";
import { inSight } from "./sight";
import { Toolbar } from "./Toolbar";
import { GuestGlyph, TopicGlyph, topicStyles } from "./TopicGlyph";
import { useAnchor } from "./useAnchor";
import { useCommands, type ViewProps } from "./useCommands";
import { useFocus } from "./useFocus";
import { useOffers } from "./useOffers";
import { useOpening } from "./useOpening";
import { type Tool, usePointers } from "./usePointers";
import { useStanding } from "./useStanding";
import { useViewport } from "./useViewport";
import { WidthHandle } from "./WidthHandle";

const Page = styled.div`
  height: 100%;
  display: flex;
  flex-direction: column;
  min-height: 0;
  background: ${({ theme }) => theme.vellum};
`;

const Frame = styled.div`
  position: relative;
  flex: 1;
  min-height: 0;
  overflow: hidden;
  touch-action: none;
  svg:focus { outline: none; }
  &[data-keys] { outline: 2px solid ${({ theme }) => theme.rubric}; outline-offset: -3px; }
  &[data-tool="draw"], &[data-tool="choose"] { cursor: crosshair; }
  .handle { opacity: 0.7; }
  .handle:hover, .handle:active { opacity: 1; }
  .handle .grip { cursor: grab; }
  .selected.link path { stroke: ${({ theme }) => theme.rubric}; stroke-width: 2.2; }
  svg:focus-visible .selected.last { stroke-dasharray: 5 2; stroke-width: 2.5; }
`;

const Stage = styled.div`
  position: absolute;
  left: 0;
  top: 0;
  transform-origin: 0 0;
  will-change: transform;
  svg { display: block; overflow: visible; }
  ${topicStyles}
`;

const Content = styled.div`
  transform-origin: 0 0;
`;

const Foot = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 12px;
  padding: 2px 12px 6px;
  @media (max-width: 800px) { padding: 0 8px 2px; }
  @media print { display: none; }
`;

type Carried = { topics: readonly Topic[]; x: number; y: number; drop: Drop | null };

/** A line that is drawn out from a topic, or a frame from corner to corner. */
type Drawn = { topic: string | null; from: Point; to: Point };

function idAt(target: EventTarget, name: "topic" | "again" | "toggle" | "link-hit"): string | null {
  return (target as Element).closest(`[data-${name}]`)?.getAttribute(`data-${name}`) ?? null;
}

/** The map page: the scene that the server laid out, and all that is done on it. */
export function MapPage(props: ViewProps & { handle: RefObject<MapCommands | null> }) {
  const { tree, actions, selected, handle, choice, onSelect, onMenu, onPaste, say } = props;
  const { looking, onLooks, onWay, chosenLink, onChosenLink } = props;
  const frame = useRef<HTMLDivElement>(null);
  const stage = useRef<HTMLDivElement>(null);
  const svg = useRef<SVGSVGElement>(null);
  const viewport = useViewport(frame, stage);
  const [editing, setEditing] = useState<Editing>(null);
  const [keys, setKeys] = useState(false);
  const [carried, setCarried] = useState<Carried | null>(null);
  const [drawn, setDrawn] = useState<Drawn | null>(null);
  const [tool, setTool] = useState<Tool>("move");
  const [laying, setLaying] = useState<Laying>(null);
  const { scene } = tree.desk;
  const looks = tree.desk.facts.theme;
  const page = useMemo(() => pageOf(tree.desk), [tree]);
  const topic = tree.get(selected) ?? tree.root;

  const layOut = useCallback(() => setLaying("branch"), []);
  const dress = useCallback(() => onLooks(true), [onLooks]);
  const commands = useCommands(props, {
    pages: viewport,
    prefix: "topic",
    setEditing,
    layOut,
    dress,
  });

  const focused = tree.get(tree.desk.facts.focus);
  const [here, stand] = useStanding(tree, topic.id);
  useAnchor(tree, selected, here, viewport);
  useFocus(tree, topic, actions, viewport);
  useOpening(tree.desk, actions, viewport, tree.placed(here));

  const pressed = useRef<{ link: string | null; toggle: string | null }>(null);
  /** Selects a link, and one of its ends if none is selected yet. */
  const pickLink = (id: string, now: ChosenLink["now"]) => {
    const link = tree.desk.links.find((each) => each.id === id);
    if (link && link.from !== topic.id && link.to !== topic.id) {
      onSelect(link.from);
    }
    onChosenLink({ id, now });
  };

  const focus = () => svg.current?.focus({ preventScroll: true });
  const pointers = usePointers(viewport, tool, {
    onPick: (id, besides) => {
      const { link, toggle } = pressed.current ?? {};
      if (toggle) {
        onSelect(toggle);
        commands.toggle(toggle);
        return;
      }
      if (id && besides) {
        choice.toggle(id);
      } else if (id) {
        onSelect(id);
      } else if (link) {
        pickLink(link, null);
      } else if (!besides) {
        choice.clear();
        onChosenLink(null);
      }
      focus();
    },
    onHold: (id, x, y) => {
      if (!choice.ids.has(id)) {
        onSelect(id);
      }
      focus(); // which gets it back from the menu
      onMenu({ topic: id, x, y });
    },
    onDrag: (id, clientX, clientY) => {
      const topics = choice.ids.has(id) ? upmost(tree, choice.ids) : [tree.get(id) ?? tree.root];
      if (topics.every((each) => each.parent !== null)) {
        const point = viewport.scenePoint(clientX, clientY);
        setCarried({ topics, ...point, drop: dropAt(tree, scene, topics, point.x, point.y) });
      }
    },
    onDrop: (id) => {
      const moved = tree.get(id);
      if (moved && carried?.drop) {
        commands.moveTo(moved, carried.drop.parent, carried.drop.after);
        if (!choice.ids.has(id)) {
          onSelect(id);
        }
      } else if (moved && carried) {
        commands.putBy(moved, carried.x, carried.y);
      }
      setCarried(null);
    },
    onDraw: (id, clientX, clientY) => {
      const placed = tree.placed(id);
      if (placed) {
        const to = viewport.scenePoint(clientX, clientY);
        const x = to.x < placed.x ? placed.x : placed.x + placed.width;
        setDrawn({ topic: id, from: { x, y: placed.y + placed.height / 2 }, to });
      }
    },
    onDrawn: (id) => {
      const topic = tree.get(id);
      const end = drawn && topicAt(scene, drawn.to.x, drawn.to.y);
      if (topic && drawn && !end) {
        commands.addUnder(topic, childBefore(tree, topic, drawn.to));
      } else if (end && (end.again ?? end.id) !== id) {
        commands.link(id, end.again ?? end.id);
      }
      setDrawn(null);
    },
    onFrame: (fromX, fromY, clientX, clientY) =>
      setDrawn({
        topic: null,
        from: viewport.scenePoint(fromX, fromY),
        to: viewport.scenePoint(clientX, clientY),
      }),
    onFramed: () => {
      if (drawn) {
        choice.set(framed(scene, drawn.from, drawn.to));
      }
      setDrawn(null);
      focus();
    },
    onCancel: () => {
      setCarried(null);
      setDrawn(null);
    },
  });

  const press = (event: PointerEvent<HTMLElement>) => {
    const toggle = idAt(event.target, "toggle");
    pressed.current = { link: idAt(event.target, "link-hit"), toggle };
    stand(idAt(event.target, "again"));
    // a brace is no part of its topic: where a drag begins on it the page moves
    pointers.down(event, toggle ? null : idAt(event.target, "topic"));
  };

  const take = (event: ClipboardEvent, cut: boolean) => {
    event.preventDefault();
    event.clipboardData.setData("text/plain", commands.copy(topic, cut));
  };

  const finish = (id: string, label: string, ended: Ended) => {
    setEditing(null);
    const edited = tree.get(id);
    leaveLabel({ tree, actions, onSelect, say }, id, label);
    if (ended === "tab" && label && edited) {
      commands.addChild(edited);
    } else if (ended !== "blur") {
      focus();
    }
  };

  const sight = useSyncExternalStore(viewport.subscribe, viewport.sight);
  const seen = useMemo(
    () => scene.topics.filter((placed) => sight && inSight(sight, placed)),
    [scene, sight],
  );
  const far = sight?.far ?? false;
  const cut = useCut();
  // made once for a state of the map: there may be thousands
  const glyphs = useMemo(() => {
    const near = new Set(seen);
    return scene.topics.map((placed) => {
      const shown = tree.get(placed.again ?? placed.id);
      if (placed.again !== null) {
        return shown && near.has(placed) && !far ? (
          <GuestGlyph
            key={placed.id}
            placed={placed}
            topic={shown}
            here={placed.id === here}
            looks={looks}
          />
        ) : null;
      }
      return (
        shown && (
          <TopicGlyph
            key={placed.id}
            placed={placed}
            topic={shown}
            selected={choice.ids.has(placed.id)}
            last={placed.id === here}
            position={tree.index(shown)}
            siblings={tree.parent(shown)?.children.length ?? 1}
            inSight={near.has(placed)}
            legible={!far}
            cut={cut.size > 0 && tree.path(shown).some((above) => cut.has(above.id))}
            looks={looks}
          />
        )
      );
    });
  }, [scene, tree, here, choice.ids, seen, far, cut, looks]);
  // before it is known which branches are open there is nothing to see but what is being written
  const opened = tree.desk.facts.folded || tree.desk.topics.length === 1 || editing !== null;
  const edited = tree.placed(editing?.topic ?? null);
  const chosenPlaced = topic.pictures.length > 0 ? tree.placed(topic.id) : undefined;
  const offers = useOffers(tree, editing ? tree.get(editing.topic) : undefined);
  return (
    <Page>
      {focused && <FocusBar tree={tree} topic={focused} onFocus={actions.focus} />}
      <Pinned tree={tree} onSelect={onSelect} />
      <Frame
        ref={frame}
        data-keys={keys ? "" : undefined}
        data-tool={tool}
        {...page}
        onPointerDownCapture={pointers.arrive}
        onPointerDown={press}
        onPointerMove={pointers.move}
        onPointerUp={pointers.up}
        onPointerCancel={pointers.cancel}
        onContextMenu={(event) => {
          const id = idAt(event.target, "topic");
          if (id) {
            event.preventDefault();
            if (!choice.ids.has(id)) {
              onSelect(id);
            }
            focus();
            onMenu({ topic: id, x: event.clientX, y: event.clientY });
            return;
          }
          const link = idAt(event.target, "link-hit");
          if (link) {
            event.preventDefault();
            pickLink(link, null);
            onMenu({ topic: topic.id, x: event.clientX, y: event.clientY, link });
          }
        }}
        onDoubleClick={(event) => {
          const id = idAt(event.target, "topic");
          const link = idAt(event.target, "link-hit");
          if (link) {
            pickLink(link, "write");
          } else if (id && !idAt(event.target, "toggle")) {
            commands.edit(id, null);
          } else if (!id && !(event.target as Element).closest("input, li")) {
            const point = viewport.scenePoint(event.clientX, event.clientY);
            commands.addLoose(point);
          }
        }}
      >
        <MapOfImages.Provider value={tree.desk.id}>
          <Stage ref={stage} style={{ visibility: opened ? "visible" : "hidden" }}>
            <Content>
              <svg
                ref={svg}
                role="tree"
                aria-label="Topic map. The question mark shows help."
                aria-multiselectable="true"
                aria-activedescendant={`topic-${here}`}
                tabIndex={0}
                width={1} // what is drawn overflows, so that another size lays nothing out anew
                height={1}
                onFocus={(event) => setKeys(event.currentTarget.matches(":focus-visible"))}
                onBlur={() => setKeys(false)}
                onKeyDown={(event) => {
                  const gone = event.key === "Delete" || event.key === "Backspace";
                  if (chosenLink && (gone || event.key === "Escape")) {
                    event.preventDefault();
                    onChosenLink(null);
                    if (gone) {
                      actions.edit({ type: "Disconnect", link: chosenLink.id });
                    }
                    return;
                  }
                  mapKeys(tree, topic, commands, { here, stand })(event);
                }}
                onCopy={(event) => take(event, false)}
                onCut={(event) => take(event, true)}
                onPaste={(event) => {
                  const text = event.clipboardData.getData("text/plain");
                  if (!text && event.clipboardData.files.length > 0) {
                    return; // pictures, which the desk takes
                  }
                  event.preventDefault();
                  const branches = commands.copied(text);
                  branches
                    ? commands.pasteUnder(topic, branches)
                    : onPaste(text, { parent: topic.id, after: topic.children.at(-1) ?? null });
                }}
              >
                <Ground scene={scene} id="grain" />
                {far && <FarTopics topics={seen} />}
                {far && sight && <FarCounts tree={tree} step={sight.step} />}
                {!far && <LinkHits tree={tree} chosen={choice.ids} over={false} />}
                {glyphs}
                {!far && <KnownMarks map={tree.desk.id} placed={seen} />}
                <Links tree={tree} chosen={choice.ids} selected={chosenLink?.id ?? null} />
                {!far && <LinkHits tree={tree} chosen={choice.ids} over />}
                {!choice.several && !far && (
                  <LinkHandles
                    tree={tree}
                    topic={topic.id}
                    toScene={viewport.scenePoint}
                    onBend={(link, bend) => actions.edit({ type: "Bow", link, bend })}
                    onEnd={(link, from, to) => actions.edit({ type: "Reattach", link, from, to })}
                    onPick={(link) => pickLink(link, null)}
                  />
                )}
                {!choice.several && !far && edited === undefined && (
                  <WidthHandle
                    placed={tree.placed(topic.id)}
                    topic={topic}
                    toScene={viewport.scenePoint}
                    onWidth={(width) => commands.widen(topic, width)}
                  />
                )}
                {chosenPlaced && !far && (
                  <PictureHandles
                    placed={chosenPlaced}
                    topic={topic}
                    toScene={viewport.scenePoint}
                    onSize={(picture, width) => actions.edit(changed(topic, picture, { width }))}
                  />
                )}
                {carried?.drop && <DropTarget drop={carried.drop} />}
                {carried && (
                  <text
                    x={carried.x + 14}
                    y={carried.y - 8}
                    fontFamily={theme.reading}
                    fontSize="15"
                    fill={theme.rubric}
                    pointerEvents="none"
                  >
                    {carried.topics.length > 1
                      ? `${carried.topics.length} topics`
                      : carried.topics[0]?.label}
                  </text>
                )}
                {drawn && <Sketch from={drawn.from} to={drawn.to} frame={drawn.topic === null} />}
              </svg>
              {editing && edited && (
                <LabelEditor
                  key={editing.topic}
                  place={overLabel(edited)}
                  label={tree.get(editing.topic)?.label ?? ""}
                  typed={editing.typed}
                  offers={offers}
                  named={editing.named ?? false}
                  onSave={(label, typed) =>
                    saveLabel({ tree, actions, onSelect, say }, editing.topic, label, typed)
                  }
                  onDone={(label, ended) => finish(editing.topic, label, ended)}
                />
              )}
            </Content>
          </Stage>
        </MapOfImages.Provider>
        <Overview scene={scene} viewport={viewport} />
      </Frame>
      <Foot>
        <Toolbar
          facts={tree.desk.facts}
          levels={tree.levels}
          linked={tree.desk.links.length > 0}
          map={handle}
          sight={viewport}
          tool={tool}
          onTool={setTool}
          looking={looking}
          onWalk={() => onWay("walk")}
          onLooks={() => onLooks(!looking)}
          laying={laying}
          onLaying={setLaying}
          topic={topic}
        />
        <Legend tree={tree} />
        <KnownLegend map={tree.desk.id} />
      </Foot>
    </Page>
  );
}
