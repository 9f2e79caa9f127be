import { useState } from "react";

const kept = new Map<string, unknown>();

/** State that is there again when what it belongs to is shown again, until the page is left. */
export function useKeptState<T>(key: string, first: () => T): [T, (next: T) => void] {
  const [shown, setShown] = useState<{ key: string; value: T }>(() => ({
    key,
    value: kept.has(key) ? (kept.get(key) as T) : first(),
  }));
  const value = shown.key === key ? shown.value : kept.has(key) ? (kept.get(key) as T) : first();
  const set = (next: T) => {
    kept.set(key, next);
    setShown({ key, value: next });
  };
  return [value, set];
}

/** Forgets it, so that it begins anew where it is shown next. */
export function forgetState(key: string) {
  kept.delete(key);
}
