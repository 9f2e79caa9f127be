import type { KeyboardEvent } from "react";
import { describe, expect, it, vi } from "vitest";
import type { Desk } from "../api/types";
import type { MapCommands } from "./commands";
import { mapKeys } from "./mapKeys";
import { Tree } from "./tree";

const topic = (
  id: string,
  parent: string | null,
  level: number,
  children: string[],
  closed = false,
) => ({
  id,
  parent,
  level,
  children,
  closed,
});

const tree = new Tree({
  topics: [
    topic("root", null, 0, ["a", "b"]),
    topic("a", "root", 1, ["a1"]),
    topic("a1", "a", 2, []),
    topic("b", "root", 1, ["b1"]),
    topic("b1", "b", 2, ["b11"], true),
  ],
  scene: {
    topics: [
      { id: "root", near: { left: null, right: "a", up: null, down: null } },
      { id: "a", near: { left: "root", right: "a1", up: null, down: "b" } },
      { id: "a1", near: { left: "a", right: null, up: null, down: "b1" } },
      { id: "b", near: { left: "root", right: "b1", up: "a", down: null } },
      { id: "b1", near: { left: "b", right: null, up: "a1", down: "a1-again" } },
      { id: "a1-again", again: "a1", near: { left: "b", right: null, up: "b1", down: null } },
    ],
  },
} as unknown as Desk);

function press(on: string, key: string, modifiers: Partial<KeyboardEvent> = {}, here = on) {
  const calls: string[] = [];
  const commands = new Proxy({} as MapCommands, {
    get: (_, name: string) =>
      name === "choice"
        ? { several: false, add: (id: string) => calls.push(`add ${id}`) }
        : (...args: unknown[]) => {
            calls.push([name, ...args.map((a) => (a as { id?: string })?.id ?? a)].join(" "));
          },
  });
  const preventDefault = vi.fn();
  const at = tree.get(on);
  if (!at) {
    throw new Error(on);
  }
  const stand = (placed: string) => placed === "a1-again" && calls.push(`stand at ${placed}`);
  const event = { key, preventDefault, ...modifiers } as unknown as KeyboardEvent;
  mapKeys(tree, at, commands, { here, stand })(event);
  return { calls, prevented: preventDefault.mock.calls.length > 0 };
}

describe("the keys of the map page", () => {
  it("move about the tree, across branches where siblings end", () => {
    expect(press("root", "ArrowRight").calls).toEqual(["select a"]);
    expect(press("a", "ArrowDown").calls).toEqual(["select b"]);
    expect(press("a1", "ArrowDown").calls).toEqual(["select b1"]);
    expect(press("b1", "ArrowUp").calls).toEqual(["select a1"]);
    expect(press("a1", "ArrowLeft").calls).toEqual(["select a"]);
    expect(press("a1", "Home").calls).toEqual(["select root"]);
  });

  it("stop where a topic is shown again, and go on from there", () => {
    expect(press("b1", "ArrowDown").calls).toEqual(["select a1", "stand at a1-again"]);
    expect(press("a1", "ArrowUp", {}, "a1-again").calls).toEqual(["select b1"]);
    expect(press("a1", "ArrowLeft", {}, "a1-again").calls).toEqual(["select b"]);
  });

  it("open a closed branch instead of going into it", () => {
    expect(press("b1", "ArrowRight").calls).toEqual(["toggle b1"]);
    expect(press("a1", "ArrowRight").calls).toEqual([]);
  });

  it("edit the label with F2 or any letter, and never run a command by a letter", () => {
    expect(press("a", "F2").calls).toEqual(["edit a "]);
    for (const letter of "lfLFaé漢7") {
      expect(press("a", letter)).toEqual({ calls: [`edit a ${letter}`], prevented: true });
    }
    expect(press("a", "Escape").calls).toEqual(["leave"]);
  });

  it("add topics, and leave Tab to the page", () => {
    expect(press("a", "Enter").calls).toEqual(["addSibling a"]);
    expect(press("a", "Enter", { ctrlKey: true }).calls).toEqual(["addChild a"]);
    expect(press("a", "Tab")).toEqual({ calls: [], prevented: false });
  });

  it("take out, and open the menu", () => {
    expect(press("a", "Delete").calls).toEqual(["remove a"]);
    expect(press("a", "ContextMenu").calls).toEqual(["menu a"]);
    expect(press("a", "F10", { shiftKey: true }).calls).toEqual(["menu a"]);
  });

  it("move topics and the page, undo and redo", () => {
    expect(press("a", "ArrowDown", { altKey: true }).calls).toEqual(["shift a ArrowDown"]);
    expect(press("a", "ArrowLeft", { ctrlKey: true }).calls).toEqual(["pan 80 0"]);
    expect(press("a", "z", { ctrlKey: true }).calls).toEqual(["undo"]);
    expect(press("a", "Z", { ctrlKey: true, shiftKey: true }).calls).toEqual(["redo"]);
    expect(press("a", "y", { ctrlKey: true }).calls).toEqual(["redo"]);
  });

  it("choose more, and link", () => {
    expect(press("a", "ArrowDown", { shiftKey: true }).calls).toEqual(["add b"]);
    expect(press("a", "a", { ctrlKey: true }).calls).toEqual(["chooseShown"]);
    expect(press("a", "k", { ctrlKey: true }).calls).toEqual(["link a "]);
  });

  it("leave the browser its own keys", () => {
    expect(press("a", "r", { ctrlKey: true })).toEqual({ calls: [], prevented: false });
    expect(press("a", "Tab", { shiftKey: true })).toEqual({ calls: [], prevented: false });
    expect(press("a", "F5")).toEqual({ calls: [], prevented: false });
  });
});
