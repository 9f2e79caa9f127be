// @vitest-environment jsdom
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { land } from "./land";

let frames: FrameRequestCallback[] = [];

beforeEach(() => {
  frames = [];
  vi.stubGlobal("requestAnimationFrame", (frame: FrameRequestCallback) => frames.push(frame));
  vi.stubGlobal("cancelAnimationFrame", () => {
    frames = [];
  });
});
afterEach(() => vi.unstubAllGlobals());

/** What is sought, which stands where it was scrolled to, moved by so much in each frame after. */
function sought(moves: number[]) {
  let scrolled = 0;
  const element = {
    scrollIntoView: () => scrolled++,
    getBoundingClientRect: () => ({ top: 400 + (moves.shift() ?? 0) }),
  } as unknown as Element;
  return { element, times: () => scrolled };
}

function run(most: number): number {
  let ran = 0;
  while (frames.length > 0 && ran < most) {
    frames.shift()?.(0);
    ran++;
  }
  return ran;
}

describe("what is sought in a source", () => {
  it("is held in the middle until nothing moves any more", () => {
    const { element, times } = sought([0, -900, -300, 40]);
    land(() => element);
    const ran = run(500);
    expect(ran).toBeGreaterThanOrEqual(12);
    expect(ran).toBeLessThan(30);
    expect(times()).toBe(ran + 1);
  });

  it("is let go as soon as a person scrolls", () => {
    const { element, times } = sought([]);
    land(() => element);
    window.dispatchEvent(new Event("wheel"));
    expect(run(500)).toBe(0);
    expect(times()).toBe(1);
  });

  it("is not held for ever where something always moves", () => {
    const { element } = sought(Array.from({ length: 1000 }, (_, i) => i * 20));
    land(() => element);
    expect(run(2000)).toBeLessThan(300);
  });

  it("may come later", () => {
    const { element, times } = sought([]);
    let there: Element | null = null;
    land(() => there);
    run(3);
    there = element;
    run(500);
    expect(times()).toBeGreaterThan(5);
  });
});
