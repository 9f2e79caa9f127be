import { memo } from "react";
import styled from "styled-components";
import type { Placed, Topic } from "../api/types";
import { labelInk, pigment, sourceInk, theme } from "../theme/tokens";
import { counted } from "../ui/words";

const FACES = {
  READING: { fontFamily: theme.reading, fontWeight: 400 },
  READING_ITALIC: { fontFamily: theme.reading, fontWeight: 400, fontStyle: "italic" },
  READING_MEDIUM: { fontFamily: theme.reading, fontWeight: 500 },
  READING_SEMIBOLD: { fontFamily: theme.reading, fontWeight: 600 },
  CONTROL: { fontFamily: theme.control, fontWeight: 400 },
  CONTROL_MEDIUM: { fontFamily: theme.control, fontWeight: 500 },
  CONTROL_BOLD: { fontFamily: theme.control, fontWeight: 700 },
} as const;

const Group = styled.g`
  cursor: default;
  text { user-select: none; white-space: pre; }
  .hit { fill: transparent; }
  &:hover .hit { fill: rgb(255 253 247 / 0.75); }
  .toggle { fill: transparent; cursor: pointer; }
  .toggle:hover { fill: rgb(163 48 43 / 0.1); }
`;

type TopicGlyphProps = {
  placed: Placed;
  topic: Topic;
  selected: boolean;
  position: number;
  siblings: number;
};

/** What a screen reader says of a topic. */
function spoken(topic: Topic): string {
  const support =
    topic.passages === 0
      ? "unsupported"
      : `${counted(topic.passages, "passage")} from ${counted(topic.sourceCount, "source")}`;
  const thin = topic.thin && topic.children.length === 0 ? ", thin" : "";
  return `${topic.number} ${topic.label}, ${support}${thin}`.trim();
}

function colour(role: Placed["texts"][number]["role"], branch: number): string {
  switch (role) {
    case "LABEL":
      return labelInk(branch);
    case "NUMBER":
      return pigment(branch);
    case "COUNT":
      return theme.softInk;
    case "WARNING":
      return theme.rubric;
  }
}

/** A topic as the scene places it. */
export const TopicGlyph = memo(function TopicGlyph(props: TopicGlyphProps) {
  const { placed, topic, selected, position, siblings } = props;
  const { box, toggle } = placed;
  return (
    <Group
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
      {placed.brace && (
        <path
          d={placed.brace}
          fill="none"
          stroke={pigment(placed.branch)}
          strokeWidth={placed.level === 0 ? 1.7 : 1.3}
          strokeLinecap="round"
          strokeLinejoin="round"
        />
      )}
      <rect className="hit" x={box.x} y={box.y} width={box.width} height={box.height} rx="4" />
      {selected && (
        <rect
          x={box.x}
          y={box.y}
          width={box.width}
          height={box.height}
          rx="4"
          fill={theme.page}
          stroke={pigment(placed.branch)}
          strokeWidth="1.5"
        />
      )}
      {placed.texts.map((text) => (
        <text
          key={`${text.role}${text.y}`}
          x={text.x}
          y={text.y}
          fill={colour(text.role, placed.branch)}
          fontSize={text.size}
          {...FACES[text.face]}
        >
          {text.text}
        </text>
      ))}
      {placed.marks.map((mark) => (
        <rect
          key={mark.box.x}
          x={mark.box.x}
          y={mark.box.y}
          width={mark.box.width}
          height={mark.box.height}
          fill={sourceInk(mark.ink)}
        />
      ))}
      {toggle.width > 0 && (
        <rect
          className="toggle"
          data-toggle={placed.id}
          x={toggle.x}
          y={toggle.y}
          width={toggle.width}
          height={toggle.height}
          rx="4"
        />
      )}
    </Group>
  );
});
