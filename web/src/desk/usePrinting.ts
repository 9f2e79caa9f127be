import { type RefObject, useEffect } from "react";

/** Between the margins of an upright A4 page, in CSS pixels. */
const PAPER_WIDE = 680;

/** On paper the map is as it is on the screen, as wide as the page has room for it. */
export function usePrinting(map: RefObject<HTMLElement | null>): void {
  useEffect(() => {
    const lay = () => {
      const box = map.current?.getBoundingClientRect();
      if (box && box.width > 0) {
        const root = document.documentElement.style;
        root.setProperty("--map-wide", `${box.width}px`);
        root.setProperty("--map-high", `${box.height}px`);
        root.setProperty("--map-shrunk", String(Math.min(1, PAPER_WIDE / box.width)));
      }
    };
    window.addEventListener("beforeprint", lay);
    return () => window.removeEventListener("beforeprint", lay);
  }, [map]);
}
