import type { KeyboardEvent } from "react";
import { describe, expect, it, vi } from "vitest";
import { topic } from "../api/testDesk";
import type { Choice } from "../choice/choice";
import type { MapCommands } from "../map/commands";
import { COLUMNS } from "./columns";
import { tableKeys } from "./tableKeys";

const rows = ["a", "b", "c", "d", "e"].map((id) => topic(id, "root"));

function press(key: string, modifiers: Partial<KeyboardEvent> = {}, at = 1, column = 1) {
  const told: string[] = [];
  const tell = (name: string) =>
    vi.fn((...args: unknown[]) => told.push([name, ...args].join(" ")));
  const commands = {
    undo: tell("undo"),
    redo: tell("redo"),
    remove: vi.fn((row: { id: string }) => told.push(`remove ${row.id}`)),
    menu: tell("menu"),
    leave: tell("leave"),
  } as unknown as MapCommands;
  const choice = {
    ids: new Set(["b"]),
    several: false,
    add: tell("add"),
    set: tell("set"),
    toggle: tell("toggle"),
  } as unknown as Choice;
  const preventDefault = vi.fn();
  tableKeys({
    commands,
    choice,
    rows,
    at,
    page: 3,
    column,
    setColumn: tell("column"),
    onSelect: tell("select"),
    edit: tell("edit"),
  })({ key, preventDefault, ...modifiers } as unknown as KeyboardEvent);
  return told.join("; ");
}

describe("the keys of the table", () => {
  it("move about the cells, and no further than they go", () => {
    expect(press("ArrowDown")).toBe("select c");
    expect(press("ArrowUp", {}, 0)).toBe("select a");
    expect(press("PageDown")).toBe("select e");
    expect(press("Home", { ctrlKey: true }, 4)).toBe("select a");
    expect(press("ArrowLeft", {}, 1, 0)).toBe("column 0");
    expect(press("End")).toBe(`column ${COLUMNS.length - 1}`);
  });

  it("change a cell by Enter, F2 or typing", () => {
    expect(press("Enter")).toBe("edit ");
    expect(press("F2")).toBe("edit ");
    expect(press("x")).toBe("edit x");
    expect(press("x", { altKey: true })).toBe("");
  });

  it("choose several, all, and take rows out", () => {
    expect(press("ArrowDown", { shiftKey: true })).toBe("add c");
    expect(press("a", { ctrlKey: true })).toBe("set a,b,c,d,e");
    expect(press("Delete")).toBe("remove b");
    expect(press("F10", { shiftKey: true })).toBe("menu b");
    expect(press("Escape")).toBe("leave");
  });

  it("undo and redo", () => {
    expect(press("z", { ctrlKey: true })).toBe("undo");
    expect(press("Z", { ctrlKey: true, shiftKey: true })).toBe("redo");
    expect(press("y", { ctrlKey: true })).toBe("redo");
  });
});
