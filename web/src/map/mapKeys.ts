import type { KeyboardEvent } from "react";
import type { Topic } from "../api/types";
import type { MapCommands } from "./commands";
import type { Tree } from "./tree";

/** The keys of the map page, as the help lists them. */
export const MAP_KEYS: readonly (readonly [keys: string, does: string])[] = [
  ["Arrow keys", "Move about the topics"],
  ["Enter or F2", "Begin writing: edit the label"],
  ["Space", "Open or close the branch"],
  ["Menu key, Shift + F10", "All that can be done to the topic"],
  ["Delete", "Take the topic out with all below it"],
  ["Alt + arrow keys", "Move the topic: up, down, out, in"],
  ["Ctrl + Z", "Undo"],
  ["Ctrl + Y, Ctrl + Shift + Z", "Redo"],
  ["+ and −", "Zoom in and out"],
  ["0", "Fit the map to the window"],
  ["Shift + arrow keys", "Choose more topics"],
  ["Ctrl + click, Shift + drag", "Choose several: one more, or all in a rectangle"],
  ["Ctrl + A", "Choose all topics that are shown"],
  ["Alt + drag", "Draw a topic out, or a link to another topic"],
  ["L", "Link to another topic"],
  ["F", "Show the branch alone, or the whole map again"],
  ["Ctrl + C, X, V", "Copy, cut, paste branches; text becomes topics"],
  ["Ctrl + arrow keys", "Move the page"],
  ["Home", "Go to the root"],
  ["/", "Go to a topic by its name"],
  ["Tab", "Leave the map for the next part of the page"],
  ["?", "This help"],
];

/** The keys that are there besides while a person writes on the map. */
export const WRITING_KEYS: readonly (readonly [keys: string, does: string])[] = [
  ["Enter", "Keep the label; then add a topic beside it"],
  ["Tab", "Add a topic under it"],
  ["F2 or typing", "Edit the label"],
  ["Escape", "Stop writing"],
];

const PAN = 80;
const PANS = new Map<string, readonly [dx: number, dy: number]>([
  ["ArrowLeft", [PAN, 0]],
  ["ArrowRight", [-PAN, 0]],
  ["ArrowUp", [0, PAN]],
  ["ArrowDown", [0, -PAN]],
]);

const WAYS = new Map<string, "left" | "right" | "up" | "down">([
  ["ArrowLeft", "left"],
  ["ArrowRight", "right"],
  ["ArrowUp", "up"],
  ["ArrowDown", "down"],
]);

/** What an arrow key leads to from a topic. */
function neighbour(tree: Tree, topic: Topic, key: string): Topic | undefined {
  if (key === "Home") {
    return tree.root;
  }
  const way = WAYS.get(key);
  // past those that are only shown again there
  for (let at = tree.placed(topic.id); way && at; at = tree.placed(at.near[way])) {
    const next = tree.get(at.near[way]);
    if (next) {
      return next;
    }
  }
  return undefined;
}

/** Handles the keys of the map page; while a person writes, more of them are the map's own. */
export function mapKeys(tree: Tree, topic: Topic, commands: MapCommands, writing: boolean) {
  return (event: KeyboardEvent) => {
    const handled = () => event.preventDefault();
    const arrow = event.key.startsWith("Arrow");
    if (event.ctrlKey || event.metaKey) {
      const key = event.key.toLowerCase();
      if (key === "z" || key === "y") {
        handled();
        key === "y" || event.shiftKey ? commands.redo() : commands.undo();
      } else if (key === "a") {
        handled();
        commands.chooseShown();
      } else if (arrow) {
        handled();
        const [dx, dy] = PANS.get(event.key) ?? [0, 0];
        commands.pan(dx, dy);
      }
      return;
    }
    if (event.altKey && arrow) {
      handled();
      commands.shift(topic, event.key);
    } else if (event.shiftKey && arrow) {
      handled();
      const next = neighbour(tree, topic, event.key);
      if (next) {
        commands.choice.add(next.id);
      }
    } else if (arrow || event.key === "Home") {
      handled();
      const next = neighbour(tree, topic, event.key);
      const outward = event.key === "ArrowLeft" || event.key === "ArrowRight";
      if (next) {
        commands.select(next.id);
      } else if (outward && topic.closed) {
        commands.toggle(topic.id);
      }
    } else if (event.key === "ContextMenu" || (event.key === "F10" && event.shiftKey)) {
      handled();
      commands.menu(topic.id);
    } else if (event.key === "Delete" || event.key === "Backspace") {
      handled();
      commands.remove(topic);
    } else if (event.key === " ") {
      handled();
      commands.toggle(topic.id);
    } else if (event.key === "F2" || (event.key === "Enter" && !writing)) {
      handled();
      commands.edit(topic.id, null);
    } else if (writing && whileWriting(event, topic, commands)) {
      handled();
    } else {
      whileReading(event, topic, commands);
    }
  };
}

function whileWriting(event: KeyboardEvent, topic: Topic, commands: MapCommands): boolean {
  if (event.key === "Enter") {
    commands.addSibling(topic);
  } else if (event.key === "Tab" && !event.shiftKey) {
    commands.addChild(topic);
  } else if (event.key === "Escape") {
    commands.endWriting();
  } else if (/^\p{L}$/u.test(event.key)) {
    commands.edit(topic.id, event.key);
  } else {
    return false;
  }
  return true;
}

function whileReading(event: KeyboardEvent, topic: Topic, commands: MapCommands): void {
  if (event.key === "Escape") {
    event.preventDefault();
    commands.choice.several ? commands.choice.clear() : commands.leave();
  } else if (event.key === "l") {
    event.preventDefault();
    commands.link(topic.id, null);
  } else if (event.key === "f") {
    commands.focus(topic);
  } else if (event.key === "+" || event.key === "=") {
    commands.zoom(1.25);
  } else if (event.key === "-") {
    commands.zoom(0.8);
  } else if (event.key === "0") {
    commands.fit();
  } else if (event.key === "?") {
    commands.showKeys();
  } else if (event.key === "/") {
    event.preventDefault();
    commands.find();
  }
}
