// @vitest-environment jsdom
import { act, renderHook } from "@testing-library/react";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { laidOut, marsh, placed } from "../api/testDesk";
import type { Desk } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import { Tree } from "./tree";
import { useFocus } from "./useFocus";
import { useOpening } from "./useOpening";
import { useStanding } from "./useStanding";
import type { Viewport } from "./useViewport";

const show = vi.fn();
const reveal = vi.fn();
const viewport = {
  show,
  reveal,
  room: () => ({ width: 720, height: 360 }),
} as unknown as Viewport;
const actions = { focus: vi.fn(), fold: vi.fn() };

beforeEach(() => vi.clearAllMocks());

function on(desk: Desk, chosen: string) {
  const tree = new Tree(desk);
  return { tree, topic: tree.get(chosen) ?? tree.root };
}

const focused = (desk: Desk, focus: string | null): Desk => ({
  ...desk,
  facts: { ...desk.facts, focus },
});

describe("a branch that is shown as if it were the whole", () => {
  const hook = (desk: Desk, chosen: string) =>
    renderHook(
      ({ desk, chosen }) => {
        const { tree, topic } = on(desk, chosen);
        useFocus(tree, topic, actions as unknown as DeskActions, viewport);
      },
      { initialProps: { desk, chosen } },
    );

  it("is fitted to the window at once, and again once the server has drawn it", () => {
    const desk = marsh();
    const { rerender } = hook(desk, "wall");
    expect(show).not.toHaveBeenCalled();
    rerender({ desk: focused(desk, "wall"), chosen: "wall" });
    expect(show).toHaveBeenCalledTimes(1);
    const drawn = { ...focused(desk, "wall"), scene: { ...desk.scene } };
    rerender({ desk: drawn, chosen: "wall" });
    expect(show).toHaveBeenCalledTimes(2);
    rerender({ desk: { ...drawn, scene: { ...desk.scene } }, chosen: "wall" });
    expect(show).toHaveBeenCalledTimes(2); // an edit leaves the view where it is
  });

  it("is left for the whole when a topic beside it is chosen, not one in it", () => {
    const desk = focused(marsh(), "wall");
    const { rerender } = hook(desk, "wall");
    rerender({ desk, chosen: "age" });
    expect(actions.focus).not.toHaveBeenCalled();
    rerender({ desk, chosen: "birds" });
    expect(actions.focus).toHaveBeenCalledWith(null);
  });

  it("stays while nothing else is chosen, as on a page that opens with it", () => {
    hook(focused(marsh(), "wall"), "birds");
    expect(actions.focus).not.toHaveBeenCalled();
  });

  it("is fitted when the map is laid out in another way, but not when another map comes", () => {
    const desk = marsh();
    const { rerender } = hook(desk, "wall");
    const around = { ...desk.facts, arrangement: laidOut("AROUND" as never) };
    rerender({ desk: { ...desk, facts: around }, chosen: "wall" });
    expect(show).toHaveBeenCalledTimes(1);
    rerender({ desk: { ...desk, id: "other" }, chosen: "wall" });
    expect(show).toHaveBeenCalledTimes(1);
  });
});

describe("a map that is opened", () => {
  const hook = (desk: Desk, chosen: string) =>
    renderHook(
      ({ desk, chosen }) => {
        const { tree } = on(desk, chosen);
        useOpening(desk, actions as unknown as DeskActions, viewport, tree.placed(chosen));
      },
      { initialProps: { desk, chosen } },
    );

  it("shows itself once, with the chosen topic in sight", () => {
    const desk = marsh();
    const { rerender } = hook(desk, "age");
    expect(show).toHaveBeenCalledTimes(1);
    expect(reveal).toHaveBeenCalledWith(expect.objectContaining({ id: "age" }));
    rerender({ desk: { ...desk, scene: { ...desk.scene } }, chosen: "birds" });
    expect(show).toHaveBeenCalledTimes(1);
    rerender({ desk: { ...desk, id: "other" }, chosen: "birds" });
    expect(show).toHaveBeenCalledTimes(2);
  });

  it("shows itself also where the chosen topic is in a closed branch", () => {
    hook(marsh(), "nothing");
    expect(show).toHaveBeenCalledTimes(1);
    expect(reveal).not.toHaveBeenCalled();
  });

  it("asks for as many branches as there is room for before any were chosen, and shows then", () => {
    const desk = marsh();
    const unfolded = { ...desk, facts: { ...desk.facts, folded: false } };
    const { rerender } = hook(unfolded, "age");
    expect(actions.fold).toHaveBeenCalledWith({ width: 1000, height: 500 });
    expect(show).not.toHaveBeenCalled();
    rerender({ desk: { ...unfolded, scene: { ...desk.scene } }, chosen: "age" });
    expect(actions.fold).toHaveBeenCalledTimes(1);
    rerender({ desk, chosen: "age" });
    expect(show).toHaveBeenCalledTimes(1);
  });
});

describe("where one stands at a topic that has two places", () => {
  const twice = (): Tree => {
    const desk = marsh();
    const again = { ...placed("age-again", 300, 60, 2), again: "age" };
    return new Tree({ ...desk, scene: { ...desk.scene, topics: [...desk.scene.topics, again] } });
  };

  it("is the own one, until one goes to the other, until another topic is chosen", () => {
    const tree = twice();
    const { result, rerender } = renderHook(({ topic }) => useStanding(tree, topic), {
      initialProps: { topic: "age" },
    });
    expect(result.current[0]).toBe("age");
    act(() => result.current[1]("age-again"));
    expect(result.current[0]).toBe("age-again");
    rerender({ topic: "birds" });
    expect(result.current[0]).toBe("birds");
    rerender({ topic: "age" });
    expect(result.current[0]).toBe("age");
  });
});
