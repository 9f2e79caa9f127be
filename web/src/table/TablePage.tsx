import { useVirtualizer } from "@tanstack/react-virtual";
import {
  type KeyboardEvent,
  type MouseEvent,
  useLayoutEffect,
  useMemo,
  useRef,
  useState,
} from "react";
import styled from "styled-components";
import type { Topic } from "../api/types";
import { range } from "../choice/choice";
import { STILL } from "../map/commands";
import { Toolbar } from "../map/Toolbar";
import { useCommands, type ViewProps } from "../map/useCommands";
import type { Typed } from "../ui/typing";
import { counted } from "../ui/words";
import { Cells, COLUMNS, type ColumnId, changed, type Filters, type Order } from "./columns";
import { Head } from "./Head";
import { type At, TableRow, WIDTHS } from "./TableRow";
import { tableKeys } from "./tableKeys";

const ROW_PX = 34;

const Page = styled.div`
  min-height: 0;
  min-width: 0;
  display: grid;
  grid-template: minmax(0, 1fr) auto / minmax(0, 1fr);
  background: ${({ theme }) => theme.vellum};
`;

const Scroll = styled.div`
  overflow: auto;
  outline: none;
  &:focus-visible { outline: 2px solid ${({ theme }) => theme.rubric}; outline-offset: -3px; }
`;

const Grid = styled.div`
  width: max(100%, ${WIDTHS.least}px);
`;

const Body = styled.div`
  position: relative;
`;

const Foot = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 12px;
  padding: 2px 12px 6px;
  color: ${({ theme }) => theme.softInk};
  font-size: 14px;
  p[role="alert"] { color: ${({ theme }) => theme.rubric}; }
