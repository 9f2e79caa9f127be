import { describe, expect, it, vi } from "vitest";
import type { Desk } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import { mapCommands } from "./commands";
import { Tree } from "./tree";
import type { Viewport } from "./useViewport";

const topic = (id: string, parent: string | null, children: string[], closed = false) => ({
  id,
  parent,
  children,
  closed,
});

function desk() {
  const tree = new Tree({
    canUndo: false,
    canRedo: true,
    topics: [
      topic("root", null, ["a", "b"]),
      topic("a", "root", ["a1", "a2"]),
      topic("a1", "a", []),
      topic("a2", "a", []),
      topic("b", "root", ["b1"], true),
      topic("b1", "b", []),
    ],
  } as unknown as Desk);
  const mutation = () => ({ mutate: vi.fn() });
  const actions = { edit: mutation(), fold: mutation(), undo: mutation(), redo: mutation() };
  const select = vi.fn();
  const commands = mapCommands({
    tree,
    actions: actions as unknown as DeskActions,
    viewport: {} as Viewport,
    select,
    setEditing: vi.fn(),
    leave: vi.fn(),
    showKeys: vi.fn(),
  });
  const get = (id: string) => {
    const found = tree.get(id);
    if (!found) {
      throw new Error(id);
    }
    return found;
  };
  return { actions, commands, select, get };
}

describe("what is done on the map page", () => {
  it("moves a topic one step up, down, out and in, and not over an edge", () => {
    const { actions, commands, get } = desk();
    commands.shift(get("a1"), "ArrowUp");
    expect(actions.edit.mutate).not.toHaveBeenCalled();
    const moved = (id: string, key: string) => {
      actions.edit.mutate.mockClear();
      commands.shift(get(id), key);
      return actions.edit.mutate.mock.calls[0]?.[0];
    };
    expect(moved("a1", "ArrowDown")).toEqual({ type: "Move", topic: "a1", parent: "a", index: 1 });
    expect(moved("a2", "ArrowLeft")).toEqual({
      type: "Move",
      topic: "a2",
      parent: "root",
      index: 1,
    });
    expect(moved("a2", "ArrowRight")).toEqual({
      type: "Move",
      topic: "a2",
      parent: "a1",
      index: 0,
    });
    expect(moved("a", "ArrowLeft")).toBeUndefined();
    expect(moved("root", "ArrowDown")).toBeUndefined();
  });

  it("adds a sibling below a topic, and a child to the root", () => {
    const { actions, commands, get } = desk();
    commands.addSibling(get("a1"));
    expect(actions.edit.mutate.mock.calls[0]?.[0]).toMatchObject({
      type: "Add",
      parent: "a",
      index: 1,
    });
    commands.addSibling(get("root"));
    expect(actions.edit.mutate.mock.calls[1]?.[0]).toMatchObject({ parent: "root", index: 2 });
  });

  it("opens a closed branch before a child is put into it", () => {
    const { actions, commands, get } = desk();
    commands.addChild(get("b"));
    expect(actions.edit.mutate).not.toHaveBeenCalled();
    expect(actions.fold.mutate.mock.calls[0]?.[0]).toEqual({ closed: [] });
    actions.fold.mutate.mock.calls[0]?.[1].onSuccess();
    expect(actions.edit.mutate.mock.calls[0]?.[0]).toMatchObject({ parent: "b", index: 1 });
  });

  it("selects the neighbour of what is taken out, and keeps the root", () => {
    const { actions, commands, select, get } = desk();
    commands.remove(get("a2"));
    expect(select).toHaveBeenCalledWith("a1");
    actions.edit.mutate.mockClear();
    commands.remove(get("root"));
    expect(actions.edit.mutate).not.toHaveBeenCalled();
  });

  it("closes and opens one branch among the others, and only where there is one", () => {
    const { actions, commands } = desk();
    commands.toggle("a");
    commands.toggle("b");
    commands.toggle("a1");
    expect(actions.fold.mutate.mock.calls.map((call) => call[0])).toEqual([
      { closed: ["b", "a"] },
      { closed: [] },
    ]);
  });

  it("undoes and redoes only what there is", () => {
    const { actions, commands } = desk();
    commands.undo();
    commands.redo();
    expect(actions.undo.mutate).not.toHaveBeenCalled();
    expect(actions.redo.mutate).toHaveBeenCalledOnce();
  });
});
