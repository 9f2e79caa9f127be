import { type FocusEvent, type KeyboardEvent, memo, useEffect, useRef } from "react";
import styled from "styled-components";
import type { Topic } from "../api/types";
import { pigment } from "../theme/tokens";
import { type Cells, COLUMNS, type ColumnId } from "./columns";

/** How wide the columns are, the least that all take together, and how high their names stand. */
export const WIDTHS = {
  columns: COLUMNS.map((column) => column.width).join(" "),
  least: 880,
  head: 62,
};

/** A cell that is changed; typed is the first key, or null to begin with what is there. */
export type At = { topic: string; column: ColumnId; typed: string | null };

const Row = styled.div`
  position: absolute;
  left: 0;
  top: 0;
  width: 100%;
  height: 34px;
  display: grid;
  grid-template-columns: ${WIDTHS.columns};
  border-bottom: 1px solid ${({ theme }) => theme.rule};
  font: 400 15px/22px ${({ theme }) => theme.reading};
  cursor: default;
  &:hover, &[data-passage-over] { background: ${({ theme }) => theme.page}; }
  &[aria-selected="true"] { background: ${({ theme }) => theme.page}; box-shadow: inset 3px 0 0 ${({ theme }) => theme.softInk}; }
  b { font: 700 13px/22px ${({ theme }) => theme.control}; }
`;

const Cell = styled.div`
  min-width: 0;
  scroll-margin-top: ${WIDTHS.head}px;
  padding: 6px 8px;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  &[data-figure] { text-align: right; font-family: ${({ theme }) => theme.control}; }
  &[data-here] { box-shadow: inset 0 0 0 1.5px ${({ theme }) => theme.ink}; border-radius: 2px; }
  &[data-soft] { color: ${({ theme }) => theme.softInk}; }
  &[data-editing] { padding: 0; overflow: visible; }
  textarea { position: relative; z-index: 2; min-width: 260px; resize: vertical; }
  input { height: 33px; }
  input, textarea {
    width: 100%;
    padding: 5px 7px;
    border: 0;
    font: inherit;
    color: ${({ theme }) => theme.ink};
    background: ${({ theme }) => theme.page};
    outline: 2px solid ${({ theme }) => theme.rubric};
    outline-offset: -2px;
  }
`;

const FIGURES: readonly ColumnId[] = ["passages", "sources", "links"];
const SOFT: readonly ColumnId[] = ["parent", "note"];

type TableRowProps = {
  topic: Topic;
  cells: Cells;
  index: number;
  top: number;
  selected: boolean;
  /** The column one is at in this row, or -1. */
  column: number;
  editing: At | null;
  onKeep: (column: ColumnId, words: string | null) => void;
};

/** A topic as a row of the table. */
export const TableRow = memo(function TableRow(props: TableRowProps) {
  const { topic, cells, index, top, selected, column, editing, onKeep } = props;
  return (
    <Row
      role="row"
      id={`row-${topic.id}`}
      data-topic={topic.id}
      aria-rowindex={index + 2}
      aria-selected={selected}
      style={{ transform: `translateY(${top}px)` }}
    >
      {COLUMNS.map(({ id, title }, i) => {
        const value = cells.value(topic, id);
        const here = i === column;
        return (
          <Cell
            key={id}
            role="gridcell"
            id={`cell-${topic.id}-${id}`}
            data-column={id}
            data-here={here ? "" : undefined}
            data-figure={FIGURES.includes(id) ? "" : undefined}
            data-soft={SOFT.includes(id) ? "" : undefined}
            data-editing={editing?.column === id ? "" : undefined}
            aria-colindex={i + 1}
            title={String(value)}
          >
            {editing?.column === id ? (
              <Editor
                label={`${title} of ${topic.label}`}
                value={editing.typed ?? String(value)}
                whole={editing.typed === null}
                long={id === "note"}
                onKeep={(words) => onKeep(id, words)}
              />
            ) : id === "number" ? (
              <b style={{ color: pigment(topic.branch) }}>{value}</b>
            ) : (
              firstLine(value)
            )}
          </Cell>
        );
      })}
    </Row>
  );
});

function firstLine(value: string | number): string | number {
  return typeof value === "string" ? (value.split("\n", 1)[0] ?? "") : value;
}

type EditorProps = {
  label: string;
  value: string;
  /** Whether all of it is chosen to begin with. */
  whole: boolean;
  /** Whether it may have several lines; Shift and Enter begins one. */
  long: boolean;
  onKeep: (words: string | null) => void;
};

function Editor({ label, value, whole, long, onKeep }: EditorProps) {
  const input = useRef<HTMLInputElement & HTMLTextAreaElement>(null);
  const over = useRef(false);
  useEffect(() => {
    input.current?.focus({ preventScroll: true });
    if (whole) {
      input.current?.select();
    }
  }, [whole]);
  const done = (words: string | null) => {
    if (!over.current) {
      over.current = true;
      onKeep(words);
    }
  };
  const field = {
    ref: input,
    "aria-label": label,
    defaultValue: value,
    onKeyDown: (event: KeyboardEvent<HTMLInputElement | HTMLTextAreaElement>) => {
      event.stopPropagation();
      if ((event.key === "Enter" && !event.shiftKey) || event.key === "Tab") {
        event.preventDefault();
        done(event.currentTarget.value);
      } else if (event.key === "Escape") {
        done(null);
      }
    },
    onBlur: (event: FocusEvent<HTMLInputElement | HTMLTextAreaElement>) =>
      done(event.currentTarget.value),
  };
  return long ? <textarea rows={4} {...field} /> : <input {...field} />;
}
