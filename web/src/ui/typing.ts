import { useCallback, useEffect, useRef, useState, useSyncExternalStore } from "react";

/** How long after the last key what was typed is saved. */
const REST_MS = 1000;

/** How a text came to be: from what, and within which time at a field. */
export type Typed = { from: string; field: string };

export type SaveTyped = (words: string, typed: Typed) => void;

/** The fields in which something is typed that is not saved yet, by what saves it. */
const waiting = new Set<() => void>();
const listeners = new Set<() => void>();

function tell(): void {
  for (const listener of listeners) {
    listener();
  }
}

/** Saves at once what is typed anywhere. */
export function saveTyped(): void {
  for (const save of [...waiting]) {
    save();
  }
}

/** Saves what is typed when the page is left; called before all that asks whether something is unsent. */
export function saveOnLeaving(): void {
  window.addEventListener("beforeunload", saveTyped);
  window.addEventListener("pagehide", saveTyped);
  document.addEventListener("visibilitychange", () => document.hidden && saveTyped());
}

/** Whether something is typed that is not saved yet. */
export function useUnsaved(): boolean {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => waiting.size > 0,
  );
}

/**
 * Saves what is typed a second after the last key, when the field is left, and when the page is.
 *
 * @param save told what was typed and from what; what it is told in one time at the field is one change
 */
export function useTyping(save: SaveTyped) {
  const saving = useRef(save);
  saving.current = save;
  const state = useRef({ field: "", sent: "", words: "", timer: 0 });

  const now = useCallback(() => {
    const at = state.current;
    window.clearTimeout(at.timer);
    if (waiting.delete(now)) {
      tell();
    }
    if (at.field !== "" && at.words !== at.sent) {
      const from = at.sent;
      at.sent = at.words;
      saving.current(at.words, { from, field: at.field });
    }
  }, []);

  /** Told of every change; the first one tells from what. */
  const typed = useCallback(
    (words: string, from: string) => {
      const at = state.current;
      if (at.field === "") {
        at.field = crypto.randomUUID();
        at.sent = from;
      }
      at.words = words;
      window.clearTimeout(at.timer);
      at.timer = window.setTimeout(now, REST_MS);
      waiting.add(now);
      tell();
    },
    [now],
  );

  /** Saves at once what is not saved yet, as the field is left. */
  const left = useCallback(() => {
    now();
    state.current.field = "";
  }, [now]);

  useEffect(() => left, [left]);
  /** Whether all that was typed is saved, so that what is there may be shown. */
  const rests = useCallback(() => state.current.words === state.current.sent, []);
  return { typed, left, rests };
}

/** The words of a field that are saved while they are typed; what is written elsewhere comes in. */
export function useTypedWords(value: string, save: SaveTyped) {
  const [words, setWords] = useState<string | null>(null);
  const { typed, left, rests } = useTyping(save);
  const seen = useRef(value);
  useEffect(() => {
    if (seen.current !== value) {
      seen.current = value;
      setWords((own) => (own !== null && own !== value && rests() ? null : own));
    }
  }, [value, rests]);
  return {
    words: words ?? value,
    type: (next: string) => {
      typed(next, value);
      setWords(next);
    },
    leave: () => {
      left();
      setWords(null);
    },
  };
}
