import {
  type ChangeEvent,
  type FocusEvent,
  type KeyboardEvent,
  memo,
  useEffect,
  useRef,
} from "react";
import styled from "styled-components";
import type { Topic } from "../api/types";
import { pigment } from "../theme/tokens";
import { type SaveTyped, type Typed, useTyping } from "../ui/typing";
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
const TEXTS: readonly ColumnId[] = ["label", "note"];
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
  /** Saves what is typed in a cell meanwhile; null where it is given to several when it is left. */
  onType: ((column: ColumnId, words: string, typed: Typed) => void) | null;
};

/** A topic as a row of the table. */
export const TableRow = memo(function TableRow(props: TableRowProps) {
  const { topic, cells, index, top, selected, column, editing, onKeep, onType } = props;
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
                value={String(value)}
                typed={editing.typed}
                whole={editing.typed === null}
                long={id === "note"}
                onKeep={(words) => onKeep(id, words)}
                onType={
                  onType && TEXTS.includes(id) ? (words, typed) => onType(id, words, typed) : null
                }
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
  /** The key that opened it, or null. */
  typed: string | null;
  /** Whether all of it is chosen to begin with. */
  whole: boolean;
  /** Whether it may have several lines; Shift and Enter begins one. */
  long: boolean;
  onKeep: (words: string | null) => void;
  /** Saves a text while it is typed; null if it is only taken when the cell is left. */
  onType: SaveTyped | null;
};

function Editor({ label, value, typed, whole, long, onKeep, onType }: EditorProps) {
  const input = useRef<HTMLInputElement & HTMLTextAreaElement>(null);
  const over = useRef(false);
  useEffect(() => {
    input.current?.focus({ preventScroll: true });
    if (whole) {
      input.current?.select();
    }
  }, [whole]);
  const begun = useRef(value);
  const typing = useTyping((words, how) => onType?.(words, how));
  const write = (words: string) => {
    if (onType) {
      typing.typed(long ? words : words.trim() || begun.current, begun.current);
    }
  };
  const done = (words: string) => {
    if (!over.current) {
      over.current = true;
      write(words);
      typing.left();
      onKeep(onType ? null : words);
    }
  };
  const field = {
    ref: input,
    "aria-label": label,
    defaultValue: typed ?? value,
    onChange: (event: ChangeEvent<HTMLInputElement | HTMLTextAreaElement>) =>
      write(event.currentTarget.value),
    onKeyDown: (event: KeyboardEvent<HTMLInputElement | HTMLTextAreaElement>) => {
      event.stopPropagation();
      if ((event.key === "Enter" && !event.shiftKey) || event.key === "Tab") {
        event.preventDefault();
        done(event.currentTarget.value);
      } else if (event.key === "Escape") {
        event.preventDefault();
        over.current ||= onType === null; // half a number or parent moves nothing
        onType ? done(event.currentTarget.value) : onKeep(null);
      }
    },
    onBlur: (event: FocusEvent<HTMLInputElement | HTMLTextAreaElement>) =>
      done(event.currentTarget.value),
  };
  return long ? <textarea rows={4} {...field} /> : <input {...field} />;
}
