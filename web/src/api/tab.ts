const KEY = "pergamena.tab";

/**
 * The name of this tab, held for as long as it is open. It outlasts a reload; a tab that was made by
 * copying another gets a name of its own.
 */
export async function claimTab(): Promise<string> {
  const known = sessionStorage.getItem(KEY);
  if (known && (await held(known))) {
    return known;
  }
  const name = crypto.randomUUID();
  sessionStorage.setItem(KEY, name);
  await held(name);
  return name;
}

/** Whether nobody else has a name; it is held from now on then. */
function held(name: string): Promise<boolean> {
  return new Promise((resolve) => {
    if (!navigator.locks) {
      resolve(false);
      return;
    }
    navigator.locks.request(`pergamena.${name}`, { ifAvailable: true }, (lock) => {
      resolve(lock !== null);
      return lock ? new Promise<void>(() => {}) : undefined; // not let go while the tab is open
    });
  });
}

const AGAIN_MS = 3000;

/**
 * Tells of each tab that has left something behind and is gone, now and whenever one goes; a page that
 * is left holds its name a moment longer than it is seen. Where it cannot be told which are gone, all
 * are told of, once. Gives back what ends it.
 */
export function watchGone(left: () => string[], tell: (name: string) => void): () => void {
  const look = () => {
    for (const name of left()) {
      ifGone(name, () => tell(name));
    }
  };
  look();
  if (!navigator.locks) {
    return () => {};
  }
  const timer = setInterval(look, AGAIN_MS);
  return () => clearInterval(timer);
}

/** Does something if the tab of a name is gone, or if that cannot be told. */
export async function ifGone(name: string, act: () => void): Promise<void> {
  if (!navigator.locks) {
    act();
    return;
  }
  await navigator.locks.request(`pergamena.${name}`, { ifAvailable: true }, async (lock) => {
    if (lock) {
      act();
    }
  });
}
