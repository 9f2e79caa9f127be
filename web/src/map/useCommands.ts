import { type Dispatch, type RefObject, type SetStateAction, useEffect, useMemo } from "react";
import type { DeskActions } from "../api/useDesk";
import { type Editing, type MapCommands, mapCommands, type Pages } from "./commands";
import type { Tree } from "./tree";

/** A place on the screen at which a menu opens. */
export type MenuAt = { topic: string; x: number; y: number };

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
  say: (words: string) => void;
};

type Own = {
  pages: Pages;
  /** What the id of a topic's element begins with. */
  prefix: string;
  setEditing: Dispatch<SetStateAction<Editing>>;
  setWriting: (writing: boolean) => void;
};

/** What can be done in a view of the map; all that is its own must stay the same. */
export function useCommands(props: ViewProps, own: Own): MapCommands {
  const { tree, actions, handle, onSelect, onMenu, onLeave, onKeys, onFind, say } = props;
  const { pages, prefix, setEditing, setWriting } = own;
  const commands = useMemo(
    () =>
      mapCommands({
        tree,
        actions,
        viewport: pages,
        select: onSelect,
        setEditing,
        setWriting,
        leave: onLeave,
        showKeys: onKeys,
        find: onFind,
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
      onSelect,
      onMenu,
      onLeave,
      onKeys,
      onFind,
      say,
      setEditing,
      setWriting,
    ],
  );
  useEffect(() => {
    if (handle) {
      handle.current = commands;
    }
  }, [handle, commands]);
  return commands;
}
