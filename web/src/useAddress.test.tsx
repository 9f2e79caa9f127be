// @vitest-environment jsdom
import { act, renderHook } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { placeAt, useAddress } from "./useAddress";

const MAP = "00000000-0000-0000-0000-000000000001";
const topic = (n: number) => `00000000-0000-0000-0000-00000000001${n}`;
const spot = { source: "00000000-0000-0000-0000-000000000002", start: 3, end: 9 };

let now = 0;

beforeEach(() => {
  now = 10_000;
  vi.spyOn(performance, "now").mockImplementation(() => now);
  window.history.replaceState(null, "", `/maps/${MAP}`);
});
afterEach(() => vi.restoreAllMocks());

function address() {
  const entries = window.history.length;
  const hook = renderHook(() => useAddress());
  return {
    place: () => hook.result.current.place,
    go: (to: Parameters<typeof hook.result.current.go>[0], replace = false) =>
      act(() => hook.result.current.go(to, replace)),
    made: () => window.history.length - entries,
    back: () =>
      act(
        () =>
          new Promise<void>((resolve) => {
            window.addEventListener("popstate", () => resolve(), { once: true });
            window.history.back();
          }),
      ),
  };
}

describe("where one is", () => {
  it("is gone back from one topic at a time", async () => {
    const { place, go, made, back } = address();
    for (const n of [1, 2, 3]) {
      go({ topic: topic(n) });
      now += 2000;
    }
    expect(made()).toBe(3);
    await back();
    expect(place().topic).toBe(topic(2));
    await back();
    expect(place().topic).toBe(topic(1));
    await back();
    expect(place()).toMatchObject({ map: MAP, topic: null });
  });

  it("is not gone back to where one only passed", async () => {
    const { place, go, back } = address();
    for (const n of [1, 2, 3, 4]) {
      go({ topic: topic(n) });
      now += 100;
    }
    await back();
    expect(place().topic).toBeNull();
  });

  it("is the place before when what was opened is closed, and that once", async () => {
    const { place, go, back } = address();
    go({ topic: topic(1) });
    now += 2000;
    go({ spot });
    now += 2000;
    await act(
      () =>
        new Promise<void>((resolve) => {
          window.addEventListener("popstate", () => resolve(), { once: true });
          go({ spot: null }, true);
        }),
    );
    expect(place()).toMatchObject({ topic: topic(1), spot: null });
    await back();
    expect(place().topic).toBeNull();
  });

  it("is told by the path alone", () => {
    expect(placeAt(`/maps/${MAP}/topics/${topic(1)}/sources/${spot.source}/3-9`)).toEqual({
      map: MAP,
      way: "work",
      topic: topic(1),
      spot,
    });
    expect(placeAt("/elsewhere").map).toBeNull();
  });
});
