import styled from "styled-components";
import { COLUMNS, type ColumnId, type Filters, type Order } from "./columns";
import { WIDTHS } from "./TableRow";

const Both = styled.div`
  position: sticky;
  top: 0;
  z-index: 1;
  height: ${WIDTHS.head}px;
  background: ${({ theme }) => theme.shelf};
  border-bottom: 1px solid ${({ theme }) => theme.rule};
`;

const Row = styled.div`
  display: grid;
  grid-template-columns: ${WIDTHS.columns};
  padding-bottom: 5px;
`;

const Column = styled.div`
  min-width: 0;
  padding: 4px 4px 0;
  button {
    width: 100%;
    border: 0;
    background: none;
    padding: 2px 4px;
    text-align: left;
    cursor: pointer;
    font: 500 14px/20px ${({ theme }) => theme.control};
    color: ${({ theme }) => theme.ink};
  }
  input {
    width: 100%;
    min-width: 0;
    padding: 2px 5px;
    font: 400 14px/20px ${({ theme }) => theme.control};
    color: ${({ theme }) => theme.ink};
    background: ${({ theme }) => theme.page};
    border: 1px solid ${({ theme }) => theme.rule};
    border-radius: 3px;
  }
`;

type HeadProps = {
  filters: Filters;
  order: Order | null;
  onFilter: (column: ColumnId, words: string) => void;
  onOrder: (column: ColumnId) => void;
};

/** The names of the columns, by which rows are sorted, and what rows must have to be shown. */
export function Head({ filters, order, onFilter, onOrder }: HeadProps) {
  return (
    <Both role="rowgroup">
      <Row role="row" aria-rowindex={1}>
        {COLUMNS.map(({ id, title }) => {
          const sorted = order?.by === id;
          return (
            <Column
              key={id}
              role="columnheader"
              aria-sort={sorted ? (order.down ? "descending" : "ascending") : "none"}
            >
              <button type="button" onClick={() => onOrder(id)}>
                {title}
                {sorted && <span aria-hidden="true">{order.down ? " ↓" : " ↑"}</span>}
              </button>
              <input
                aria-label={`Only rows whose ${title} has`}
                placeholder="filter"
                value={filters[id] ?? ""}
                onChange={(event) => onFilter(id, event.target.value)}
                onKeyDown={(event) => event.stopPropagation()}
              />
            </Column>
          );
        })}
      </Row>
    </Both>
  );
}
