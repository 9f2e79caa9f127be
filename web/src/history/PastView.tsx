import { useState } from "react";
import styled from "styled-components";
import type { PastMap } from "../api/types";
import { Drawing } from "../map/Drawing";
import { painted } from "../theme/mapLooks";
import { theme } from "../theme/tokens";
import { SignButton } from "../ui/Button";
import { Sign } from "../ui/Sign";

const Frame = styled.div`
  position: relative;
  min-height: 220px;
  overflow: auto;
  background: ${({ theme }) => theme.vellum};
  border: 1px solid ${({ theme }) => theme.rule};
  border-radius: ${({ theme }) => theme.radius};
  g[role="option"] { cursor: pointer; }
  svg:focus-visible { outline: 2px solid ${({ theme }) => theme.rubric}; outline-offset: -3px; }
`;

const Zoom = styled.div`
  position: sticky;
  left: 0;
  top: 0;
  z-index: 1;
  width: max-content;
  background: ${({ theme }) => theme.vellum};
  display: flex;
`;

/** Light enough for the letters of any theme. */
const HIGHLIGHT = `color-mix(in srgb, ${theme.highlight} 55%, transparent)`;

type PastViewProps = {
  past: PastMap;
  /** What it is, as it is told. */
  label: string;
  /** Words beside topics. */
  marks: ReadonlyMap<string, string>;
  /** Topics that are only offered: paler, in a dashed frame. */
  ghosts?: ReadonlySet<string>;
  chosen: string | null;
  onChoose: (topic: string) => void;
};

/** A map that is not the one as it is now, with what is told of its topics. */
export function PastView({ past, label, marks, ghosts, chosen, onChoose }: PastViewProps) {
  const [zoom, setZoom] = useState(0.75);
  const { scene } = past;
  const labels = new Map(past.topics.map((topic) => [topic.id, topic]));
  const step = (by: number) => {
    const at = scene.topics.findIndex((placed) => placed.id === chosen);
    const next = scene.topics[Math.min(scene.topics.length - 1, Math.max(0, at + by))];
    if (next) {
      onChoose(next.id);
    }
  };
  return (
    <Frame {...painted(scene.backdrop.ground)}>
      <Zoom>
        <SignButton aria-label="Zoom out" onPress={() => setZoom((z) => Math.max(0.2, z * 0.8))}>
          <Sign name="minus" />
        </SignButton>
        <SignButton aria-label="Zoom in" onPress={() => setZoom((z) => Math.min(2, z * 1.25))}>
          <Sign name="plus" />
        </SignButton>
      </Zoom>
      <svg
        role="listbox"
        aria-label={label}
        aria-activedescendant={chosen ? `past-${chosen}` : undefined}
        tabIndex={0}
        width={scene.width * zoom + 120}
        height={scene.height * zoom}
        viewBox={`0 0 ${scene.width + 120 / zoom} ${scene.height}`}
        onKeyDown={(event) => {
          const by = event.key === "ArrowDown" ? 1 : event.key === "ArrowUp" ? -1 : 0;
          if (by !== 0) {
            event.preventDefault();
            step(by);
          }
        }}
      >
        {scene.topics.map((placed) => {
          const mark = marks.get(placed.id);
          const topic = labels.get(placed.id);
          const under = topic !== undefined && topic.children.length > 0 && !topic.closed;
          const ghost = ghosts?.has(placed.id) ?? false;
          const { x, y, width, height } = placed;
          const beside = x + width + (topic?.closed ? 30 : 4);
          return (
            <g
              key={placed.id}
              id={`past-${placed.id}`}
              role="option"
              aria-selected={placed.id === chosen}
              aria-label={`${topic?.label ?? ""}${mark ? `, ${mark}` : ""}`}
              onClick={() => onChoose(placed.id)}
            >
              <rect
                x={x}
                y={y}
                width={width}
                height={height}
                rx="4"
                fill={mark ? HIGHLIGHT : "transparent"}
                stroke={placed.id === chosen ? theme.rubric : ghost ? theme.softInk : "none"}
                strokeDasharray={ghost ? "4 3" : undefined}
              />
              <g opacity={ghost ? 0.7 : 1}>
                <Drawing drawn={placed.drawn} x={x} y={y} />
              </g>
              {mark && (
                <text
                  x={under ? x + 2 : beside}
                  y={under ? y + height + 11 : y + height / 2 + 4}
                  fontFamily={theme.reading}
                  fontStyle="italic"
                  fontSize="12"
                  fill={theme.rubric}
                >
                  {mark}
                </text>
              )}
            </g>
          );
        })}
        {scene.links.map((link) => (
          <g key={link.id} pointerEvents="none">
            <Drawing drawn={link.drawn} x={0} y={0} />
          </g>
        ))}
      </svg>
    </Frame>
  );
}
