import { memo } from "react";
import { css } from "styled-components";
import type { Placed, Topic } from "../api/types";
import { type MapTheme, pigmentHere } from "../theme/mapLooks";
import { counted } from "../ui/words";
import { Drawing } from "./Drawing";

/** The styles of all topics at once: there may be thousands. */
export const topicStyles = css`
  .topic { cursor: default; }
  .topic text { user-select: none; white-space: pre; }
  .topic .hit { fill: none; pointer-events: all; }
  .topic[data-passage-over] .hit { fill: rgb(163 48 43 / 0.14); }
  .topic:hover .hit { fill: var(--raised); fill-opacity: 0.75; }
  .topic .toggle { fill: none; pointer-events: all; cursor: pointer; }
  @media (forced-colors: active) {
    .topic:hover .hit { fill: Canvas; stroke: CanvasText; }
    text { fill: CanvasText; }
    path { stroke: CanvasText; }
    path.far { stroke: none; fill: CanvasText; }
    .topic .selected { fill: Canvas; stroke: Highlight; }
    .topic rect:not(.hit, .selected, .toggle) { stroke: CanvasText; stroke-width: 1; }
  }
  .topic .by-hand { stroke: var(--soft-ink); }
  .topic .toggle:hover { fill: rgb(163 48 43 / 0.1); }
`;

type TopicGlyphProps = {
  placed: Placed;
  topic: Topic;
  selected: boolean;
  /** Whether it was chosen last, of several. */
  last: boolean;
  position: number;
  siblings: number;
  /**
   * Whether it is in sight; one that is not is only there for those who move to it, and has no shape,
   * as a browser keeps a list of all places that take a pointer.
   */
  inSight: boolean;
  /** Whether its words can be read; from far, all topics are drawn together. */
  legible: boolean;
  /** Whether it was cut, and goes where it is pasted. */
  cut: boolean;
  /** The theme of the map. */
  looks: MapTheme;
};

/** What a screen reader says of a topic. */
export function spoken(topic: Topic): string {
  const shown = topic.pictures.filter((picture) => picture.alt).map(({ alt }) => `, shows ${alt}`);
  return `${topic.number} ${topic.label}, ${support(topic)}${shown.join("")}`.trim();
}

/** What bears a topic out, and how it stands. */
export function support(topic: Topic): string {
  const passages =
    topic.passages === 0
      ? "unsupported"
      : `${counted(topic.passages, "passage")} from ${counted(topic.sourceCount, "source")}`;
  const thin = topic.thin && topic.children.length === 0 ? ", thin" : "";
  const aside = topic.aside ? ", set aside" : "";
  const fresh = topic.fresh ? ", new" : "";
  return `${passages}${thin}${aside}${fresh}`;
}

type GuestProps = { placed: Placed; topic: Topic; here: boolean; looks: MapTheme };

/** A topic that stands elsewhere and is shown again here; choosing it chooses the topic. */
export function GuestGlyph({ placed, topic, here, looks }: GuestProps) {
  const { x, y, width, height } = placed;
  return (
    <g
      className="topic"
      id={`topic-${placed.id}`}
      role="treeitem"
      aria-selected={here}
      aria-level={placed.level + 1}
      aria-label={`${topic.label}, shown here too; its own place is ${topic.number}`}
      data-topic={topic.id}
      data-again={placed.id}
    >
      <rect className="hit" x={x} y={y} width={width} height={height} rx="4" />
      {here && <Chosen placed={placed} looks={looks} />}
      <Drawing drawn={placed.drawn} x={x} y={y} />
    </g>
  );
}

type ChosenProps = { placed: Placed; looks: MapTheme; last?: boolean; legible?: boolean };

/** The frame of what is chosen. */
function Chosen({ placed, looks, last = true, legible = true }: ChosenProps) {
  const { x, y, width, height } = placed;
  return (
    <rect
      className={last ? "selected last" : "selected"}
      x={x}
      y={y}
      width={width}
      height={height}
      rx="4"
      style={{
        fill: legible ? "var(--raised)" : "none",
        stroke: pigmentHere(looks, placed.branch),
      }}
      strokeWidth={last ? 1.5 : 1}
      strokeDasharray={last ? undefined : "3 2"}
    />
  );
}

/** A topic as the scene places it. */
export const TopicGlyph = memo(function TopicGlyph(props: TopicGlyphProps) {
  const { placed, topic, selected, last, position, siblings, inSight, legible, cut } = props;
  const { looks } = props;
  const { toggle, x, y, width, height } = placed;
  return (
    <g
      className="topic"
      opacity={cut ? 0.45 : undefined}
      id={`topic-${placed.id}`}
      role="treeitem"
      aria-level={placed.level + 1}
      aria-posinset={position + 1}
      aria-setsize={siblings}
      aria-selected={selected}
      aria-expanded={topic.children.length > 0 ? !topic.closed : undefined}
      aria-label={spoken(topic)}
      data-topic={placed.id}
    >
      {inSight && <rect className="hit" x={x} y={y} width={width} height={height} rx="4" />}
      {selected && <Chosen placed={placed} looks={looks} last={last} legible={legible} />}
      {inSight && legible && <Drawing drawn={placed.drawn} x={x} y={y} />}
      {inSight && legible && (topic.put || topic.wide !== null) && (
        <path
          className="by-hand"
          d={`M${x - 4} ${y + 6}v-8h8`}
          fill="none"
          strokeWidth="1.5"
          strokeLinecap="round"
        />
      )}
      {inSight && toggle && (
        <rect
          className="toggle"
          data-toggle={placed.id}
          x={x + toggle.x}
          y={y + toggle.y}
          width={toggle.width}
          height={toggle.height}
          rx="4"
        />
      )}
    </g>
  );
});
