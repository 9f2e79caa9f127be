import { type KeyboardEvent, type MouseEvent, useRef, useState } from "react";
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

const Piece = styled.button`
  position: absolute;
  top: 0;
  bottom: 0;
  overflow: hidden;
  padding: 0 0 0 3px;
  border: 0;
  text-align: left;
  font: 700 10px/11px ${({ theme }) => theme.control};
  color: ${({ theme }) => theme.page};
  background: none;
  box-shadow: inset -1px 0 ${({ theme }) => theme.shelf};
  forced-color-adjust: none;
  cursor: pointer;
  &[data-of="gap"] {
    top: -4px;
    bottom: -4px;
    min-width: 6px;
    box-shadow: none;
    z-index: 1;
  }
  &[data-of="gap"]:hover { box-shadow: inset 0 0 0 1px ${({ theme }) => theme.rubric}; }
  &[data-of="excluded"] {
    background: repeating-linear-gradient(
      -45deg,
      ${({ theme }) => theme.shelf} 0 3px,
      ${({ theme }) => theme.gap} 3px 5px
    );
  }
  &:focus-visible {
    outline: 2px solid ${({ theme }) => theme.rubric};
    outline-offset: 2px;
    z-index: 2;
  }
`;

/** A stretch of less than this share has no room for its number. */
const SMALLEST_NUMBERED = 0.035;

const NOWHERE = -3;
const EXCLUDED = -4;
const SMALLEST_GAP = 0.004;

const TIPS: Record<number, string> = {
  [NOWHERE]: "Not on the map: read it",
  [EXCLUDED]: "Left out of distilling by you",
};

type Stretch = Source["ribbon"][number];

type RibbonProps = {
  source: Pick<Source, "id" | "name" | "length" | "ribbon">;
  /** The numbers of the main branches by their colours. */
  numbers: ReadonlyMap<number, string>;
  onOpen: OpenSource;
};

/**
 * A source from end to end, coloured by main branch; a gap is not on the map. It is one stop of the
 * Tab key, the arrow keys lead from stretch to stretch.
 */
export function Ribbon({ source, numbers, onOpen }: RibbonProps) {
  const bar = useRef<HTMLDivElement>(null);
  const [chosen, setChosen] = useState(0);
  const share = (offset: number) => offset / source.length;
  const stretches = source.ribbon.filter(
    (s) => s.branch !== NOWHERE || share(s.end - s.start) > SMALLEST_GAP,
  );
  const current = Math.min(chosen, stretches.length - 1);
  const open = (start: number, end: number) => onOpen({ source: source.id, start, end });
  const press = (event: MouseEvent, stretch: Stretch) => {
    const bounds = bar.current?.getBoundingClientRect();
    if (stretch.branch === NOWHERE) {
      open(stretch.start, stretch.end);
    } else if (event.detail === 0 || !bounds) {
      open(stretch.start, stretch.start); // pressed by key
    } else {
      const at = Math.floor(((event.clientX - bounds.left) / bounds.width) * source.length);
      open(at, at);
    }
  };
  const keyed = (event: KeyboardEvent) => {
    const steps = { ArrowLeft: current - 1, ArrowRight: current + 1, Home: 0, End: 1e9 };
    const to = steps[event.key as keyof typeof steps];
    if (to !== undefined) {
      event.preventDefault();
      const next = Math.max(0, Math.min(stretches.length - 1, to));
      setChosen(next);
      bar.current?.querySelectorAll("button")[next]?.focus();
    }
  };
  const label = (stretch: Stretch) => {
    const what =
      stretch.branch === NOWHERE
        ? "Not on the map"
        : stretch.branch === EXCLUDED
          ? "Left out of distilling by you"
          : stretch.branch === ASIDE
            ? "On a topic that is set aside"
            : `On branch ${numbers.get(stretch.branch) ?? "of the root"}`;
    const long = percent(share(stretch.end - stretch.start));
    return `${what}: ${long} of ${source.name}, from ${percent(share(stretch.start))}`;
  };
  return (
    <Bar ref={bar} role="toolbar" aria-label={`Stretches of ${source.name}`} onKeyDown={keyed}>
      {stretches.map((stretch, i) => {
        const { start, end, branch } = stretch;
        const place = { left: `${100 * share(start)}%`, width: `${100 * share(end - start)}%` };
        return (
          <Piece
            key={start}
            type="button"
            tabIndex={i === current ? 0 : -1}
            data-of={branch === NOWHERE ? "gap" : branch === EXCLUDED ? "excluded" : "branch"}
            title={TIPS[branch]}
            aria-label={label(stretch)}
            style={
              branch > NOWHERE
                ? {
                    ...place,
                    background: pigment(branch),
                    opacity: branch === ASIDE ? 0.35 : 1,
                  }
                : place
            }
            onFocus={() => setChosen(i)}
            onClick={(event) => press(event, stretch)}
          >
            {branch > NOWHERE && share(end - start) > SMALLEST_NUMBERED && numbers.get(branch)}
          </Piece>
        );
      })}
    </Bar>
  );
}
