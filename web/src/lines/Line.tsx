import { memo, type ReactNode } from "react";
import { VisuallyHidden } from "react-aria-components";
import styled from "styled-components";
import type { Placed, Topic } from "../api/types";
import { support } from "../map/TopicGlyph";
import { pigment } from "../theme/tokens";
import { counted } from "../ui/words";

const INDENT = 26;

const Row = styled.div`
  display: grid;
  grid-template-columns: 24px minmax(34px, auto) auto minmax(0, 1fr);
  align-items: baseline;
  gap: 0 7px;
  padding: 3px 10px 3px 6px;
  border-radius: ${({ theme }) => theme.radius};
  cursor: default;
  font: 400 16px/24px ${({ theme }) => theme.reading};
  content-visibility: auto;
  contain-intrinsic-size: auto 30px;
  &[aria-level="1"] { font-weight: 600; font-size: 19px; }
  &[aria-level="2"] { font-weight: 500; font-size: 17px; }
  &:hover, &[data-passage-over] { background: ${({ theme }) => theme.page}; }
  &[aria-selected="true"] {
    background: ${({ theme }) => theme.page};
    box-shadow: inset 3px 0 0 ${({ theme }) => theme.softInk};
  }
  &[data-last] { box-shadow: inset 0 0 0 1px ${({ theme }) => theme.ink}; }
  b { font: 700 13px/20px ${({ theme }) => theme.control}; }
  .label { overflow-wrap: anywhere; min-width: 0; }
  small { font: 400 13px/20px ${({ theme }) => theme.control}; color: ${({ theme }) => theme.softInk}; white-space: nowrap; }
  em { font: italic 400 13px/20px ${({ theme }) => theme.reading}; color: ${({ theme }) => theme.rubric}; }
  .toggle { cursor: pointer; font: 400 15px/20px ${({ theme }) => theme.control}; color: ${({ theme }) => theme.softInk}; text-align: center; }
  .toggle:hover { color: ${({ theme }) => theme.ink}; }
`;

const Marks = styled.span`
  display: flex;
  align-items: baseline;
  gap: 8px;
`;

type LineProps = {
  topic: Topic;
  /** The topic on the map, whose tally it has too. */
  placed: Placed | undefined;
  selected: boolean;
  /** Whether it was chosen last, of several. */
  last: boolean;
  position: number;
  siblings: number;
  /** What is shown under it and stands elsewhere. */
  guests: readonly string[];
  /** The field in which the label is edited, if it is. */
  children?: ReactNode;
};

function Tally({ placed }: { placed: Placed }) {
  const { bars } = placed.drawn;
  if (bars.length === 0) {
    return null;
  }
  const left = Math.min(...bars.map((bar) => bar.x));
  const top = Math.min(...bars.map((bar) => bar.y));
  const width = Math.max(...bars.map((bar) => bar.x + bar.width)) - left;
  const height = Math.max(...bars.map((bar) => bar.y + bar.height)) - top;
  return (
    <svg width={width} height={height} aria-hidden="true">
      {bars.map((bar) => (
        <rect
          key={bar.x}
          x={bar.x - left}
          y={bar.y - top}
          width={bar.width}
          height={bar.height}
          fill={bar.fill}
        />
      ))}
    </svg>
  );
}

/** A topic as a line of the outline, with its number and its tally. */
export const Line = memo(function Line(props: LineProps) {
  const { topic, placed, selected, last, position, siblings, guests, children } = props;
  const open = topic.children.length > 0 ? !topic.closed : undefined;
  return (
    <Row
      role="treeitem"
      id={`line-${topic.id}`}
      data-topic={topic.id}
      tabIndex={-1}
      aria-level={topic.level + 1}
      aria-posinset={position + 1}
      aria-setsize={siblings}
      aria-selected={selected}
      data-last={last ? "" : undefined}
      aria-expanded={open}
      style={{ marginLeft: topic.level * INDENT }}
    >
      <span
        className="toggle"
        aria-hidden="true"
        data-toggle={open === undefined ? undefined : topic.id}
      >
        {open === undefined ? "" : open ? "\u2212" : "+"}
      </span>
      <b style={{ color: pigment(topic.branch) }}>{`${topic.number} `}</b>
      {children || (
        <span className="label">
          {topic.label}
          <VisuallyHidden elementType="span">{`, ${support(topic)}`}</VisuallyHidden>
        </span>
      )}
      <Marks aria-hidden="true">
        {placed && <Tally placed={placed} />}
        {topic.thin && topic.children.length === 0 && <em>thin</em>}
        {topic.aside && <small>set aside</small>}
        {topic.loose && <small>loose</small>}
        {guests.length > 0 && <small>also here: {guests.join(", ")}</small>}
        {topic.closed && <small>{counted(topic.children.length, "topic")} below</small>}
      </Marks>
    </Row>
  );
});
