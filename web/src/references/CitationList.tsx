import styled from "styled-components";
import type { Citation } from "../api/types";
import { TextButton } from "../ui/Button";
import { Cited } from "./Cited";

const List = styled.ul`
  list-style: none;
  max-height: 50vh;
  overflow: auto;
  border-block: 1px solid ${({ theme }) => theme.rule};
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    gap: 2px 16px;
    padding: 7px 0;
    @media (max-width: 620px) { grid-template-columns: minmax(0, 1fr); }
  }
  li + li { border-top: 1px solid ${({ theme }) => theme.rule}; }
  small { font-size: 14px; color: ${({ theme }) => theme.softInk}; }
  em { font-style: normal; color: ${({ theme }) => theme.rubric}; }
  q { color: ${({ theme }) => theme.softInk}; font-size: 14px; }
`;

const LONG = 90;

type CitationListProps = {
  citations: readonly Citation[];
  /** How many of them stand in notes. */
  notes: number;
  onSelect: (topic: string) => void;
};

/** All citations with where they stand. */
export function CitationList({ citations, notes, onSelect }: CitationListProps) {
  if (citations.length === 0) {
    return <p>Nothing is cited yet. Passages cite themselves; in a note, @ inserts a citation.</p>;
  }
  return (
    <>
      <p>
        {notes} in notes, {citations.length - notes} by passages.
      </p>
      <List aria-label="Citations">
        {citations.map((cited, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: citations have no identity, they stand in order
          <li key={i}>
            <span>
              {cited.unknown.length > 0 ? (
                <em>
                  {cited.written}: there is no work @{cited.unknown.join(", @")}
                </em>
              ) : (
                <Cited words={cited.words} />
              )}
            </span>
            <span>
              <TextButton onPress={() => onSelect(cited.topic)}>
                {cited.number} {cited.label}
              </TextButton>{" "}
              {cited.quote ? (
                <q>{cited.quote.length > LONG ? `${cited.quote.slice(0, LONG)}…` : cited.quote}</q>
              ) : (
                <small>in the note</small>
              )}
            </span>
          </li>
        ))}
      </List>
    </>
  );
}
