import { useRef, useState } from "react";

/**
 * State that is drawn, and can be read as it was set last before it is drawn: a press, its moves and
 * its end may all come between two pictures of a busy machine.
 */
export function useLive<T>(initial: T): [shown: T, set: (next: T) => void, now: () => T] {
  const [shown, setShown] = useState(initial);
  const last = useRef(initial);
  const set = (next: T) => {
    last.current = next;
    setShown(next);
  };
  return [shown, set, () => last.current];
}
