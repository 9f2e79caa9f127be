import type { KeyboardEvent } from "react";
import type { Topic } from "../api/types";
import type { MapCommands } from "../map/commands";
import type { Tree } from "../map/tree";

/** The keys of the outline, as the help lists them. */
export const LINE_KEYS: readonly (readonly [keys: string, does: string])[] = [
  ["↑ and ↓", "The line above or below"],
  ["→ and ←", "Open and go in, close and go out"],
  ["Shift + ↑ and ↓, Shift or Ctrl + click", "Choose several lines"],
  ["Enter, F2 or typing", "Write in the line"],
  ["Enter while writing", "Keep it and begin a line after it"],
  ["Tab and Shift + Tab while writing", "One level in or out"],
  ["Alt + arrow keys", "Move the line with its branch: up, down, out, in"],
  ["Backspace in an empty new line", "Go back to the line before"],
  ["Escape", "Stop writing"],
  ["/", "Go to a topic"],
  ["Ctrl + C, X, V", "Copy, cut, paste branches; text becomes topics"],
];

/** Handles the keys of the outline while no line is written in. */
export function lineKeys(
  tree: Tree,
  topic: Topic,
  commands: MapCommands,
  beside: (step: number) => Topic | undefined,
) {
  const open = topic.children.length > 0 && !topic.closed;
  const keys = new Map<string, () => void>([
    ["ArrowDown", () => choose(beside(1))],
    ["ArrowUp", () => choose(beside(-1))],
    ["ArrowRight", () => (topic.closed ? commands.toggle(topic.id) : open && choose(beside(1)))],
    ["ArrowLeft", () => (open ? commands.toggle(topic.id) : choose(tree.parent(topic)))],
    ["Home", () => choose(tree.root)],
    ["Enter", () => commands.edit(topic.id, null)],
    ["F2", () => commands.edit(topic.id, null)],
    [" ", () => commands.toggle(topic.id)],
    ["Delete", () => commands.remove(topic)],
    ["ContextMenu", () => commands.menu(topic.id)],
    ["?", () => commands.showKeys()],
    ["/", () => commands.find()],
  ]);
  const choose = (next: Topic | undefined) => next && commands.select(next.id);
  return (event: KeyboardEvent) => {
    const key = event.key;
    const further = event.shiftKey && (key === "ArrowDown" || key === "ArrowUp");
    if (further) {
      event.preventDefault();
      const next = beside(key === "ArrowDown" ? 1 : -1);
      if (next) {
        commands.choice.ids.has(next.id)
          ? commands.choice.toggle(topic.id)
          : commands.choice.add(next.id);
      }
    } else if (key === "Escape" && commands.choice.several) {
      event.preventDefault();
      commands.choice.clear();
    } else if (event.ctrlKey || event.metaKey) {
      const low = key.toLowerCase();
      if (low === "z" || low === "y") {
        event.preventDefault();
        low === "y" || event.shiftKey ? commands.redo() : commands.undo();
      }
    } else if (event.shiftKey && key === "F10") {
      event.preventDefault();
      commands.menu(topic.id);
    } else if (keys.has(key)) {
      event.preventDefault();
      keys.get(key)?.();
    } else if (key.length === 1 && !event.altKey) {
      event.preventDefault();
      commands.edit(topic.id, key);
    }
  };
}
