/** Frames in which nothing has moved, after which what was sought stays where it is. */
const RESTING = 10;

/** Frames after which it is left as it is, whatever still moves. */
const MOST = 240;

const TAKES_OVER = ["wheel", "touchstart", "pointerdown", "keydown"] as const;

/**
 * Brings what is sought to the middle of what scrolls, and holds it there while heights that were only
 * guessed become known; a person who scrolls takes over.
 *
 * @returns ends it
 */
export function land(find: () => Element | null): () => void {
  let frame = 0;
  let rested = 0;
  let before = Number.NaN;
  let left = MOST;
  const end = () => {
    cancelAnimationFrame(frame);
    for (const type of TAKES_OVER) {
      window.removeEventListener(type, end);
    }
  };
  const hold = () => {
    const element = find();
    element?.scrollIntoView({ block: "center" });
    const now = element?.getBoundingClientRect().top ?? Number.NaN;
    rested = Math.abs(now - before) < 1 ? rested + 1 : 0;
    before = now;
    left--;
    if (rested < RESTING && left > 0) {
      frame = requestAnimationFrame(hold);
    } else {
      end();
    }
  };
  for (const type of TAKES_OVER) {
    window.addEventListener(type, end, { passive: true });
  }
  hold();
  return end;
}
