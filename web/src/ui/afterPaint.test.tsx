// @vitest-environment jsdom
import { act, cleanup, render, screen } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { afterPaint } from "./afterPaint";

const drawn: string[] = [];
const Word = afterPaint(function Word({ word }: { word: string }) {
  drawn.push(word);
  return <p>{word}</p>;
});

function frame() {
  act(() => {
    vi.advanceTimersToNextFrame();
    vi.advanceTimersByTime(1);
  });
}

describe("a part that follows a frame later", () => {
  beforeEach(() => {
    vi.useFakeTimers();
    drawn.length = 0;
  });
  afterEach(() => {
    cleanup();
    vi.useRealTimers();
  });

  it("shows at once what it begins with", () => {
    render(<Word word="mud" />);
    expect(screen.getByText("mud")).toBeTruthy();
  });

  it("keeps what it shows until a frame was drawn", () => {
    const { rerender } = render(<Word word="mud" />);
    rerender(<Word word="silt" />);
    expect(screen.getByText("mud")).toBeTruthy();
    frame();
    expect(screen.getByText("silt")).toBeTruthy();
  });

  it("is drawn once for all that came meanwhile, and then rests", () => {
    const { rerender } = render(<Word word="mud" />);
    rerender(<Word word="silt" />);
    rerender(<Word word="sand" />);
    frame();
    frame();
    expect(drawn).toEqual(["mud", "sand"]);
    expect(vi.getTimerCount()).toBe(0);
  });

  it("does nothing any more once it is gone", () => {
    const { rerender, unmount } = render(<Word word="mud" />);
    rerender(<Word word="silt" />);
    unmount();
    frame();
    expect(drawn).toEqual(["mud"]);
  });
});