`;

const NO_EDITING = () => {};

/** The map as a table: a row a topic, sorted, filtered and changed in its cells. */
export function TablePage(props: ViewProps & { onTable: (text: string) => void }) {
  const { tree, actions, selected, handle, choice, onSelect, onMenu, onTable, say } = props;
  const scroll = useRef<HTMLDivElement>(null);
  const [filters, setFilters] = useState<Filters>({});
  const [order, setOrder] = useState<Order | null>(null);
  const [column, setColumn] = useState(1);
  const [editing, setEditing] = useState<At | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const cells = useMemo(() => new Cells(tree), [tree]);
  const rows = useMemo(() => cells.rows(filters, order), [cells, filters, order]);
  const at = rows.findIndex((row) => row.id === selected);
  const commands = useCommands(props, {
    pages: STILL,
    prefix: "row",
    setEditing: NO_EDITING,
    layOut: null,
    dress: null,
  });
  const virtual = useVirtualizer({
    count: rows.length,
    getScrollElement: () => scroll.current,
    estimateSize: () => ROW_PX,
    overscan: 12,
    scrollMargin: WIDTHS.head,
    scrollPaddingStart: WIDTHS.head,
  });
  // biome-ignore lint/correctness/useExhaustiveDependencies: whenever another is chosen, or it moves
  useLayoutEffect(() => {
    if (at >= 0) {
      virtual.scrollToIndex(at, { align: "auto" });
    }
  }, [selected, at]);
  const cell = at >= 0 ? `cell-${selected}-${COLUMNS[column]?.id}` : undefined;
  useLayoutEffect(() => {
    document.getElementById(cell ?? "")?.scrollIntoView({ block: "nearest", inline: "nearest" });
  }, [cell]);

  const focus = () => scroll.current?.focus({ preventScroll: true });
  const edit = (topic: Topic, id: ColumnId, typed: string | null) => {
    const edits = COLUMNS.find((each) => each.id === id)?.edits ?? false;
    const hanging = topic.parent !== null || (id !== "number" && id !== "parent");
    if (edits && hanging && !tree.isNew(topic)) {
      setWrong(null);
      setEditing({ topic: topic.id, column: id, typed });
    }
  };
  const keep = (topic: Topic, id: ColumnId, words: string | null) => {
    setEditing(null);
    if (words === null || words.trim() === String(cells.value(topic, id)).trim()) {
      return;
    }
    // what several can share is given to all that are chosen
    const all =
      choice.several && choice.ids.has(topic.id) && id !== "label"
        ? rows.filter((row) => choice.ids.has(row.id))
        : [topic];
    const result = changed(tree, all, id, words);
    if ("wrong" in result) {
      setWrong(result.wrong);
    } else if (result.edits.length > 0) {
      const [only] = result.edits;
      actions.edit(
        only && result.edits.length === 1 ? only : { type: "Several", edits: result.edits },
      );
      say(all.length > 1 ? `${counted(all.length, "topic")} changed` : `${topic.label} changed`);
    }
  };

  const type = (id: ColumnId, words: string, typed: Typed) =>
    editing &&
    actions.edit(
      id === "note"
        ? { type: "Note", topic: editing.topic, note: words }
        : { type: "Rename", topic: editing.topic, label: words },
      typed,
    );

  const press = (event: MouseEvent<HTMLElement>) => {
    const target = event.target as Element;
    const id = target.closest("[data-topic]")?.getAttribute("data-topic");
    const cell = target.closest("[data-column]")?.getAttribute("data-column");
    const topic = tree.get(id ?? null);
    if (!topic || target.closest("input, textarea")) {
      return;
    }
    const index = COLUMNS.findIndex((each) => each.id === cell);
    setColumn(index < 0 ? column : index);
    if (event.shiftKey) {
      choice.set(range(rows, selected, topic.id));
    } else if (event.ctrlKey || event.metaKey) {
      choice.toggle(topic.id);
    } else if (!choice.several || !choice.ids.has(topic.id) || event.detail < 2) {
      if (topic.id !== selected || choice.several) {
        onSelect(topic.id);
      }
    }
    focus();
  };
  const topicAt = (event: MouseEvent<HTMLElement>) =>
    tree.get((event.target as Element).closest("[data-topic]")?.getAttribute("data-topic") ?? null);

  const here = rows[at];
  const keys = tableKeys({
    commands,
    choice,
    rows,
    at,
    page: Math.max(1, Math.floor((scroll.current?.clientHeight ?? 400) / ROW_PX) - 3),
    column,
    setColumn,
    onSelect,
    edit: (typed) => here && edit(here, COLUMNS[column]?.id ?? "label", typed),
  });
  return (
    <Page>
      <Scroll
        ref={scroll}
        role="grid"
        aria-label="Table of topics. The question mark shows help."
        aria-multiselectable="true"
        aria-rowcount={rows.length + 1}
        aria-colcount={COLUMNS.length}
        aria-activedescendant={cell}
        tabIndex={0}
        onClick={press}
        onDoubleClick={(event) => {
          const cell = (event.target as Element).closest("[data-column]");
          const topic = topicAt(event);
          if (topic && cell && !(event.target as Element).closest("input, textarea")) {
            edit(topic, cell.getAttribute("data-column") as ColumnId, null);
          }
        }}
        onContextMenu={(event) => {
          const topic = topicAt(event);
          if (topic) {
            event.preventDefault();
            if (!choice.ids.has(topic.id)) {
              onSelect(topic.id);
            }
            onMenu({ topic: topic.id, x: event.clientX, y: event.clientY });
          }
        }}
        onKeyDown={(event: KeyboardEvent) => {
          if (event.target === event.currentTarget) {
            keys(event);
          }
        }}
        onCopy={(event) => {
          if (!editing && here) {
            event.preventDefault();
            event.clipboardData.setData("text/plain", commands.copy(here, false));
          }
        }}
        onPaste={(event) => {
          const text = event.clipboardData.getData("text/plain");
          const field = (event.target as Element).closest("input, textarea");
          const rows = text.includes("\t") || (editing?.column === "label" && /\n\s*\S/.test(text));
          if (!field || (editing && rows)) {
            event.preventDefault();
            setEditing(null);
            onTable(text);
          }
        }}
      >
        <Grid>
          <Head
            filters={filters}
            order={order}
            onFilter={(id, words) => setFilters((before) => ({ ...before, [id]: words }))}
            onOrder={(id) => setOrder((before) => next(before, id))}
          />
          <Body role="rowgroup" style={{ height: virtual.getTotalSize() }}>
            {virtual.getVirtualItems().map((item) => {
              const topic = rows[item.index];
              return (
                topic && (
                  <TableRow
                    key={topic.id}
                    topic={topic}
                    cells={cells}
                    index={item.index}
                    top={item.start - WIDTHS.head}
                    selected={choice.ids.has(topic.id)}
                    column={topic.id === selected ? column : -1}
                    editing={editing?.topic === topic.id ? editing : null}
                    onType={choice.several ? null : type}
                    onKeep={(id, words) => {
                      keep(topic, id, words);
                      focus();
                    }}
                  />
                )
              );
            })}
          </Body>
        </Grid>
      </Scroll>
      <Foot>
        {handle && (
          <Toolbar
            facts={tree.desk.facts}
            levels={tree.levels}
            linked={tree.desk.links.length > 0}
            map={handle}
          />
        )}
        <p role="status">
          {rows.length === tree.desk.topics.length
            ? counted(rows.length, "topic")
            : `${rows.length} of ${counted(tree.desk.topics.length, "topic")}`}
        </p>
        {wrong && <p role="alert">{wrong}</p>}
      </Foot>
    </Page>
  );
}

/** Up, then down, then as on the map. */
function next(before: Order | null, by: ColumnId): Order | null {
  if (before?.by !== by) {
    return { by, down: by === "passages" || by === "sources" || by === "links" };
  }
  const first = by === "passages" || by === "sources" || by === "links";
  return before.down === first ? { by, down: !first } : null;
}
