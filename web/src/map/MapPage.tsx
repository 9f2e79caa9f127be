import { type PointerEvent, useMemo, useRef, useState } from "react";
import styled from "styled-components";
import type { DeskActions } from "../api/useDesk";
import { theme } from "../theme/tokens";
import { type Editing, mapCommands } from "./commands";
import { DropTarget } from "./DropTarget";
import { type Drop, dropAt } from "./drop";
import { LabelEditor } from "./LabelEditor";
import { mapKeys } from "./mapKeys";
import { Toolbar } from "./Toolbar";
import { TopicGlyph } from "./TopicGlyph";
import type { Tree } from "./tree";
import { useAnchor } from "./useAnchor";
import { useOpening } from "./useOpening";
import { usePointers } from "./usePointers";
import { useViewport } from "./useViewport";

const Frame = styled.div`
  position: relative;
  height: 100%;
  overflow: hidden;
  background: ${({ theme }) => theme.vellum};
  touch-action: none;
`;

const Stage = styled.div`
  position: absolute;
  left: 0;
  top: 0;
  transform-origin: 0 0;
  will-change: transform;
  svg { display: block; overflow: visible; outline: none; }
`;

type MapPageProps = {
  tree: Tree;
  actions: DeskActions;
  selected: string;
  onSelect: (topic: string) => void;
  onLeave: () => void;
  onKeys: () => void;
};

type Carried = { topic: string; x: number; y: number; drop: Drop | null };

function idAt(target: EventTarget, name: "topic" | "toggle"): string | null {
  return (target as Element).closest(`[data-${name}]`)?.getAttribute(`data-${name}`) ?? null;
}

/** The map page: the scene that the server laid out, and all that is done on it. */
export function MapPage({ tree, actions, selected, onSelect, onLeave, onKeys }: MapPageProps) {
  const frame = useRef<HTMLDivElement>(null);
  const stage = useRef<HTMLDivElement>(null);
  const svg = useRef<SVGSVGElement>(null);
  const viewport = useViewport(frame, stage);
  const [editing, setEditing] = useState<Editing>(null);
  const [carried, setCarried] = useState<Carried | null>(null);
  const { scene } = tree.desk;
  const topic = tree.get(selected) ?? tree.root;

  const commands = useMemo(
    () =>
      mapCommands({
        tree,
        actions,
        viewport,
        select: onSelect,
        setEditing,
        leave: onLeave,
        showKeys: onKeys,
      }),
    [tree, actions, viewport, onSelect, onLeave, onKeys],
  );

  useAnchor(scene, selected, viewport);
  useOpening(tree.desk, actions, viewport);

  const focus = () => svg.current?.focus({ preventScroll: true });
  const pointers = usePointers(viewport, {
    onPick: (id) => {
      if (id) {
        onSelect(id);
      }
      focus();
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
        commands.moveTo(moved, carried.drop.parent, carried.drop.index);
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

  const finish = (id: string, label: string | null) => {
    setEditing(null);
    if (label && label !== tree.get(id)?.label) {
      actions.edit.mutate({ type: "Rename", topic: id, label });
    }
    focus();
  };

  const edited = scene.topics.find((placed) => placed.id === editing?.topic);
  return (
    <Frame
      ref={frame}
      onPointerDown={press}
      onPointerMove={pointers.move}
      onPointerUp={pointers.up}
      onPointerCancel={pointers.cancel}
      onDoubleClick={(event) => {
        const id = idAt(event.target, "topic");
        if (id && !idAt(event.target, "toggle")) {
          setEditing({ topic: id, typed: null });
        }
      }}
    >
      <Stage ref={stage} style={{ visibility: tree.desk.folded ? "visible" : "hidden" }}>
        <svg
          ref={svg}
          role="tree"
          aria-label="Topic map. Escape leaves it; the question mark shows all keys."
          aria-activedescendant={`topic-${topic.id}`}
          tabIndex={0}
          width={scene.width}
          height={scene.height}
          onKeyDown={mapKeys(tree, topic, commands)}
        >
          {scene.topics.map((placed) => {
            const shown = tree.get(placed.id);
            return (
              shown && (
                <TopicGlyph
                  key={placed.id}
                  placed={placed}
                  topic={shown}
                  selected={placed.id === topic.id}
                  position={tree.index(shown)}
                  siblings={tree.parent(shown)?.children.length ?? 1}
                />
              )
            );
          })}
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
            placed={edited}
            label={tree.get(editing.topic)?.label ?? ""}
            typed={editing.typed}
            onDone={(label) => finish(editing.topic, label)}
          />
        )}
      </Stage>
      <Toolbar tree={tree} commands={commands} zoom={viewport.zoom} frame={frame} />
    </Frame>
  );
}
