import { scaleLinear, scaleUtc } from "d3-scale";
import type { HappenedEvent } from "../api/types";

const DAY_MS = 86_400_000;

/** A stretch of the line of time, in days since 1970 or in years after an event. */
export type Stretch = readonly [from: number, to: number];

/** Where an event lies on a line; null if it does not. */
export function stretch(event: HappenedEvent, dated: boolean): Stretch | null {
  if (dated) {
    return event.from === null || event.to === null ? null : [event.from, event.to];
  }
  return event.from === null && event.after !== null ? [event.after, event.after] : null;
}

/** The stretch that all of some events take, with a little room around. */
export function whole(events: readonly HappenedEvent[], dated: boolean): Stretch | null {
  const all = events.flatMap((event) => stretch(event, dated) ?? []);
  if (all.length === 0) {
    return null;
  }
  const from = Math.min(...all);
  const to = Math.max(...all);
  const room = Math.max((to - from) * 0.04, dated ? 1 / 24 : 0.4);
  return [from - room, to + room];
}

/** A stretch nearer (below 1) or farther around a point of it, at 0 to 1. */
export function zoomed([from, to]: Stretch, by: number, at: number): Stretch {
  const middle = from + (to - from) * at;
  const least = 10 / 1440;
  const width = Math.min(Math.max((to - from) * by, least), 4_000_000);
  return [middle - width * at, middle + width * (1 - at)];
}

/** The same moved by a part of its width. */
export function moved([from, to]: Stretch, part: number): Stretch {
  const by = (to - from) * part;
  return [from + by, to + by];
}

export type Tick = { at: number; words: string };

/** Marks along a line so wide: dates, or years after an event. */
export function ticks([from, to]: Stretch, width: number, dated: boolean): Tick[] {
  const most = Math.max(2, Math.floor(width / 90));
  if (!dated) {
    const scale = scaleLinear([from, to], [0, width]);
    return scale
      .ticks(Math.min(most, 12))
      .flatMap((year) =>
        Number.isInteger(year) ? [{ at: scale(year), words: year === 0 ? "0" : `${year} y` }] : [],
      );
  }
  const scale = scaleUtc([new Date(from * DAY_MS), new Date(to * DAY_MS)], [0, width]);
  const format = scale.tickFormat(most);
  return scale.ticks(most).map((date) => ({ at: scale(date), words: said(date, format(date)) }));
}

/** A year before year 1 as one says it. */
function said(date: Date, words: string): string {
  const year = date.getUTCFullYear();
  return year <= 0 && /^-?\d+$/.test(words) ? `${1 - year} BC` : words;
}

export type Bar = { event: HappenedEvent; x: number; width: number; lane: number };

const LEAST_PX = 5;

/** Where each event is drawn: as long as its time, in the first lane that is free. */
export function bars(
  events: readonly HappenedEvent[],
  [from, to]: Stretch,
  width: number,
  dated: boolean,
  lanes: number,
): Bar[] {
  const ends: number[] = Array(lanes).fill(Number.NEGATIVE_INFINITY);
  return events.flatMap((event) => {
    const its = stretch(event, dated);
    if (!its || its[1] < from || its[0] > to) {
      return [];
    }
    const x = ((its[0] - from) / (to - from)) * width;
    const long = Math.max(((its[1] - its[0]) / (to - from)) * width, LEAST_PX);
    const free = ends.findIndex((end) => end <= x);
    const lane = free < 0 ? lanes - 1 : free;
    ends[lane] = x + long + 2;
    return [{ event, x, width: long, lane }];
  });
}

/** What stands over a run of events in the list. */
export function headed(event: HappenedEvent): string {
  if (event.from === null) {
    return "";
  }
  const year = new Date(event.from * DAY_MS).getUTCFullYear();
  return year > 0 ? String(year) : `${1 - year} BC`;
}
