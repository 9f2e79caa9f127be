import styled from "styled-components";
import type { OpenSource, Spot } from "../reading/spot";

/** Places in sources under their headings, each of which opens there. */
export const FoundList = styled.div`
  display: grid;
  gap: 14px;
  max-height: 58vh;
  overflow: auto;
  h3 { font: 700 15px/22px ${({ theme }) => theme.control}; }
`;

const Place = styled.button`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 2px 12px;
  width: 100%;
  border: 0;
  background: none;
  padding: 5px 0;
  text-align: left;
  cursor: pointer;
  color: ${({ theme }) => theme.ink};
  font: 400 16px/24px ${({ theme }) => theme.reading};
  &:hover { background: ${({ theme }) => theme.shelf}; }
  small { font: 400 14px/24px ${({ theme }) => theme.control}; color: ${({ theme }) => theme.softInk}; }
  small + small { grid-column: 1 / -1; line-height: 18px; }
  span:has(mark) { color: ${({ theme }) => theme.softInk}; }
  mark { background: ${({ theme }) => theme.highlight}; color: ${({ theme }) => theme.ink}; }
`;

type FoundProps = {
  spot: Spot;
  place: string;
  source?: string | undefined;
  onOpen: OpenSource;
  children: React.ReactNode;
};

/** One place: its words, where it is cited, and the name of its source where that is not told. */
export function Found({ spot, place, source, onOpen, children }: FoundProps) {
  return (
    <Place type="button" onClick={() => onOpen(spot)}>
      <span>{children}</span>
      <small>{place}</small>
      {source && <small>{source}</small>}
    </Place>
  );
}
