import type { Placed } from "../api/types";

/** Where the page stands in its window: a scene point p is drawn at p × k + (x, y). */
export type View = { x: number; y: number; k: number };

/**
 * The part of a scene that is drawn in full: what is in the window and some around it.
 *
 * @param far whether words are too small to be read, so that their places and their number are drawn
 */
export type Sight = {
  left: number;
  top: number;
  right: number;
  bottom: number;
  far: boolean;
  /** The zoom in whole steps, by which what is to be read from far is written. */
  step: number;
};

/** Below this zoom the smallest labels are under four pixels high. */
const FAR = 0.26;

/** How much is drawn around the window, in windows. */
const AROUND = 0.6;

type Size = { width: number; height: number };

/**
 * What is to be drawn for a view: the same as before as long as that holds all that is in the window
 * and is not far more.
 */
export function sightOf(before: Sight | null, view: View, window: Size): Sight {
  const { x, y, k } = view;
  const width = window.width / k;
  const height = window.height / k;
  const left = -x / k;
  const top = -y / k;
  const far = k < FAR;
  const step = 2 ** (Math.round(Math.log2(k) * 3) / 3);
  const enough =
    before &&
    before.far === far &&
    (!far || before.step === step) &&
    before.left <= left &&
    before.top <= top &&
    before.right >= left + width &&
    before.bottom >= top + height &&
    before.bottom - before.top < 5 * height;
  if (enough) {
    return before;
  }
  return {
    left: left - width * AROUND,
    top: top - height * AROUND,
    right: left + width * (1 + AROUND),
    bottom: top + height * (1 + AROUND),
    far,
    step,
  };
}

/** Whether something of a topic is in sight, its lines to its children included. */
export function inSight(sight: Sight, { x, y, reach }: Placed): boolean {
  const left = x + reach.x;
  const top = y + reach.y;
  return (
    left < sight.right &&
    left + reach.width > sight.left &&
    top < sight.bottom &&
    top + reach.height > sight.top
  );
}
