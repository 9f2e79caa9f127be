import { useCallback, useMemo, useState } from "react";
import type { Topic } from "../api/types";
import type { Tree } from "../map/tree";

const NONE: ReadonlySet<string> = new Set();

/** The topics that are chosen; there is always one that is chosen last. */
export type Choice = {
  ids: ReadonlySet<string>;
  /** Whether there is more than one. */
  several: boolean;
  /** Adds one, or takes it from the others. */
  toggle: (topic: string) => void;
  /** Adds one, from which one goes on. */
  add: (topic: string) => void;
  /** These and no others. */
  set: (topics: readonly string[]) => void;
  /** Only the one that was chosen last. */
  clear: () => void;
};

/** What is chosen on all views of a map; `show` makes a topic the one that was chosen last. */
export function useChoice(tree: Tree, current: string, show: (topic: string) => void): Choice {
  const [more, setMore] = useState(NONE);
  const ids = useMemo(
    () => new Set([...[...more].filter((id) => tree.get(id)), current]),
    [more, current, tree],
  );
  const set = useCallback(
    (topics: readonly string[]) => {
      const last = topics.includes(current) ? current : topics[0];
      if (last !== undefined) {
        setMore(new Set(topics));
        if (last !== current) {
          show(last);
        }
      }
    },
    [current, show],
  );
  const toggle = useCallback(
    (topic: string) => {
      // the root, which is there to begin with, is not meant with others
      const onlyRoot = ids.size === 1 && ids.has(tree.root.id) && topic !== tree.root.id;
      const next = new Set(onlyRoot ? [] : ids);
      if (!next.delete(topic)) {
        next.add(topic);
        setMore(next);
        show(topic);
      } else if (next.size > 0) {
        setMore(next);
        if (topic === current) {
          show([...next].at(-1) ?? topic);
        }
      }
    },
    [ids, tree, current, show],
  );
  const add = useCallback(
    (topic: string) => {
      setMore(new Set([...ids, topic]));
      show(topic);
    },
    [ids, show],
  );
  const clear = useCallback(() => setMore(NONE), []);
  return useMemo(
    () => ({ ids, several: ids.size > 1, toggle, add, set, clear }),
    [ids, toggle, add, set, clear],
  );
}

/** The topics of a choice that have none of it above them, in the map's order. */
export function upmost(tree: Tree, ids: ReadonlySet<string>): Topic[] {
  return tree.desk.topics.filter((topic) => ids.has(topic.id) && !covered(tree, topic, ids));
}

function covered(tree: Tree, topic: Topic, ids: ReadonlySet<string>): boolean {
  for (let at = tree.parent(topic); at; at = tree.parent(at)) {
    if (ids.has(at.id)) {
      return true;
    }
  }
  return false;
}

/** The topics of a list from one to another, whichever comes first. */
export function range(list: readonly Topic[], from: string, to: string): string[] {
  const one = list.findIndex((topic) => topic.id === from);
  const other = list.findIndex((topic) => topic.id === to);
  return one < 0 || other < 0
    ? [to]
    : list.slice(Math.min(one, other), Math.max(one, other) + 1).map((topic) => topic.id);
}
