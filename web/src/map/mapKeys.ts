import type { KeyboardEvent } from "react";
import type { Placed, Topic } from "../api/types";
import type { MapCommands } from "./commands";
import type { Tree } from "./tree";

/** The keys of the map page, as the help lists them. */
export const MAP_KEYS: readonly (readonly [keys: string, does: string])[] = [
  ["Arrow keys", "Move about the topics"],
  ["Enter", "Add a topic beside this one"],
  ["Ctrl + Enter", "Add a topic under this one"],
  ["F2, or any letter", "Edit the label"],
  ["Space", "Open or close the branch"],
  ["Shift + Space", "Show the branch alone, or the whole map again"],
  ["Menu key, Shift + F10", "All that can be done to the topic"],
  ["Delete", "Delete the topic with all below it, or the selected link"],
  ["Alt + arrow keys", "Move the topic: up, down, out, in"],
  ["Ctrl + Z", "Undo"],
  ["Ctrl + Y, Ctrl + Shift + Z", "Redo"],
  ["+ and −", "Zoom in and out"],
  ["Ctrl + Home", "Fit the map to the window"],
  ["Shift + arrow keys", "Select more topics"],
  ["Ctrl + click, Shift + drag", "Select several: one more, or all in a rectangle"],
  ["Ctrl + A", "Select all topics that are shown"],
  ["Alt + drag", "Draw a topic out, or a link to another topic"],
  ["Ctrl + K", "Link to another topic"],
  ["Ctrl + C, X, V", "Copy, cut, paste branches; text becomes topics"],
  ["Ctrl + arrow keys", "Move the page"],
  ["Home", "Go to the root"],
  ["/", "Go to a topic by its name"],
  ["Tab", "Leave the map for the next part of the page"],
  ["?", "This help"],
];

/** The keys that a label's field takes. */
export const FIELD_KEYS: readonly (readonly [keys: string, does: string])[] = [
  ["Enter, Escape", "Save the label and close the field"],
  ["Tab", "Save it, then add a topic under it"],
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

/** Where one is on the map: at a place of the chosen topic, and how one goes to another place. */
export type Standing = { here: string; stand: (placed: string) => void };

/** The place that an arrow key leads to, where a topic is shown again too. */
export function neighbour(tree: Tree, here: string, key: string): Placed | undefined {
  const way = WAYS.get(key);
  return tree.placed(
    key === "Home" ? tree.root.id : way ? (tree.placed(here)?.near[way] ?? null) : null,
  );
}

/** Handles the keys of the map page while no field is open; a letter always edits the label. */
export function mapKeys(tree: Tree, topic: Topic, commands: MapCommands, standing: Standing) {
  return (event: KeyboardEvent) => {
    const does =
      event.ctrlKey || event.metaKey
        ? withControl(event, topic, commands)
        : event.altKey
          ? event.key.startsWith("Arrow") && (() => commands.shift(topic, event.key))
          : (moving(event, tree, topic, commands, standing) ?? plain(event, topic, commands));
    if (does) {
      event.preventDefault();
      does();
    }
  };
}

type Does = (() => void) | false | undefined;

function withControl(event: KeyboardEvent, topic: Topic, commands: MapCommands): Does {
  const pan = PANS.get(event.key);
  if (pan) {
    return () => commands.pan(...pan);
  }
  return new Map<string, () => void>([
    ["z", () => (event.shiftKey ? commands.redo() : commands.undo())],
    ["y", () => commands.redo()],
    ["a", () => commands.chooseShown()],
    ["k", () => commands.link(topic.id, null)],
    ["enter", () => commands.addChild(topic)],
    ["home", () => commands.fit()],
  ]).get(event.key.toLowerCase());
}

function moving(
  event: KeyboardEvent,
  tree: Tree,
  topic: Topic,
  commands: MapCommands,
  { here, stand }: Standing,
): Does {
  const { key } = event;
  if (!key.startsWith("Arrow") && key !== "Home") {
    return undefined;
  }
  const next = neighbour(tree, here, key);
  const found = tree.get(next?.again ?? next?.id ?? null);
  if (next && found) {
    return () => {
      event.shiftKey ? commands.choice.add(found.id) : commands.select(found.id);
      stand(next.id);
    };
  }
  const outward = key === "ArrowLeft" || key === "ArrowRight";
  return () => outward && !event.shiftKey && topic.closed && commands.toggle(topic.id);
}

function plain(event: KeyboardEvent, topic: Topic, commands: MapCommands): Does {
  const { key } = event;
  const does = new Map<string, () => void>([
    ["ContextMenu", () => commands.menu(topic.id)],
    ["Delete", () => commands.remove(topic)],
    ["Backspace", () => commands.remove(topic)],
    [" ", () => (event.shiftKey ? commands.focus(topic) : commands.toggle(topic.id))],
    ["F2", () => commands.edit(topic.id, null)],
    ["Enter", () => commands.addSibling(topic)],
    ["Escape", () => (commands.choice.several ? commands.choice.clear() : commands.leave())],
    ["+", () => commands.zoom(1.25)],
    ["=", () => commands.zoom(1.25)],
    ["-", () => commands.zoom(0.8)],
    ["?", () => commands.showKeys()],
    ["/", () => commands.find()],
  ]).get(key);
  if (event.shiftKey && key === "F10") {
    return () => commands.menu(topic.id);
  }
  return does ?? (/^[\p{L}\p{N}]$/u.test(key) && (() => commands.edit(topic.id, key)));
}
