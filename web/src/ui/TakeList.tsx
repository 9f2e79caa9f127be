import { Checkbox } from "react-aria-components";
import styled from "styled-components";
import { pigment } from "../theme/tokens";
import { tickBox } from "./Tick";

const List = styled.ul`
  list-style: none;
  max-height: 50vh;
  overflow: auto;
  border-block: 1px solid ${({ theme }) => theme.rule};
  li + li { border-top: 1px solid ${({ theme }) => theme.rule}; }
`;

const Line = styled(Checkbox)`
  display: grid;
  grid-template-columns: 18px 46px minmax(0, 1fr) minmax(0, 1fr);
  gap: 4px 12px;
  padding: 7px 4px;
  align-items: baseline;
  cursor: pointer;
  @media (max-width: 620px) { grid-template-columns: 18px 46px minmax(0, 1fr); i { grid-column: 3; } span { grid-column: 3; } }
  ${tickBox}
  &::before { align-self: center; }
  &[data-focus-visible] { outline: 2px solid ${({ theme }) => theme.rubric}; outline-offset: -2px; }
  b { font: 700 14px/20px ${({ theme }) => theme.control}; }
  i { color: ${({ theme }) => theme.softInk}; }
  span, i { overflow-wrap: anywhere; }
  small { display: block; font-size: 14px; color: ${({ theme }) => theme.rubric}; }
`;

/** What something says, and what it could say instead. */
export type TakeLine = {
  key: string;
  number: string;
  branch: number;
  before: string;
  after: string;
  /** What is wrong with it, if anything is. */
  fault?: string | undefined;
};

type TakeListProps = {
  label: string;
  lines: readonly TakeLine[];
  /** The keys of those that are not taken. */
  left: ReadonlySet<string>;
  onLeft: (left: ReadonlySet<string>) => void;
};

/** Changes that are taken or left one by one. */
export function TakeList({ label, lines, left, onLeft }: TakeListProps) {
  return (
    <List aria-label={label}>
      {lines.map((line) => (
        <li key={line.key}>
          <Line
            isSelected={!left.has(line.key)}
            onChange={(on) => onLeft(toggled(left, line.key, !on))}
          >
            <b style={{ color: pigment(line.branch) }}>{line.number}</b>
            <i>{line.before}</i>
            <span>
              {line.after}
              {line.fault && <small>{line.fault}</small>}
            </span>
          </Line>
        </li>
      ))}
    </List>
  );
}

function toggled(all: ReadonlySet<string>, one: string, within: boolean): ReadonlySet<string> {
  const next = new Set(all);
  if (within) {
    next.add(one);
  } else {
    next.delete(one);
  }
  return next;
}
