import {
  type PointerEvent,
  type RefObject,
  useMemo,
  useRef,
  useState,
  useSyncExternalStore,
} from "react";
import styled from "styled-components";
import { theme } from "../theme/tokens";
import type { Editing, MapCommands } from "./commands";
import { Drawing } from "./Drawing";
import { DropTarget } from "./DropTarget";
import { type Drop, dropAt } from "./drop";
import { FarTopics } from "./FarTopics";
import { type Ended, LabelEditor, overLabel } from "./LabelEditor";
import { Legend } from "./Legend";
import { keepLabel } from "./labelling";
import { mapKeys } from "./mapKeys";
import { inSight } from "./sight";
import { Toolbar } from "./Toolbar";
import { TopicGlyph, topicStyles } from "./TopicGlyph";
import { useAnchor } from "./useAnchor";
import { useCommands, type ViewProps } from "./useCommands";
import { useOffers } from "./useOffers";
import { useOpening } from "./useOpening";
import { usePointers } from "./usePointers";
import { useViewport } from "./useViewport";

const Page = styled.div`
  height: 100%;
  display: grid;
  grid-template-rows: minmax(0, 1fr) auto;
  background: ${({ theme }) => theme.vellum};
  &[data-writing] { background: ${({ theme }) => theme.page}; }
`;

const Frame = styled.div`
  position: relative;
  min-height: 0;
  overflow: hidden;
  touch-action: none;
  svg:focus { outline: none; }
  &[data-keys] { outline: 2px solid ${({ theme }) => theme.rubric}; outline-offset: -3px; }
  svg:focus-visible .selected { stroke-dasharray: 5 2; stroke-width: 2.5; }
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
`;

const Hint = styled.p`
  font-size: 14px;
  color: ${({ theme }) => theme.softInk};
  b { font-weight: 700; color: ${({ theme }) => theme.ink}; }
`;

type Carried = { topic: string; x: number; y: number; drop: Drop | null };

function idAt(target: EventTarget, name: "topic" | "toggle"): string | null {
  return (target as Element).closest(`[data-${name}]`)?.getAttribute(`data-${name}`) ?? null;
}

