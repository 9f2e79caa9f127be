import type { MouseEvent } from "react";
import styled from "styled-components";
import type { Source } from "../api/types";
import type { OpenSource } from "../reading/spot";
import { ASIDE, pigment } from "../theme/tokens";
import { percent } from "../ui/words";

const Bar = styled.div`
  position: relative;
  height: 11px;
  background: ${({ theme }) => theme.gap};
  cursor: pointer;
  overflow: visible;
`;

const Stretch = styled.span`
  position: absolute;
  top: 0;
  bottom: 0;
  overflow: hidden;
  padding-left: 3px;
  font: 700 10px/11px ${({ theme }) => theme.control};
  color: ${({ theme }) => theme.page};
  box-shadow: inset -1px 0 ${({ theme }) => theme.shelf};
  forced-color-adjust: none;
`;

/** A stretch of less than this share has no room for its number. */
const SMALLEST_NUMBERED = 0.035;

const Gap = styled.button`
  position: absolute;
  top: -4px;
  bottom: -4px;
  min-width: 6px;
  padding: 0;
  border: 0;
  background: none;
  cursor: pointer;
  &:hover { box-shadow: inset 0 0 0 1px ${({ theme }) => theme.rubric}; }
`;

const Excluded = styled(Stretch)`
  background: repeating-linear-gradient(
    -45deg,
    ${({ theme }) => theme.shelf} 0 3px,
    ${({ theme }) => theme.gap} 3px 5px
  );
`;

const NOWHERE = -3;
const EXCLUDED = -4;
const SMALLEST_GAP = 0.004;

type RibbonProps = {
  source: Source;
  /** The numbers of the main branches by their colours. */
  numbers: ReadonlyMap<number, string>;
  onOpen: OpenSource;
};

/** A source from end to end, coloured by main branch; a gap is not on the map. */
export function Ribbon({ source, numbers, onOpen }: RibbonProps) {
  const share = (offset: number) => `${(100 * offset) / source.length}%`;
  const place = (from: number, to: number) => ({ left: share(from), width: share(to - from) });
  const open = (at: number) => onOpen({ source: source.id, start: at, end: at });
  const click = (event: MouseEvent<HTMLDivElement>) => {
    const bounds = event.currentTarget.getBoundingClientRect();
    open(Math.floor(((event.clientX - bounds.left) / bounds.width) * source.length));
  };
  return (
    <Bar onClick={click}>
      {source.ribbon
        .filter((stretch) => stretch.branch > NOWHERE)
        .map((stretch) => (
          <Stretch
            key={stretch.start}
            style={{
              ...place(stretch.start, stretch.end),
              background: pigment(stretch.branch),
              opacity: stretch.branch === ASIDE ? 0.35 : 1,
            }}
          >
            {(stretch.end - stretch.start) / source.length > SMALLEST_NUMBERED &&
              numbers.get(stretch.branch)}
          </Stretch>
        ))}
      {source.ribbon
        .filter((stretch) => stretch.branch === EXCLUDED)
        .map((stretch) => (
          <Excluded
            key={stretch.start}
            title="Left out of distilling by you"
            style={place(stretch.start, stretch.end)}
          />
        ))}
      {source.ribbon
        .filter((s) => s.branch === NOWHERE && (s.end - s.start) / source.length > SMALLEST_GAP)
        .map((gap) => (
          <Gap
            key={gap.start}
            type="button"
            style={place(gap.start, gap.end)}
            title="Not on the map: read it"
            aria-label={`Not on the map: ${percent((gap.end - gap.start) / source.length)} of ${source.name}, from ${percent(gap.start / source.length)}`}
            onClick={(event) => {
              event.stopPropagation();
              onOpen({ source: source.id, start: gap.start, end: gap.end });
            }}
          />
        ))}
    </Bar>
  );
}
