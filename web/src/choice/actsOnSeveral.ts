import { type Acts, copyingOut, type Elsewhere } from "../acts/acts";
import type { Topic } from "../api/types";
import type { MapCommands } from "../map/commands";
import { arrow, waysOf } from "../map/flow";
import type { Tree } from "../map/tree";

/** All that can be done to several topics at once; one of them stands for all. */
export function actsOnSeveral(
  tree: Tree,
  topics: readonly Topic[],
  map: MapCommands,
  elsewhere: Elsewhere,
): Acts {
  const [first] = topics;
  if (!first) {
    return [];
  }
  const ids = topics.map((topic) => topic.id);
  const hanging = topics.every((topic) => topic.parent !== null);
  const siblings = hanging && topics.every((topic) => topic.parent === first.parent);
  const ways = waysOf(tree, first);
  const shift = (key: string) => () => map.shift(first, key);
  const only = <T>(condition: boolean, act: T) => (condition ? [act] : []);
  return [
    {
      title: "Write",
      acts: only(siblings, {
        id: "above",
        label: "Put a topic above them…",
        do: () => elsewhere.onAbove(ids),
      }),
    },
    {
      title: "Place",
      acts: hanging
        ? [
            {
              id: "up",
              label: "Move up",
              keys: `Alt + ${arrow(ways.before)}`,
              do: shift(ways.before),
            },
            {
              id: "down",
              label: "Move down",
              keys: `Alt + ${arrow(ways.after)}`,
              do: shift(ways.after),
            },
            { id: "out", label: "Move out, beside their parents", do: shift(ways.out) },
            { id: "into", label: "Move in, under the ones above", do: shift(ways.into) },
            {
              id: "move",
              label: "Move to another topic…",
              do: () => elsewhere.onPlace("move", ids),
            },
            { id: "merge", label: "Merge into one…", do: () => elsewhere.onPlace("merge", ids) },
            {
              id: "aside",
              label: first.aside ? "Take back among the others" : "Set aside",
              do: () => map.setAside(first),
            },
          ]
        : [],
    },
    {
      title: "Copy",
      acts: [
        { id: "copy", label: "Copy", keys: "Ctrl + C", do: () => elsewhere.onCopy(first, false) },
        ...copyingOut(ids, elsewhere),
        ...only(hanging, {
          id: "cut",
          label: "Cut",
          keys: "Ctrl + X",
          do: () => elsewhere.onCopy(first, true),
        }),
      ],
    },
    {
      title: "End",
      acts: only(hanging, {
        id: "remove",
        label: "Take them out, with all below",
        keys: "Delete",
        do: () => map.remove(first),
      }),
    },
  ].filter((section) => section.acts.length > 0);
}
