// @vitest-environment jsdom
import { act, cleanup, renderHook } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { useSaving } from "./useSaving";
import { written } from "./written";

vi.mock("./written", () => ({ written: vi.fn() }));

let pressed: string[];
beforeEach(() => {
  pressed = [];
  HTMLAnchorElement.prototype.click = function () {
    pressed.push(this.getAttribute("href") ?? "");
  };
});
afterEach(cleanup);

const saving = () => renderHook(() => useSaving()).result;

describe("saving a map as a file", () => {
  it("hands the file to the browser once it is written", async () => {
    vi.mocked(written).mockImplementation(async (map, asked) => `/files/${map}/${asked}`);
    const hook = saving();
    await act(() => hook.current.save("m", "docx"));
    expect(pressed).toEqual(["/files/m/docx"]);
    expect(hook.current).toMatchObject({ state: null, problem: null, stop: null });
  });

  it("says how far it is, and can be stopped without a complaint", async () => {
    vi.mocked(written).mockImplementation(
      (_, __, { tell, signal } = {}) =>
        new Promise((_, fail) => {
          tell?.({ step: "Drawing", share: 0.4 } as never);
          signal?.addEventListener("abort", () => fail(new Error("stopped")));
        }),
    );
    const hook = saving();
    let work: Promise<unknown> = Promise.resolve();
    act(() => {
      work = hook.current.save("m", "pdf").catch(() => "stopped");
    });
    expect(hook.current.state).toMatchObject({ step: "Drawing", share: 0.4 });
    await act(async () => {
      hook.current.stop?.();
      await work;
    });
    expect(hook.current).toMatchObject({ state: null, problem: null });
    expect(pressed).toEqual([]);
  });

  it("says what went wrong until the next try", async () => {
    vi.mocked(written).mockRejectedValueOnce(new Error("It would be too large."));
    const hook = saving();
    await act(() => hook.current.save("m", "png").catch(() => {}));
    expect(hook.current).toMatchObject({ state: null, problem: "It would be too large." });
    vi.mocked(written).mockResolvedValueOnce("/files/m/png");
    await act(() => hook.current.save("m", "png"));
    expect(hook.current.problem).toBeNull();
  });
});
