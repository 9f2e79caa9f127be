/** "1 topic", "2 topics". */
export function counted(count: number, one: string, many = `${one}s`): string {
  return `${count.toLocaleString("en")} ${count === 1 ? one : many}`;
}

/** A share as whole per cent; what is not quite all never reads 100%. */
export function percent(share: number): string {
  const rounded = Math.round(share * 100);
  return `${share < 1 && rounded === 100 ? 99 : share > 0 && rounded === 0 ? 1 : rounded}%`;
}

/** Milliseconds as m:ss or h:mm:ss. */
export function clock(ms: number): string {
  const seconds = Math.floor(ms / 1000);
  const two = (n: number) => String(n).padStart(2, "0");
  const minutes = Math.floor(seconds / 60) % 60;
  return seconds < 3600
    ? `${minutes}:${two(seconds % 60)}`
    : `${Math.floor(seconds / 3600)}:${two(minutes)}:${two(seconds % 60)}`;
}

const NUMBERS = ["No", "One", "Two", "Three", "Four", "Five", "Six", "Seven", "Eight", "Nine"];

/** A count spelt out where it is small, to begin a line. */
export function spelt(count: number): string {
  return NUMBERS[count] ?? String(count);
}
