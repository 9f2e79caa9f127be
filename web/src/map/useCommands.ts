import { type Dispatch, type RefObject, type SetStateAction, useEffect, useMemo } from "react";
import type { DeskActions } from "../api/useDesk";
import type { Choice } from "../choice/choice";
import type { Spot } from "../lines/lines";
import type { ChosenLink } from "../relations/linkActs";
import { type Editing, type MapCommands, mapCommands, type Pages } from "./commands";
import type { Tree } from "./tree";

/** A place on the screen at which a menu opens. */
export type MenuAt = { topic: string; x: number; y: number; link?: string };

/** What can be opened for the map as a whole. */
export type MapTool =
  | "ask"
  | "select"
  | "relations"
  | "tables"
  | "legend"
  | "history"
  | "over"
  | "remarks"
  | "look"
  | "brief"
  | "replies";

/** What each view of a map is given. */
export type ViewProps = {
  tree: Tree;
  actions: DeskActions;
  selected: string;
  /** Told what can be done; null where another view of the map tells it. */
  handle: RefObject<MapCommands | null> | null;
  onSelect: (topic: string) => void;
  onMenu: (at: MenuAt) => void;
  onLeave: () => void;
  onKeys: () => void;
  onFind: () => void;
  choice: Choice;
  /** The link that is selected on the map. */
  chosenLink: ChosenLink | null;
  onChosenLink: (link: ChosenLink | null) => void;
  /** Opens what makes a cross-link, the other end chosen already or not. */
  onLink: (from: string, to: string | null) => void;
  /** Opens a tool for the map as a whole. */
  onTool: (tool: MapTool) => void;
  /** Takes text that was pasted, as topics at a place. */
  onPaste: (text: string, spot: Spot) => void;
  /** Whether looks are open beside the map, and what opens and closes them. */
  looking: boolean;
  onLooks: (open: boolean) => void;
  /** Shows the map in another way: step by step, or to be looked at. */
  onWay: (way: "walk" | "look") => void;
  say: (words: string) => void;
};

type Own = {
  pages: Pages;
  /** What the id of a topic's element begins with. */
  prefix: string;
  setEditing: Dispatch<SetStateAction<Editing>>;
  /** Opens what lays a branch out; null where nothing is laid out. */
  layOut: (() => void) | null;
  /** Opens what gives topics their looks; null where nothing is drawn. */
  dress: (() => void) | null;
};

/** What can be done in a view of the map; all that is its own must stay the same. */
export function useCommands(props: ViewProps, own: Own): MapCommands {
  const { tree, actions, handle, onSelect, onMenu, onLeave, onKeys, onFind, say } = props;
  const { choice, onLink, onTool } = props;
  const { pages, prefix, setEditing, layOut, dress } = own;
  const commands = useMemo(
    () =>
      mapCommands({
        tree,
        actions,
        viewport: pages,
        choice,
        select: onSelect,
        setEditing,
        leave: onLeave,
        showKeys: onKeys,
        find: onFind,
        link: onLink,
        tool: onTool,
        layOut,
        dress,
        say,
        openMenu: (id) => {
          const box = document.getElementById(`${prefix}-${id}`)?.getBoundingClientRect();
          onMenu({ topic: id, x: box?.left ?? 0, y: box?.bottom ?? 0 });
        },
      }),
    [
      tree,
      actions,
      pages,
      prefix,
      choice,
      onLink,
      onTool,
      layOut,
      dress,
      onSelect,
      onMenu,
      onLeave,
      onKeys,
      onFind,
      say,
      setEditing,
    ],
  );
  useEffect(() => {
    if (handle) {
      handle.current = commands;
    }
  }, [handle, commands]);
  return commands;
}
