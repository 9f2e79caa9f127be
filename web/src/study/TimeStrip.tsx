import { type KeyboardEvent, type PointerEvent, useEffect, useRef, useState } from "react";
import styled from "styled-components";
import type { HappenedEvent, Source } from "../api/types";
import { sourceInk, theme } from "../theme/tokens";
import { TextButton } from "../ui/Button";
import { Row } from "../ui/Field";
import { Tipped } from "../ui/Tipped";
import { bars, moved, type Stretch, ticks, whole, zoomed } from "./events";

const LANES = 5;
const LANE_PX = 13;
const TOP_PX = 8;
const HIGH = TOP_PX + LANES * LANE_PX + 26;

const Frame = styled.div`
  background: ${({ theme }) => theme.page};
  border: 1px solid ${({ theme }) => theme.rule};
  border-radius: ${({ theme }) => theme.radius};
  overflow: hidden;
  touch-action: pan-y;
  cursor: grab;
  &:active { cursor: grabbing; }
  &:focus-visible { outline: 2px solid ${({ theme }) => theme.rubric}; outline-offset: 1px; }
  svg { display: block; user-select: none; }
  .mark { cursor: pointer; }
`;

const Counted = styled.span`
  color: ${({ theme }) => theme.softInk};
  font-size: 14px;
`;

type TimeStripProps = {
  events: readonly HappenedEvent[];
  sources: readonly Source[];
  /** Whether it is a line of dates, or one of years after an event. */
  dated: boolean;
  counted: string;
  shown: Stretch | null;
  onShown: (shown: Stretch | null) => void;
  chosen: string | null;
  onChoose: (key: string) => void;
};

/** Events along a line of time, from years to minutes, each in the ink of its source. */
export function TimeStrip(props: TimeStripProps) {
  const { events, sources, dated, counted, shown, onShown, chosen, onChoose } = props;
  const frame = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(600);
  const drag = useRef<{ x: number; from: Stretch; far: boolean } | null>(null);
  useEffect(() => {
    const element = frame.current;
    if (!element) {
      return;
    }
    const watch = new ResizeObserver(() => setWidth(Math.max(120, element.clientWidth)));
    watch.observe(element);
    return () => watch.disconnect();
  }, []);
  const all = whole(events, dated);
  const at = shown ?? all;
  if (!all || !at) {
    return null;
  }
  const zoom = (by: number, where = 0.5) => {
    const next = zoomed(at, by, where);
    onShown(next[0] <= all[0] && next[1] >= all[1] ? null : next);
  };
  const keys = (event: KeyboardEvent) => {
    const does = new Map([
      ["+", () => zoom(0.5)],
      ["=", () => zoom(0.5)],
      ["-", () => zoom(2)],
      ["0", () => onShown(null)],
      ["ArrowLeft", () => onShown(moved(at, -0.2))],
      ["ArrowRight", () => onShown(moved(at, 0.2))],
    ]).get(event.key);
    if (does) {
      event.preventDefault();
      does();
    }
  };
  const move = (event: PointerEvent) => {
    const from = drag.current;
    if (from && Math.abs(event.clientX - from.x) > 4) {
      from.far = true;
      onShown(moved(from.from, (from.x - event.clientX) / width));
    }
  };
  const ink = (source: string) => sourceInk(sources.find((each) => each.id === source)?.ink ?? 0);
  const marks = ticks(at, width, dated);
  const drawn = bars(events, at, width, dated, LANES);
  const line = TOP_PX + LANES * LANE_PX + 2;
  return (
    <div>
      <Frame
        ref={frame}
        role="group"
        tabIndex={0}
        aria-label="Line of time. Plus and minus zoom, the arrows move, 0 shows all."
        onKeyDown={keys}
        onPointerDown={(event) => {
          drag.current = { x: event.clientX, from: at, far: false };
          event.currentTarget.setPointerCapture(event.pointerId);
        }}
        onPointerMove={move}
        onPointerUp={(event) => {
          const own = document.elementFromPoint(event.clientX, event.clientY);
          const key = own?.getAttribute("data-event");
          if (key && drag.current && !drag.current.far) {
            onChoose(key);
          }
          drag.current = null;
        }}
        onPointerCancel={() => {
          drag.current = null;
        }}
        onWheel={(event) => {
          if (event.ctrlKey || event.metaKey) {
            const box = event.currentTarget.getBoundingClientRect();
            zoom(event.deltaY > 0 ? 1.25 : 0.8, (event.clientX - box.left) / box.width);
          }
        }}
      >
        <svg width={width} height={HIGH} aria-hidden="true">
          <line x1={0} x2={width} y1={line} y2={line} stroke={theme.rule} />
          {marks.map((tick) => (
            <g key={tick.at}>
              <line x1={tick.at} x2={tick.at} y1={4} y2={line + 5} stroke={theme.rule} />
              <text
                x={tick.at + 4}
                y={line + 17}
                fontFamily={theme.control}
                fontSize="13"
                fill={theme.softInk}
              >
                {tick.words}
              </text>
            </g>
          ))}
          {drawn.map(({ event, x, width: long, lane }) => {
            const inks = [...new Set(event.passages.map((passage) => ink(passage.source)))];
            const y = TOP_PX + (LANES - 1 - lane) * LANE_PX;
            const high = 9 / Math.max(1, inks.length);
            return (
              <g key={event.key} className="mark" opacity={event.off ? 0.3 : 1}>
                <title>{`${event.date || event.shown}: ${event.label}`}</title>
                {(inks.length > 0 ? inks : [theme.softInk]).map((each, i) => (
                  <rect
                    key={each}
                    data-event={event.key}
                    x={x}
                    y={y + i * high}
                    width={long}
                    height={high}
                    fill={each}
                  />
                ))}
                {event.key === chosen && (
                  <rect
                    x={x - 2.5}
                    y={y - 2.5}
                    width={long + 5}
                    height={14}
                    fill="none"
                    stroke={theme.rubric}
                    strokeWidth="1.5"
                    pointerEvents="none"
                  />
                )}
              </g>
            );
          })}
        </svg>
      </Frame>
      <Row>
        <Tipped label="Farther" sign="minus" onPress={() => zoom(2)} />
        <Tipped label="Nearer" sign="plus" onPress={() => zoom(0.5)} />
        {shown && <TextButton onPress={() => onShown(null)}>Show all of the line</TextButton>}
        <Counted>
          {dated ? "" : `Years after the ${counted}. `}
          {drawn.length === events.length ? "" : `${drawn.length} of ${events.length} in sight.`}
        </Counted>
      </Row>
    </div>
  );
}
