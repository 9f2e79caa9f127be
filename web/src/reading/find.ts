/** The same number of code units, in lower case and without accents. */
export function folded(words: string): string {
  return words
    .toLowerCase()
    .replace(/[\u00c0-\u024f]/g, (c) => c.normalize("NFD").charAt(0))
    .replace(/[\n\u00a0]/g, " ");
}

/** Where words stand in a folded text, at most a thousand places. */
export function places(text: string, words: string): { start: number; end: number }[] {
  const sought = folded(words.trim());
  const found = [];
  for (let at = sought ? text.indexOf(sought) : -1; at >= 0 && found.length < 1000; ) {
    found.push({ start: at, end: at + sought.length });
    at = text.indexOf(sought, at + sought.length);
  }
  return found;
}
