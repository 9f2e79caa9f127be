// @vitest-environment jsdom
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { claimTab, ifGone, watchGone } from "./tab";

/** Locks that are held until their tab is closed. */
let heldBy: Map<string, string>;

/** Has this be the tab of a name, with what the browser keeps for it. */
function inTab(tab: string, kept: string | null) {
  sessionStorage.clear();
  if (kept) {
    sessionStorage.setItem("pergamena.tab", kept);
  }
  vi.stubGlobal("navigator", {
    locks: {
      request: async (name: string, _: object, work: (lock: object | null) => unknown) => {
        if (heldBy.has(name)) {
          return work(null);
        }
        const lasting = work({ name });
        // a lock that is let go at once was only asked for
        const held = await Promise.race([
          lasting,
          new Promise((rest) => setTimeout(() => rest("held"), 5)),
        ]);
        if (held === "held") {
          heldBy.set(name, tab);
        }
        return held;
      },
    },
  });
}

const settled = () => new Promise((rest) => setTimeout(rest, 20));
const close = (tab: string) => {
  for (const [name, by] of heldBy) {
    if (by === tab) {
      heldBy.delete(name);
    }
  }
};

beforeEach(() => {
  heldBy = new Map();
});
afterEach(() => vi.unstubAllGlobals());

describe("the name of a tab", () => {
  it("is the same after a reload, and another for a copy of the tab", async () => {
    inTab("one", null);
    const name = await claimTab();
    await settled();
    close("one");
    inTab("one", name);
    expect(await claimTab()).toBe(name);
    await settled();
    inTab("copy", name);
    const other = await claimTab();
    expect(other).not.toBe(name);
    expect(sessionStorage.getItem("pergamena.tab")).toBe(other);
  });

  it("is gone with its tab and not before", async () => {
    inTab("one", null);
    const name = await claimTab();
    await settled();
    inTab("two", null);
    const act = vi.fn();
    await ifGone(name, act);
    expect(act).not.toHaveBeenCalled();
    close("one");
    await ifGone(name, act);
    expect(act).toHaveBeenCalledTimes(1);
  });

  it("is told of when its tab goes while another is open, and no more after that one is left", async () => {
    inTab("one", null);
    const name = await claimTab();
    await settled();
    inTab("two", null);
    vi.useFakeTimers();
    try {
      const tell = vi.fn();
      const end = watchGone(() => [name], tell);
      await vi.advanceTimersByTimeAsync(7000);
      expect(tell).not.toHaveBeenCalled();
      close("one");
      await vi.advanceTimersByTimeAsync(4000);
      expect(tell).toHaveBeenCalledWith(name);
      end();
      tell.mockClear();
      await vi.advanceTimersByTimeAsync(20_000);
      expect(tell).not.toHaveBeenCalled();
    } finally {
      vi.useRealTimers();
    }
  });

  it("is a new one each time in a browser that cannot tell", async () => {
    sessionStorage.clear();
    vi.stubGlobal("navigator", {});
    const name = await claimTab();
    expect(await claimTab()).not.toBe(name);
    const act = vi.fn();
    await ifGone(name, act);
    expect(act).toHaveBeenCalledTimes(1);
  });
});
