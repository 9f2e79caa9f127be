import { useCallback, useEffect, useRef, useState } from "react";
import type { Spot } from "./reading/spot";

/** What the address names: a map, and in it what one looks at. */
export type Place = {
  map: string | null;
  topic: string | null;
  /** The source that is open, at a span of code units. */
  spot: Spot | null;
  /** How the map is shown: to be worked on, step by step, what is told at it, or to be looked at. */
  way: Way;
};

/** How a map is shown. */
export type Way = "work" | "walk" | "speaker" | "look";

const ID = "[0-9a-f-]{36}";
const PATTERN = new RegExp(
  `^/maps/(${ID})(?:/(walk|speaker|look))?(?:/topics/(${ID}))?(?:/sources/(${ID})(?:/(\\d+)-(\\d+))?)?/?$`,
);

/** Reads a place out of a path. */
export function placeAt(path: string): Place {
  const found = PATTERN.exec(path);
  const [, map, way, topic, source, start, end] = found ?? [];
  return {
    map: map ?? null,
    topic: topic ?? null,
    way: (way as Way | undefined) ?? "work",
    spot: source ? { source, start: Number(start ?? 0), end: Number(end ?? 0) } : null,
  };
}

/** The path of a place. */
export function pathOf({ map, topic, spot, way }: Place): string {
  if (!map) {
    return "/";
  }
  const inTopic = topic ? `/topics/${topic}` : "";
  const inSource = spot ? `/sources/${spot.source}/${spot.start}-${spot.end}` : "";
  return `/maps/${map}${way === "work" ? "" : `/${way}`}${inTopic}${inSource}`;
}

/** Places one passes more quickly than this are no places to go back to. */
const PASSED_MS = 500;

/** What the address names, and going elsewhere; the browser's Back goes back. */
export function useAddress() {
  const [place, setPlace] = useState(() => placeAt(window.location.pathname));
  const here = useRef(place);
  const came = useRef(0);

  useEffect(() => {
    const moved = () => {
      here.current = placeAt(window.location.pathname);
      setPlace(here.current);
    };
    window.addEventListener("popstate", moved);
    return () => window.removeEventListener("popstate", moved);
  }, []);

  /** Goes to a place; it takes the place of this one in the browser's history if so wished. */
  const go = useCallback((to: Partial<Place>, replace = false) => {
    const from = here.current;
    const next = { ...from, ...to };
    const path = pathOf(next);
    if (path !== window.location.pathname) {
      const within = next.map === from.map && next.way === from.way && !next.spot === !from.spot;
      const passed = within && from.topic !== null && performance.now() - came.current < PASSED_MS;
      const kept = window.history.state;
      if (replace && kept?.from === path) {
        window.history.back(); // there already, so that one never goes back to where one is
      } else if (replace || passed) {
        window.history.replaceState(kept, "", path);
      } else {
        window.history.pushState({ from: window.location.pathname }, "", path);
      }
      came.current = performance.now();
    }
    here.current = next;
    setPlace(next);
  }, []);

  return { place, go };
}

export type Go = ReturnType<typeof useAddress>["go"];
