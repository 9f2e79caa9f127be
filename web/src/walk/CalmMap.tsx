import { type KeyboardEvent, useLayoutEffect, useMemo, useRef, useSyncExternalStore } from "react";
import styled from "styled-components";
import type { DeskActions } from "../api/useDesk";
import { Drawing, MapOfImages } from "../map/Drawing";
import { FarTopics } from "../map/FarTopics";
import { Ground } from "../map/Ground";
import { neighbour } from "../map/mapKeys";
import { inSight } from "../map/sight";
import { GuestGlyph, TopicGlyph, topicStyles } from "../map/TopicGlyph";
import type { Tree } from "../map/tree";
import { usePointers } from "../map/usePointers";
import { useStanding } from "../map/useStanding";
import { useViewport } from "../map/useViewport";
import { pageOf } from "../theme/mapLooks";

const Frame = styled.div`
  position: relative;
  min-height: 0;
  overflow: hidden;
  touch-action: none;
  background: ${({ theme }) => theme.vellum};
  svg:focus { outline: none; }
  &:has(svg:focus-visible) { outline: 2px solid ${({ theme }) => theme.rubric}; outline-offset: -3px; }
`;

const Stage = styled.div`
  position: absolute;
  left: 0;
  top: 0;
  transform-origin: 0 0;
  will-change: transform;
  &[data-led] { transition: transform 320ms cubic-bezier(0.2, 0, 0.2, 1); }
  @media (prefers-reduced-motion: reduce) { &[data-led] { transition: none; } }
  svg { display: block; overflow: visible; }
  ${topicStyles}
`;

const Content = styled.div`
  transform-origin: 0 0;
`;

type CalmMapProps = {
  tree: Tree;
  chosen: string;
  /** Whether the page follows the chosen topic, or a person moves it. */
  led: boolean;
  actions: Pick<DeskActions, "fold">;
  onSelect: (topic: string) => void;
};

/** A map to look at: it is moved, zoomed, opened and read, and nothing in it is changed. */
export function CalmMap({ tree, chosen, led, actions, onSelect }: CalmMapProps) {
  const frame = useRef<HTMLDivElement>(null);
  const stage = useRef<HTMLDivElement>(null);
  const viewport = useViewport(frame, stage);
  const { scene, facts } = tree.desk;
  const page = useMemo(() => pageOf(tree.desk), [tree]);
  const [here, stand] = useStanding(tree, chosen);
  const placed = tree.placed(here);
  const fitted = useRef(false);
  useLayoutEffect(() => {
    if (!fitted.current) {
      fitted.current = true;
      viewport.fit(scene);
    }
    if (placed && led) {
      // with what is right below it
      const shown = [
        placed,
        ...(tree.get(chosen)?.children ?? []).flatMap((id) => tree.placed(id) ?? []),
      ];
      const x = Math.min(...shown.map((each) => each.x));
      const y = Math.min(...shown.map((each) => each.y));
      const right = Math.max(...shown.map((each) => each.x + each.width));
      const bottom = Math.max(...shown.map((each) => each.y + each.height));
      viewport.attend({ x, y, width: right - x, height: bottom - y });
    } else if (placed) {
      viewport.reveal(placed);
    }
  }, [placed, led, scene, viewport, tree, chosen]);
  const toggle = (id: string) =>
    actions.fold(tree.get(id)?.closed ? { open: [id] } : { close: [id] });
  const nothing = () => {};
  const pressed = useRef(nothing);
  // a topic cannot be dragged: where one is pressed the page moves
  const pointers = usePointers(viewport, "move", {
    onPick: () => pressed.current(),
    onHold: nothing,
    onDrag: nothing,
    onDrop: nothing,
    onDraw: nothing,
    onDrawn: nothing,
    onFrame: nothing,
    onFramed: nothing,
    onCancel: nothing,
  });
  const sight = useSyncExternalStore(viewport.subscribe, viewport.sight);
  const seen = scene.topics.filter((each) => sight && inSight(sight, each));
  const far = sight?.far ?? false;
  const near = new Set(seen);
  const keys = (event: KeyboardEvent) => {
    const next = neighbour(tree, here, event.key);
    if (next) {
      event.preventDefault();
      onSelect(next.again ?? next.id);
      stand(next.id);
    } else if (event.key === " ") {
      event.preventDefault();
      toggle(chosen);
    } else if (event.key === "+" || event.key === "-") {
      viewport.zoomBy(event.key === "+" ? 1.25 : 0.8);
    } else if (event.key === "0") {
      viewport.fit(scene);
    }
  };
  return (
    <Frame
      ref={frame}
      {...page}
      onPointerDownCapture={pointers.arrive}
      onPointerDown={(event) => {
        const at = event.target as Element;
        const branch = at.closest("[data-toggle]")?.getAttribute("data-toggle");
        const topic = at.closest("[data-topic]")?.getAttribute("data-topic");
        pressed.current = branch ? () => toggle(branch) : topic ? () => onSelect(topic) : nothing;
        pointers.down(event, null);
      }}
      onPointerMove={pointers.move}
      onPointerUp={pointers.up}
      onPointerCancel={pointers.cancel}
    >
      <MapOfImages.Provider value={tree.desk.id}>
        <Stage ref={stage} data-led={led ? "" : undefined}>
          <Content>
            <svg
              role="tree"
              aria-label="Topic map"
              aria-activedescendant={`topic-${here}`}
              tabIndex={led ? -1 : 0}
              width={1}
              height={1}
              onKeyDown={led ? undefined : keys}
            >
              <Ground scene={scene} id="calm-grain" />
              {far && <FarTopics topics={seen} />}
              {scene.topics.map((each) => {
                const topic = tree.get(each.again ?? each.id);
                if (!topic || (each.again !== null && (far || !near.has(each)))) {
                  return null;
                }
                return each.again !== null ? (
                  <GuestGlyph
                    key={each.id}
                    placed={each}
                    topic={topic}
                    here={each.id === here}
                    looks={facts.theme}
                  />
                ) : (
                  <TopicGlyph
                    key={each.id}
                    placed={each}
                    topic={topic}
                    selected={each.id === chosen}
                    last={each.id === here}
                    position={tree.index(topic)}
                    siblings={tree.parent(topic)?.children.length ?? 1}
                    inSight={near.has(each)}
                    legible={!far}
                    cut={false}
                    looks={facts.theme}
                  />
                );
              })}
              {scene.links.map((link) => (
                <g key={link.id} pointerEvents="none">
                  <Drawing drawn={link.drawn} x={0} y={0} />
                </g>
              ))}
            </svg>
          </Content>
        </Stage>
      </MapOfImages.Provider>
    </Frame>
  );
}
