import type { KeyboardEvent } from "react";
import type { Topic } from "../api/types";
import type { Choice } from "../choice/choice";
import type { MapCommands } from "../map/commands";
import { COLUMNS } from "./columns";

/** The keys of the table, as the help lists them. */
export const TABLE_KEYS: readonly (readonly [keys: string, does: string])[] = [
  ["Arrow keys, Page up and down", "Move about the cells"],
  ["Enter, F2 or typing", "Change the cell; Enter or Escape closes it, what was typed is saved"],
  ["A number such as 2.3 in the first column", "Move the branch there"],
  ["Shift + ↑ and ↓, Shift or Ctrl + click", "Choose several rows, to change all at once"],
  ["Ctrl + V", "Paste rows of a spreadsheet"],
  ["Delete", "Take the topic out with all below it"],
];

type Context = {
  commands: MapCommands;
  choice: Choice;
  rows: readonly Topic[];
  /** The row one is at, -1 if it is not among those that are shown. */
  at: number;
  /** Number of rows in sight. */
  page: number;
  column: number;
  setColumn: (column: number) => void;
  onSelect: (topic: string) => void;
  edit: (typed: string | null) => void;
};

/** Handles the keys of the table while no cell is changed. */
export function tableKeys(context: Context) {
  const { commands, choice, rows, at, page, column, setColumn, onSelect, edit } = context;
  const here = rows[at];
  const go = (index: number) => {
    const row = rows[Math.min(rows.length - 1, Math.max(0, index))];
    if (row) {
      onSelect(row.id);
    }
  };
  const side = (step: number) =>
    setColumn(Math.min(COLUMNS.length - 1, Math.max(0, column + step)));
  const further = (step: number) => {
    const row = rows[at + step];
    if (row && here) {
      choice.ids.has(row.id) ? choice.toggle(here.id) : choice.add(row.id);
    }
  };
  const plain = new Map<string, () => void>([
    ["ArrowDown", () => go(at + 1)],
    ["ArrowUp", () => go(at - 1)],
    ["ArrowLeft", () => side(-1)],
    ["ArrowRight", () => side(1)],
    ["PageDown", () => go(at + page)],
    ["PageUp", () => go(at - page)],
    ["Home", () => setColumn(0)],
    ["End", () => setColumn(COLUMNS.length - 1)],
    ["Enter", () => edit(null)],
    ["F2", () => edit(null)],
    ["Delete", () => here && commands.remove(here)],
    ["ContextMenu", () => here && commands.menu(here.id)],
    ["Escape", () => (choice.several ? choice.clear() : commands.leave())],
    ["?", () => commands.showKeys()],
    ["/", () => commands.find()],
  ]);
  return (event: KeyboardEvent) => {
    const { key } = event;
    if (event.ctrlKey || event.metaKey) {
      const low = key.toLowerCase();
      if (low === "z" || low === "y") {
        event.preventDefault();
        low === "y" || event.shiftKey ? commands.redo() : commands.undo();
      } else if (low === "a") {
        event.preventDefault();
        choice.set(rows.map((row) => row.id));
      } else if (key === "Home" || key === "End") {
        event.preventDefault();
        go(key === "Home" ? 0 : rows.length - 1);
      }
    } else if (event.shiftKey && (key === "ArrowDown" || key === "ArrowUp")) {
      event.preventDefault();
      further(key === "ArrowDown" ? 1 : -1);
    } else if (event.shiftKey && key === "F10" && here) {
      event.preventDefault();
      commands.menu(here.id);
    } else if (plain.has(key)) {
      event.preventDefault();
      plain.get(key)?.();
    } else if (key.length === 1 && !event.altKey) {
      event.preventDefault();
      edit(key);
    }
  };
}
