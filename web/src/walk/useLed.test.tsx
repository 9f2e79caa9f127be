// @vitest-environment jsdom
import { act, cleanup, renderHook } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { useLed } from "./useLed";

/** Channels of one window, told at once. */
class Channel {
  static open: Channel[] = [];
  onmessage: ((event: { data: unknown }) => void) | null = null;
  constructor(readonly name: string) {
    Channel.open.push(this);
  }
  postMessage(data: unknown) {
    for (const other of Channel.open) {
      if (other !== this && other.name === this.name) {
        other.onmessage?.({ data });
      }
    }
  }
  close() {
    Channel.open = Channel.open.filter((each) => each !== this);
  }
}

beforeEach(() => {
  Channel.open = [];
  vi.stubGlobal("BroadcastChannel", Channel);
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

function windowOf(map: string, first: string | null) {
  const onStep = vi.fn();
  const hook = renderHook(({ topic }) => useLed(map, topic, onStep), {
    initialProps: { topic: first },
  });
  return { hook, onStep, go: (to: string) => act(() => hook.result.current(to)) };
}

describe("two windows that are led through one map", () => {
  it("go where the other goes", () => {
    const [screen, speaker] = [windowOf("m", "wall"), windowOf("m", "wall")];
    speaker.go("age");
    expect(screen.onStep).toHaveBeenCalledWith("age");
    expect(speaker.onStep).not.toHaveBeenCalled();
    screen.hook.rerender({ topic: "age" });
    speaker.go("age");
    expect(screen.onStep).toHaveBeenCalledTimes(1); // it is there already
  });

  it("are at one step when the second is opened", () => {
    windowOf("m", "age");
    const speaker = windowOf("m", "root");
    expect(speaker.onStep).toHaveBeenCalledWith("age");
  });

  it("have nothing to do with another map, or with a window that was closed", () => {
    const [other, gone] = [windowOf("n", "wall"), windowOf("m", "wall")];
    gone.hook.unmount();
    windowOf("m", "wall").go("age");
    expect(other.onStep).not.toHaveBeenCalled();
    expect(gone.onStep).not.toHaveBeenCalled();
  });
});