/** The map page: the scene that the server laid out, and all that is done on it. */
export function MapPage(props: ViewProps & { handle: RefObject<MapCommands | null> }) {
  const { tree, actions, selected, handle, onSelect, onMenu, say } = props;
  const frame = useRef<HTMLDivElement>(null);
  const stage = useRef<HTMLDivElement>(null);
  const svg = useRef<SVGSVGElement>(null);
  const viewport = useViewport(frame, stage);
  const [editing, setEditing] = useState<Editing>(null);
  const [writing, setWriting] = useState(false);
  const [keys, setKeys] = useState(false);
  const [carried, setCarried] = useState<Carried | null>(null);
  const { scene } = tree.desk;
  const topic = tree.get(selected) ?? tree.root;

  const pages = useMemo(() => ({ viewport, frame }), [viewport]);
  const commands = useCommands(props, {
    pages: viewport,
    prefix: "topic",
    setEditing,
    setWriting,
  });

  useAnchor(tree, selected, viewport);
  useOpening(tree.desk, actions, viewport);

  const focus = () => svg.current?.focus({ preventScroll: true });
  const pointers = usePointers(viewport, {
    onPick: (id) => {
      if (id) {
        onSelect(id);
      }
      focus();
    },
    onHold: (id, x, y) => {
      onSelect(id);
      onMenu({ topic: id, x, y });
    },
    onDrag: (id, clientX, clientY) => {
      if (id !== tree.root.id) {
        const point = viewport.scenePoint(clientX, clientY);
        setCarried({ topic: id, ...point, drop: dropAt(tree, scene, id, point.x, point.y) });
      }
    },
    onDrop: (id) => {
      const moved = tree.get(id);
      if (moved && carried?.drop) {
        commands.moveTo(moved, carried.drop.parent, carried.drop.after);
        onSelect(id);
      }
      setCarried(null);
    },
    onCancel: () => setCarried(null),
  });

  const press = (event: PointerEvent<HTMLElement>) => {
    const toggle = idAt(event.target, "toggle");
    if (toggle && event.button === 0) {
      onSelect(toggle);
      commands.toggle(toggle);
      return;
    }
    pointers.down(event, idAt(event.target, "topic"));
  };

  const finish = (id: string, label: string | null, ended: Ended) => {
    setEditing(null);
    const edited = tree.get(id);
    keepLabel({ tree, actions, onSelect, say }, id, label);
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
  // made once for a state of the map: there may be thousands
  const chosen = topic.id;
  const glyphs = useMemo(() => {
    const near = new Set(seen);
    return scene.topics.map((placed) => {
      const shown = tree.get(placed.id);
      return (
        shown && (
          <TopicGlyph
            key={placed.id}
            placed={placed}
            topic={shown}
            selected={placed.id === chosen}
            position={tree.index(shown)}
            siblings={tree.parent(shown)?.children.length ?? 1}
            inSight={near.has(placed)}
            legible={!far}
          />
        )
      );
    });
  }, [scene, tree, chosen, seen, far]);
  const edited = tree.placed(editing?.topic ?? null);
  const offers = useOffers(tree, editing ? tree.get(editing.topic) : undefined);
  return (
    <Page data-writing={writing ? "" : undefined}>
      <Frame
        ref={frame}
        data-keys={keys ? "" : undefined}
        onPointerDown={press}
        onPointerMove={pointers.move}
        onPointerUp={pointers.up}
        onPointerCancel={pointers.cancel}
        onContextMenu={(event) => {
          const id = idAt(event.target, "topic");
          if (id) {
            event.preventDefault();
            onSelect(id);
            onMenu({ topic: id, x: event.clientX, y: event.clientY });
          }
        }}
        onDoubleClick={(event) => {
          const id = idAt(event.target, "topic");
          if (id && !idAt(event.target, "toggle")) {
            commands.edit(id, null);
          }
        }}
      >
        <Stage ref={stage} style={{ visibility: tree.desk.facts.folded ? "visible" : "hidden" }}>
          <Content>
            <svg
              ref={svg}
              role="tree"
              aria-label="Topic map. The question mark shows help."
              aria-activedescendant={`topic-${topic.id}`}
              tabIndex={0}
              width={1} // what is drawn overflows, so that another size lays nothing out anew
              height={1}
              onFocus={(event) => setKeys(event.currentTarget.matches(":focus-visible"))}
              onBlur={() => setKeys(false)}
              onKeyDown={mapKeys(tree, topic, commands, writing)}
            >
              {far && <FarTopics topics={seen} />}
              {glyphs}
              {scene.links.map((link) => (
                <g key={link.id} data-link={link.id} pointerEvents="none">
                  <Drawing drawn={link.drawn} x={0} y={0} />
                </g>
              ))}
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
                  {tree.get(carried.topic)?.label}
                </text>
              )}
            </svg>
            {editing && edited && (
              <LabelEditor
                key={editing.topic}
                place={overLabel(edited)}
                label={tree.get(editing.topic)?.label ?? ""}
                typed={editing.typed}
                offers={offers}
                named={editing.named ?? false}
                onDone={(label, ended) => finish(editing.topic, label, ended)}
              />
            )}
          </Content>
        </Stage>
      </Frame>
      <Foot>
        <Toolbar
          canUndo={tree.desk.facts.canUndo}
          canRedo={tree.desk.facts.canRedo}
          layout={tree.desk.facts.layout}
          levels={tree.levels}
          map={handle}
          sight={pages}
        />
        {writing ? (
          <Hint role="status">
            <b>Writing:</b> Enter adds a topic beside, Tab one under it, Escape ends
          </Hint>
        ) : (
          <Legend tree={tree} />
        )}
      </Foot>
    </Page>
  );
}
