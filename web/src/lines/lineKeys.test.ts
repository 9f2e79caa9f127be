import type { KeyboardEvent } from "react";
import { describe, expect, it, vi } from "vitest";
import { marsh } from "../api/testDesk";
import type { Desk } from "../api/types";
import type { MapCommands } from "../map/commands";
import { Tree } from "../map/tree";
import { lineKeys } from "./lineKeys";

/** What one key does on a line of root(wall(age), birds), from top to bottom. */
function press(
  on: string,
  key: string,
  held: Partial<KeyboardEvent> = {},
  with_: { desk?: Desk; chosen?: readonly string[] } = {},
) {
  const tree = new Tree(with_.desk ?? marsh());
  const chosen = new Set(with_.chosen ?? [on]);
  const calls: string[] = [];
  const told =
    (name: string) =>
    (...args: unknown[]) => {
      calls.push([name, ...args.map((a) => (a as { id?: string } | null)?.id ?? a)].join(" "));
    };
  const commands = new Proxy({} as MapCommands, {
    get: (_, name: string) =>
      name === "choice"
        ? {
            ids: chosen,
            several: chosen.size > 1,
            add: told("add"),
            toggle: told("drop"),
            clear: told("clear"),
          }
        : told(name),
  });
  const lines = ["root", "wall", "age", "birds"];
  const beside = (step: number) => tree.get(lines[lines.indexOf(on) + step] ?? null);
  const preventDefault = vi.fn();
  const topic = tree.get(on);
  if (!topic) {
    throw new Error(on);
  }
  const event = { key, preventDefault, ...held } as unknown as KeyboardEvent;
  lineKeys(tree, topic, commands, beside)(event);
  return { calls, prevented: preventDefault.mock.calls.length > 0 };
}

const closed = (): Desk => {
  const desk = marsh();
  return {
    ...desk,
    topics: desk.topics.map((t) => (t.id === "wall" ? { ...t, closed: true } : t)),
  };
};

describe("a key on a line", () => {
  it.each([
    ["wall", "ArrowDown", "select age"],
    ["wall", "ArrowUp", "select root"],
    ["wall", "ArrowRight", "select age"],
    ["wall", "ArrowLeft", "toggle wall"],
    ["age", "ArrowLeft", "select wall"],
    ["birds", "Home", "select root"],
    ["age", "Enter", "edit age "],
    ["age", "F2", "edit age "],
    ["wall", " ", "toggle wall"],
    ["age", "Delete", "remove age"],
    ["age", "ContextMenu", "menu age"],
    ["age", "?", "showKeys"],
    ["age", "/", "find"],
    ["age", "w", "edit age w"],
  ])("on %s, %s does: %s", (on, key, call) => {
    expect(press(on, key)).toEqual({ calls: [call], prevented: true });
  });

  it("opens a closed branch before it goes in, and leaves a closed one to the one above", () => {
    expect(press("wall", "ArrowRight", {}, { desk: closed() }).calls).toEqual(["toggle wall"]);
    expect(press("wall", "ArrowLeft", {}, { desk: closed() }).calls).toEqual(["select root"]);
  });

  it("goes nowhere from the ends", () => {
    expect(press("birds", "ArrowDown").calls).toEqual([]);
    expect(press("root", "ArrowUp").calls).toEqual([]);
    expect(press("birds", "ArrowRight").calls).toEqual([]);
  });

  it("chooses further lines, and gives them up on the way back", () => {
    const shift = { shiftKey: true };
    expect(press("wall", "ArrowDown", shift).calls).toEqual(["add age"]);
    expect(press("birds", "ArrowDown", shift).calls).toEqual([]);
    const chosen = ["wall", "age"];
    expect(press("age", "ArrowUp", shift, { chosen }).calls).toEqual(["drop age"]);
    expect(press("age", "Escape", {}, { chosen }).calls).toEqual(["clear"]);
  });

  it("undoes and does again, on every keyboard", () => {
    expect(press("age", "z", { ctrlKey: true }).calls).toEqual(["undo"]);
    expect(press("age", "z", { metaKey: true }).calls).toEqual(["undo"]);
    expect(press("age", "Z", { metaKey: true, shiftKey: true }).calls).toEqual(["redo"]);
    expect(press("age", "y", { ctrlKey: true }).calls).toEqual(["redo"]);
    expect(press("age", "F10", { shiftKey: true }).calls).toEqual(["menu age"]);
  });

  it("is left to the browser where it means nothing here", () => {
    for (const [key, held] of [
      ["c", { ctrlKey: true }],
      ["Tab", {}],
      ["Escape", {}],
      ["f", { altKey: true }],
      ["F5", {}],
    ] as const) {
      expect(press("age", key, held)).toEqual({ calls: [], prevented: false });
    }
  });
});
