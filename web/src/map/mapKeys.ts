import type { KeyboardEvent } from "react";
import type { Topic } from "../api/types";
import type { MapCommands } from "./commands";
import type { Tree } from "./tree";

/** The keys of the map page, as the help sheet lists them. */
export const MAP_KEYS: readonly (readonly [keys: string, does: string])[] = [
  ["Arrow keys", "Move about the topics"],
  ["Enter", "Add a sibling"],
  ["Tab", "Add a child"],
  ["F2 or typing", "Edit the label"],
  ["Space", "Open or close the branch"],
  ["Delete", "Take the topic out with all below it"],
  ["Alt + arrow keys", "Move the topic: up, down, out, in"],
  ["Ctrl + Z, Ctrl + Shift + Z", "Undo, redo"],
  ["+ and −", "Zoom in and out"],
  ["0", "Fit the map to the window"],
  ["Shift + arrow keys", "Move the page"],
  ["Escape", "Leave the map for the reading page"],
  ["?", "Show these keys"],
];

const PAN = 80;

/** What the arrow keys lead to from a topic. */
function neighbour(tree: Tree, topic: Topic, key: string): Topic | undefined {
  switch (key) {
    case "ArrowLeft":
      return tree.parent(topic);
    case "ArrowRight":
      return topic.closed ? undefined : tree.get(topic.children[0] ?? null);
    case "ArrowUp":
    case "ArrowDown": {
      const step = key === "ArrowUp" ? -1 : 1;
      const next = tree.sibling(topic, step);
      if (next) {
        return next;
      }
      const shown = tree.desk.scene.topics.filter((placed) => placed.level === topic.level);
      const at = shown.findIndex((placed) => placed.id === topic.id);
      return tree.get(shown[at + step]?.id ?? null);
    }
    case "Home":
      return tree.root;
    default:
      return undefined;
  }
}

/** Handles the keys of the map page. */
export function mapKeys(tree: Tree, topic: Topic, commands: MapCommands) {
  return (event: KeyboardEvent) => {
    const handled = () => event.preventDefault();
    const arrow = event.key.startsWith("Arrow");
    if (event.ctrlKey || event.metaKey) {
      if (event.key.toLowerCase() === "z") {
        handled();
        event.shiftKey ? commands.redo() : commands.undo();
      }
      return;
    }
    if (event.altKey && arrow) {
      handled();
      commands.shift(topic, event.key);
    } else if (event.shiftKey && arrow) {
      handled();
      const dx = event.key === "ArrowLeft" ? PAN : event.key === "ArrowRight" ? -PAN : 0;
      const dy = event.key === "ArrowUp" ? PAN : event.key === "ArrowDown" ? -PAN : 0;
      commands.pan(dx, dy);
    } else if (arrow || event.key === "Home") {
      handled();
      const next = neighbour(tree, topic, event.key);
      if (next) {
        commands.select(next.id);
      } else if (event.key === "ArrowRight" && topic.closed) {
        commands.toggle(topic.id);
      }
    } else if (event.key === "Enter") {
      handled();
      commands.addSibling(topic);
    } else if (event.key === "Tab" && !event.shiftKey) {
      handled();
      commands.addChild(topic);
    } else if (event.key === "F2") {
      handled();
      commands.edit(topic.id, null);
    } else if (event.key === "Delete" || event.key === "Backspace") {
      handled();
      commands.remove(topic);
    } else if (event.key === " ") {
      handled();
      commands.toggle(topic.id);
    } else if (event.key === "Escape") {
      handled();
      commands.leave();
    } else if (event.key === "+" || event.key === "=") {
      commands.zoom(1.25);
    } else if (event.key === "-") {
      commands.zoom(0.8);
    } else if (event.key === "0") {
      commands.fit();
    } else if (event.key === "?") {
      commands.showKeys();
    } else if (/^\p{L}$/u.test(event.key)) {
      handled();
      commands.edit(topic.id, event.key);
    }
  };
}
