// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { type Tool, usePointers } from "./usePointers";
import type { Viewport } from "./useViewport";

const told: string[] = [];
const viewport = {
  panBy: (dx: number, dy: number) => told.push(`pan ${dx} ${dy}`),
  zoomBy: (factor: number, at?: { x: number; y: number }) =>
    told.push(`zoom ${factor.toFixed(2)} about ${at?.x} ${at?.y}`),
} as unknown as Viewport;

/** A frame with a topic and a handle, which takes its own presses, as those of links do. */
function Frame({ tool }: { tool: Tool }) {
  const pointers = usePointers(viewport, tool, {
    onPick: (topic, besides) => told.push(`pick ${topic}${besides ? " besides" : ""}`),
    onHold: (topic, x, y) => told.push(`hold ${topic} ${x} ${y}`),
    onDrag: (topic, x, y) => told.push(`drag ${topic} ${x} ${y}`),
    onDrop: (topic) => told.push(`drop ${topic}`),
    onDraw: (topic, x, y) => told.push(`draw ${topic} ${x} ${y}`),
    onDrawn: (topic) => told.push(`drawn ${topic}`),
    onFrame: (...at) => told.push(`frame ${at.join(" ")}`),
    onFramed: () => told.push("framed"),
    onCancel: () => told.push("cancel"),
  });
  return (
    <div
      data-testid="ground"
      onPointerDownCapture={pointers.arrive}
      onPointerDown={(event) =>
        pointers.down(event, (event.target as HTMLElement).dataset.topic ?? null)
      }
      onPointerMove={pointers.move}
      onPointerUp={pointers.up}
      onPointerCancel={pointers.cancel}
    >
      <div data-testid="wall" data-topic="wall" />
      <div
        data-testid="handle"
        onPointerDown={(event) => {
          event.stopPropagation();
          told.push("handle taken");
        }}
        onPointerCancel={() => told.push("handle let go")}
      />
    </div>
  );
}

type Finger = { id?: number; x: number; y: number };
type Held = { shiftKey?: boolean; altKey?: boolean; button?: number; pointerType?: string };

function send(kind: "Down" | "Move" | "Up", on: string, finger: Finger, held: Held = {}) {
  const pointerId = finger.id ?? 1;
  fireEvent[`pointer${kind}`](screen.getByTestId(on), {
    pointerId,
    isPrimary: pointerId === 1,
    clientX: finger.x,
    clientY: finger.y,
    button: 0,
    ...held,
  });
}

function drag(on: string, held: Held = {}) {
  send("Down", on, { x: 100, y: 100 }, held);
  send("Move", on, { x: 103, y: 100 });
  send("Move", on, { x: 120, y: 110 });
  send("Up", on, { x: 120, y: 110 });
}

beforeEach(() => {
  told.length = 0;
  vi.useFakeTimers();
  // jsdom has no pointers that are captured
  HTMLElement.prototype.setPointerCapture = () => {};
});
afterEach(() => {
  cleanup();
  vi.useRealTimers();
});

describe("one pointer", () => {
  it("picks what it is pressed on and let go, also if it trembled", () => {
    render(<Frame tool="move" />);
    send("Down", "wall", { x: 100, y: 100 });
    send("Move", "wall", { x: 104, y: 102 });
    send("Up", "wall", { x: 104, y: 102 });
    send("Down", "ground", { x: 5, y: 5 }, { shiftKey: true });
    send("Up", "ground", { x: 5, y: 5 });
    expect(told).toEqual(["pick wall", "pick null besides"]);
  });

  it("carries a topic and moves the page", () => {
    render(<Frame tool="move" />);
    drag("wall");
    drag("ground");
    expect(told).toEqual(["drag wall 120 110", "drop wall", "pan 17 10"]);
  });

  it.each([
    ["draws with the key that draws", "move", { altKey: true }],
    ["draws with the tool that draws", "draw", {}],
  ] as const)("%s", (_, tool, held) => {
    render(<Frame tool={tool} />);
    drag("wall", held);
    expect(told).toEqual(["draw wall 120 110", "drawn wall"]);
  });

  it.each([
    ["with a key", "move", { shiftKey: true }],
    ["with the tool", "choose", {}],
  ] as const)("frames what is to be chosen %s", (_, tool, held) => {
    render(<Frame tool={tool} />);
    drag("ground", held);
    expect(told).toEqual(["frame 100 100 120 110", "framed"]);
  });

  it("does nothing by another button than the first", () => {
    render(<Frame tool="move" />);
    drag("wall", { button: 2 });
    expect(told).toEqual([]);
  });
});

describe("a finger that rests", () => {
  it("is told once, and picks nothing when it is lifted", () => {
    render(<Frame tool="move" />);
    send("Down", "wall", { x: 100, y: 100 }, { pointerType: "touch" });
    vi.advanceTimersByTime(2000);
    send("Up", "wall", { x: 100, y: 100 });
    expect(told).toEqual(["hold wall 100 100"]);
  });

  it("rests no more once it moves, is lifted, or another one comes", () => {
    render(<Frame tool="move" />);
    const touch = { pointerType: "touch" };
    send("Down", "wall", { x: 100, y: 100 }, touch);
    send("Move", "wall", { x: 120, y: 100 }, touch);
    vi.advanceTimersByTime(2000);
    send("Up", "wall", { x: 120, y: 100 }, touch);
    send("Down", "wall", { x: 100, y: 100 }, touch);
    send("Up", "wall", { x: 100, y: 100 }, touch);
    vi.advanceTimersByTime(2000);
    send("Down", "wall", { x: 100, y: 100 }, touch);
    send("Down", "ground", { id: 2, x: 200, y: 100 }, touch);
    vi.advanceTimersByTime(2000);
    expect(told.filter((each) => each.startsWith("hold"))).toEqual([]);
  });
});

describe("two fingers", () => {
  const apart = (on: string, other: string) => {
    send("Down", on, { x: 100, y: 100 });
    send("Down", other, { id: 2, x: 200, y: 100 });
    send("Move", other, { id: 2, x: 300, y: 100 });
    send("Up", on, { x: 100, y: 100 });
    send("Up", other, { id: 2, x: 300, y: 100 });
  };

  it.each([
    ["on the ground", "ground", "ground"],
    ["on a topic and beside it", "wall", "ground"],
    ["on a handle and a topic", "handle", "wall"],
    ["on a topic and a handle", "wall", "handle"],
  ])("zoom about what is between them and pick nothing: %s", (_, first, second) => {
    render(<Frame tool="move" />);
    apart(first, second);
    expect(told.filter((each) => /^(zoom|pan)/.test(each))).toEqual([
      "zoom 2.00 about 200 100",
      "pan 50 0",
    ]);
    expect(told.filter((each) => /^(pick|drag|drop|frame)/.test(each))).toEqual([]);
  });

  it("end what the first one had begun", () => {
    render(<Frame tool="move" />);
    apart("handle", "wall");
    expect(told.slice(0, 2)).toEqual(["handle taken", "handle let go"]);
    told.length = 0;
    send("Down", "wall", { x: 100, y: 100 });
    send("Move", "wall", { x: 130, y: 100 });
    send("Down", "ground", { id: 2, x: 200, y: 100 });
    expect(told).toEqual(["drag wall 130 100", "cancel"]);
  });

  it("are one again after a finger that went to something else", () => {
    render(<Frame tool="move" />);
    send("Down", "wall", { x: 100, y: 100 }); // its end is a menu's
    drag("ground");
    expect(told).toEqual(["pan 17 10"]);
  });
});
