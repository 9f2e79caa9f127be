// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from "@testing-library/react";
import { useRef } from "react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { Scene } from "../api/types";
import { useViewport, type Viewport } from "./useViewport";

const WINDOW = { width: 800, height: 400 };
let resized = () => {};
let viewport: Viewport;

function Frame() {
  const frame = useRef<HTMLDivElement>(null);
  const stage = useRef<HTMLDivElement>(null);
  viewport = useViewport(frame, stage);
  return (
    <div ref={frame} data-testid="frame">
      <div ref={stage} data-testid="stage">
        <div data-testid="content" />
      </div>
    </div>
  );
}

function scene(width: number, height: number): Scene {
  const root = { id: "root", x: 0, y: height / 2 - 20, width: 100, height: 40 };
  return { width, height, topics: [root] } as unknown as Scene;
}

beforeEach(() => {
  vi.useFakeTimers();
  vi.stubGlobal(
    "ResizeObserver",
    class {
      constructor(told: () => void) {
        resized = told;
      }
      observe() {}
      disconnect() {}
    },
  );
  for (const [name, length] of [
    ["clientWidth", "width"],
    ["clientHeight", "height"],
  ] as const) {
    Object.defineProperty(HTMLElement.prototype, name, {
      configurable: true,
      get: () => WINDOW[length],
    });
  }
  Object.assign(WINDOW, { width: 800, height: 400 });
  render(<Frame />);
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
  vi.useRealTimers();
  for (const name of ["clientWidth", "clientHeight"] as const) {
    // what jsdom itself has is further up
    Reflect.deleteProperty(HTMLElement.prototype, name);
  }
});

describe("a map in its window", () => {
  it("is all seen, in the middle, and not much larger than it is", () => {
    viewport.fit(scene(1600, 400));
    expect(viewport.view()).toEqual({ x: 0, y: 100, k: 0.5 });
    viewport.fit(scene(100, 100));
    expect(viewport.zoom()).toBe(1.15);
    expect(viewport.view().x).toBeCloseTo((800 - 115) / 2);
  });

  it("stays fitted while its window changes, until it is moved", () => {
    viewport.fit(scene(800, 400));
    WINDOW.width = 400;
    resized();
    expect(viewport.zoom()).toBe(0.5);
    viewport.panBy(10, 0);
    WINDOW.width = 800;
    resized();
    expect(viewport.zoom()).toBe(0.5);
  });

  it("shows as much as can be read, from its root on", () => {
    viewport.show(scene(900, 450));
    expect(viewport.zoom()).toBeCloseTo(800 / 900);
    viewport.show(scene(4000, 4000));
    const { x, y, k } = viewport.view();
    expect(k).toBe(0.72);
    expect(x).toBe(0); // the root's left edge
    expect(y + 2000 * k).toBeCloseTo(200); // its middle in that of the window
  });

  it("is shown at its own size about the middle", () => {
    viewport.fit(scene(1600, 400));
    viewport.natural();
    expect(viewport.view()).toEqual({ x: -400, y: 0, k: 1 });
  });
});

describe("zooming", () => {
  it("leaves the point that it is about where it is", () => {
    const before = viewport.scenePoint(200, 100);
    viewport.zoomBy(2, { x: 200, y: 100 });
    expect(viewport.scenePoint(200, 100)).toEqual(before);
    expect(viewport.scaled(10)).toBe(20);
  });

  it("has an end on both sides", () => {
    viewport.zoomBy(1000);
    expect(viewport.zoom()).toBe(4);
    const { x, y } = viewport.view();
    viewport.zoomBy(2);
    expect(viewport.view()).toEqual({ x, y, k: 4 });
    viewport.zoomBy(0.00001);
    expect(viewport.zoom()).toBe(0.1);
  });

  it("stretches the picture and draws it anew once it rests", () => {
    const style = (of: string) => screen.getByTestId(of).style.transform;
    viewport.zoomBy(2, { x: 0, y: 0 });
    expect(style("stage")).toBe("translate(0px, 0px) scale(2)");
    vi.advanceTimersByTime(500);
    expect(style("stage")).toBe("translate(0px, 0px) scale(1)");
    expect(style("content")).toBe("scale(2)");
  });

  it("goes by the wheel with a key, and without one the page moves", () => {
    const wheel = (init: object) => fireEvent.wheel(screen.getByTestId("frame"), init);
    wheel({ deltaY: -240, ctrlKey: true });
    expect(viewport.zoom()).toBeCloseTo(Math.E);
    viewport.zoomBy(1 / Math.E, { x: 0, y: 0 });
    const { x, y } = viewport.view();
    wheel({ deltaX: 5, deltaY: 3 });
    expect(viewport.view()).toMatchObject({ x: x - 5, y: y - 3 });
    wheel({ deltaY: 2, deltaMode: 1 }); // in lines
    expect(viewport.view()).toMatchObject({ x: x - 5, y: y - 35 });
    wheel({ deltaY: 30, shiftKey: true });
    expect(viewport.view()).toMatchObject({ x: x - 35, y: y - 35 });
  });
});

describe("a topic that is gone to", () => {
  const box = (x: number, y: number) => ({ x, y, width: 100, height: 40 });

  it("stays where it is if it is in sight", () => {
    viewport.reveal(box(300, 200));
    expect(viewport.view()).toEqual({ x: 0, y: 0, k: 1 });
  });

  it.each([
    ["to the left", box(-200, 200), { x: 224, y: 0 }],
    ["to the right", box(900, 200), { x: -224, y: 0 }],
    ["above", box(300, -50), { x: 0, y: 74 }],
    ["below", box(300, 500), { x: 0, y: -164 }],
  ])("comes as far as it must from %s", (_, at, moved) => {
    viewport.reveal(at);
    expect(viewport.view()).toEqual({ ...moved, k: 1 });
  });

  it("comes out from under what lies over the corner", () => {
    viewport.covered({ width: 200, height: 120 });
    viewport.reveal(box(300, 300));
    expect(viewport.view().y).toBe(0);
    viewport.reveal(box(50, 300));
    expect(viewport.view().y).toBe(-60);
    viewport.covered(null);
    viewport.reveal(box(50, 380));
    expect(viewport.view().y).toBe(-60);
  });

  it("shows its left edge where it is wider than the window", () => {
    viewport.reveal({ x: 500, y: 100, width: 2000, height: 40 });
    expect(viewport.view().x).toBe(24 - 500);
  });

  it("is in the middle, as large as it can be read, where it is attended to", () => {
    viewport.attend(box(1000, 1000));
    expect(viewport.zoom()).toBe(1.05);
    const { x, y, k } = viewport.view();
    expect([x + 1050 * k, y + 1020 * k].map(Math.round)).toEqual([400, 200]);
    viewport.attend({ x: 0, y: 0, width: 5000, height: 40 });
    expect(viewport.zoom()).toBe(0.72);
    expect(viewport.view().x).toBe(24);
    viewport.centre(0, 0);
    expect(viewport.view()).toMatchObject({ x: 400, y: 200 });
  });
});

describe("those who look at the view", () => {
  it("are told when it changes and only then", () => {
    const told = vi.fn();
    const leave = viewport.subscribe(told);
    viewport.panBy(0, 0);
    expect(told).not.toHaveBeenCalled();
    viewport.panBy(4, 0);
    expect(told).toHaveBeenCalledTimes(1);
    leave();
    viewport.panBy(4, 0);
    expect(told).toHaveBeenCalledTimes(1);
  });

  it("know nothing before there is a window", () => {
    expect(viewport.sight()).toBeNull();
    resized();
    expect(viewport.sight()).not.toBeNull();
  });
});
