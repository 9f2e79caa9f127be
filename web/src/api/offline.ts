/** What the page remembers of the server, to be shown while it is not reached; in this browser alone. */
const STORE = "pergamena-offline";

const path = (key: string) => `/offline/${key}`;

/** Remembers something in place of what was remembered under the key. */
export async function remember(key: string, value: unknown): Promise<void> {
  try {
    const store = await caches.open(STORE);
    await store.put(path(key), new Response(JSON.stringify(value)));
  } catch {
    // a browser without room, or without a store: there is nothing to show offline then
  }
}

/** What was remembered last, or undefined. */
export async function recall<T>(key: string): Promise<T | undefined> {
  try {
    const found = await (await caches.open(STORE)).match(path(key));
    return found ? ((await found.json()) as T) : undefined;
  } catch {
    return undefined;
  }
}

/** Forgets everything, as when the person deletes all that is theirs. */
export async function forget(): Promise<void> {
  await globalThis.caches?.delete(STORE).catch(() => false);
}

const FIRST_MS = 4000;

/** Has a service worker keep the page itself, once the page has come to rest. */
export function keepPage(): void {
  if (import.meta.env.PROD && "serviceWorker" in navigator) {
    window.setTimeout(() => {
      navigator.serviceWorker.register("/sw.js").catch(() => {});
    }, FIRST_MS);
  }
}
