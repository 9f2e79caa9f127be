import { describe, expect, it, vi } from "vitest";
import type { Desk } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import type { Choice } from "../choice/choice";
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
    facts: { canUndo: false, canRedo: true },
    topics: [
      topic("root", null, ["a", "b"]),
      topic("a", "root", ["a1", "a2"]),
      topic("a1", "a", []),
      topic("a2", "a", []),
      topic("b", "root", ["b1"], true),
      topic("b1", "b", []),
    ],
    scene: {
      topics: [
        { id: "root", flow: "RIGHT", x: 100, width: 10 },
        { id: "b", flow: "LEFT", x: 0, width: 10 },
      ],
    },
  } as unknown as Desk);
  const actions = {
    edit: vi.fn(),
    fold: vi.fn(),
    undo: vi.fn(),
    redo: vi.fn(),
    setDraft: vi.fn(),
    pending: 0,
  };
  const select = vi.fn();
  const say = vi.fn();
  const commands = mapCommands({
    tree,
    actions: actions as unknown as DeskActions,
    viewport: {} as Viewport,
    select,
    choice: { ids: new Set([""]), several: false } as unknown as Choice,
    link: vi.fn(),
    tool: vi.fn(),
    layOut: vi.fn(),
    dress: vi.fn(),
    setEditing: vi.fn(),
    leave: vi.fn(),
    showKeys: vi.fn(),
    find: vi.fn(),
    openMenu: vi.fn(),
    say,
  });
  const get = (id: string) => {
    const found = tree.get(id);
    if (!found) {
      throw new Error(id);
    }
    return found;
  };
  return { actions, commands, select, say, get };
}

describe("what is done on the map page", () => {
  it("moves a topic one step up, down, out and in, and not over an edge", () => {
    const { actions, commands, get } = desk();
    commands.shift(get("a1"), "ArrowUp");
    expect(actions.edit).not.toHaveBeenCalled();
    const moved = (id: string, key: string) => {
      actions.edit.mockClear();
      commands.shift(get(id), key);
      return actions.edit.mock.calls[0]?.[0];
    };
    const move = (id: string, parent: string, after: string | null) => ({
      type: "Move",
      topic: id,
      parent,
      after,
    });
    expect(moved("a1", "ArrowDown")).toEqual(move("a1", "a", "a2"));
    expect(moved("a2", "ArrowUp")).toEqual(move("a2", "a", null));
    expect(moved("a2", "ArrowLeft")).toEqual(move("a2", "root", "a"));
    expect(moved("a2", "ArrowRight")).toEqual(move("a2", "a1", null));
    expect(moved("a", "ArrowLeft")).toBeUndefined();
    expect(moved("root", "ArrowDown")).toBeUndefined();
  });

  it("moves a topic left of the root in where others move out", () => {
    const { actions, commands, get } = desk();
    commands.shift(get("b"), "ArrowLeft");
    expect(actions.edit.mock.calls[0]?.[0]).toEqual({
      type: "Move",
      topic: "b",
      parent: "a",
      after: "a2",
    });
  });

  it("shows a new topic without sending it before it has a label", () => {
    const { actions, commands, get } = desk();
    commands.addSibling(get("a1"));
    expect(actions.edit).not.toHaveBeenCalled();
    expect(actions.setDraft.mock.calls[0]?.[0]).toMatchObject({ parent: "a", after: "a1" });
    commands.addSibling(get("root"));
    expect(actions.setDraft.mock.calls[1]?.[0]).toMatchObject({ parent: "root", after: "b" });
  });

  it("opens a closed branch into which a child is put", () => {
    const { actions, commands, get } = desk();
    commands.addChild(get("b"));
    expect(actions.fold.mock.calls[0]?.[0]).toEqual({ open: ["b"] });
    expect(actions.setDraft.mock.calls[0]?.[0]).toMatchObject({ parent: "b", after: "b1" });
  });

  it("selects the neighbour of what is taken out, says so, and keeps the root", () => {
    const { actions, commands, select, say, get } = desk();
    commands.remove(get("a2"));
    expect(select).toHaveBeenCalledWith("a1");
    expect(say.mock.calls[0]?.[0]).toContain("taken out");
    actions.edit.mockClear();
    commands.remove(get("root"));
    expect(actions.edit).not.toHaveBeenCalled();
  });

  it("closes and opens one branch, and only where there is one", () => {
    const { actions, commands } = desk();
    commands.toggle("a");
    commands.toggle("b");
    commands.toggle("a1");
    expect(actions.fold.mock.calls.map((call) => call[0])).toEqual([
      { close: ["a"] },
      { open: ["b"] },
    ]);
  });

  it("undoes and redoes only what there is", () => {
    const { actions, commands } = desk();
    commands.undo();
    commands.redo();
    expect(actions.undo).not.toHaveBeenCalled();
    expect(actions.redo).toHaveBeenCalledOnce();
  });
});
