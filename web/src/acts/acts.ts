import type { Topic } from "../api/types";
import type { MapCommands } from "../map/commands";
import { arrow, waysOf } from "../map/flow";
import type { Tree } from "../map/tree";
import { MOST_PICTURES } from "../pictures/pictures";

/** Something that can be done to a topic. */
export type Act = { id: string; label: string; keys?: string; do: () => void };

export type Acts = readonly { title: string; acts: readonly Act[] }[];

/** What is done beside the map. */
export type Elsewhere = {
  onLink: (topic: string) => void;
  onNames: (topic: string) => void;
  /** Chooses the topic that it comes under or into. */
  onPlace: (what: "move" | "merge" | "also", topics: readonly string[]) => void;
  /** Names a topic that comes above them. */
  onAbove: (topics: readonly string[]) => void;
  /** Copies or cuts a topic with all that are chosen with it. */
  onCopy: (topic: Topic, cut: boolean) => void;
  onPassage: (topic: Topic) => void;
  onAsk: (topic: Topic, what: "like" | "deepen") => void;
  /** Copies branches out in a form that other programs take. */
  onCopyAs: (topics: readonly string[], form: "markdown" | "picture") => void;
  /** Puts what is below a topic in the order of the dates that it tells. */
  onSortByTime: (topic: Topic) => void;
  /** Chooses a picture for a topic. */
  onPicture: (topic: string) => void;
  /** Writes out what is wanted of a text assistant. */
  onBrief: (topics: readonly string[]) => void;
  /** Takes in what a text assistant says of topics. */
  onReply: (topics: readonly string[]) => void;
};

const SORTS = [
  ["LABEL", "label"],
  ["PASSAGES", "number of passages"],
  ["SOURCES", "place in the sources"],
] as const;

/** The acts that copy branches out for other programs. */
export function copyingOut(topics: readonly string[], elsewhere: Elsewhere): Act[] {
  return [
    {
      id: "brief",
      label: "Brief for a text assistant…",
      do: () => elsewhere.onBrief(topics),
    },
    {
      id: "reply",
      label: "Bring a reply of a text assistant…",
      do: () => elsewhere.onReply(topics),
    },
    {
      id: "copy markdown",
      label: "Copy as Markdown, with passages",
      do: () => elsewhere.onCopyAs(topics, "markdown"),
    },
    {
      id: "copy picture",
      label: "Copy as a picture",
      do: () => elsewhere.onCopyAs(topics, "picture"),
    },
  ];
}

/** All that can be done to a topic now, in the order of what people do. */
export function actsOn(tree: Tree, topic: Topic, map: MapCommands, elsewhere: Elsewhere): Acts {
  const parent = tree.parent(topic);
  const index = tree.index(topic);
  const ways = waysOf(tree, topic);
  const shift = (key: string) => () => map.shift(topic, key);
  const readable = tree.desk.sources.some((source) => source.length > 0);
  const branches = map.copied(null);
  const moved = (each: Topic) => each.put || each.wide !== null;
  const byHand = (ids: readonly string[]) => ids.some((id) => moved(tree.get(id) ?? topic));
  const only = (condition: unknown, act: Act) => (condition ? [act] : []);
  return [
    {
      title: "Write",
      acts: [
        { id: "rename", label: "Rename", keys: "F2", do: () => map.edit(topic.id, null) },
        ...only(topic.passages > 0, {
          id: "name",
          label: "Name it from its passages",
          do: () => map.name(topic.id),
        }),
        ...only(topic.passages > 0, {
          id: "names",
          label: "Other names…",
          do: () => elsewhere.onNames(topic.id),
        }),
        {
          id: "child",
          label: "Add a topic under it",
          keys: "Ctrl + Enter",
          do: () => map.addChild(topic),
        },
        ...only(parent, {
          id: "sibling",
          label: "Add a topic beside it",
          keys: "Enter",
          do: () => map.addSibling(topic),
        }),
        ...only(parent, {
          id: "before",
          label: "Add a topic before it",
          do: () => map.addBefore(topic),
        }),
        ...only(parent, {
          id: "above",
          label: "Put a topic above it…",
          do: () => elsewhere.onAbove([topic.id]),
        }),
        ...only(topic.pictures.length < MOST_PICTURES, {
          id: "picture",
          label: "Add a picture…",
          do: () => elsewhere.onPicture(topic.id),
        }),
        {
          id: "link",
          label: "Link to another topic…",
          keys: "Ctrl + K",
          do: () => elsewhere.onLink(topic.id),
        },
      ],
    },
    {
      title: "Place",
      acts: [
        ...only(parent && index > 0, {
          id: "up",
          label: "Move up",
          keys: `Alt + ${arrow(ways.before)}`,
          do: shift(ways.before),
        }),
        ...only(parent && index < parent.children.length - 1, {
          id: "down",
          label: "Move down",
          keys: `Alt + ${arrow(ways.after)}`,
          do: shift(ways.after),
        }),
        ...only(parent?.parent, {
          id: "out",
          label: "Move out, beside its parent",
          do: shift(ways.out),
        }),
        ...only(parent && index > 0, {
          id: "into",
          label: "Move in, under the one above",
          do: shift(ways.into),
        }),
        ...only(parent, {
          id: "move",
          label: "Move to another topic…",
          do: () => elsewhere.onPlace("move", [topic.id]),
        }),
        ...only(parent, {
          id: "merge",
          label: "Merge into another topic…",
          do: () => elsewhere.onPlace("merge", [topic.id]),
        }),
        ...only(parent && !topic.loose, {
          id: "loose",
          label: "Take it out, to lie loose",
          do: () => map.loosen(topic),
        }),
        ...only(parent, {
          id: "also",
          label: "Show it under another topic too…",
          do: () => elsewhere.onPlace("also", [topic.id]),
        }),
        ...(topic.children.length > 1 ? SORTS : []).map(([by, words]) => ({
          id: `sort ${by}`,
          label: `Sort what is below by ${words}`,
          do: () => map.sort(topic, by),
        })),
        ...only(topic.children.length > 1 && readable, {
          id: "sort TIME",
          label: "Sort what is below by the dates it tells",
          do: () => elsewhere.onSortByTime(topic),
        }),
        ...only(map.dress, {
          id: "look",
          label: "Look…",
          do: () => map.dress?.(),
        }),
        ...only(topic.style ?? topic.below, {
          id: "plain",
          label: "Back to the look of the theme",
          do: () => map.plain(topic, "TOPIC", false),
        }),
        ...only(parent && !topic.loose && !topic.put && map.dress, {
          id: "put",
          label: "Place it by hand from here",
          do: () => map.putHere(topic),
        }),
        ...only(topic.put || topic.wide !== null, {
          id: "put back",
          label: "Put it back as it is laid out",
          do: () => map.plain(topic, "TOPIC", true),
        }),
        ...only(byHand(topic.children), {
          id: "put back children",
          label: "Put those right below back",
          do: () => map.plain(topic, "CHILDREN", true),
        }),
        ...only(
          tree.desk.topics.some((t) => moved(t) && t.id !== topic.id && tree.within(t, topic)),
          {
            id: "put back all",
            label: parent ? "Put all of its branch back" : "Put everything back",
            do: () => map.plain(topic, "BRANCH", true),
          },
        ),
        ...only(parent && topic.children.length > 0 && map.layOut, {
          id: "lay out",
          label: "Lay its branch out in another way…",
          do: () => {
            map.select(topic.id);
            map.layOut?.();
          },
        }),
        ...only(topic.children.length > 0, {
          id: "toggle",
          label: topic.closed ? "Open the branch" : "Close the branch",
          keys: "Space",
          do: () => map.toggle(topic.id),
        }),
        ...only(parent && map.dress, {
          id: "focus",
          label:
            tree.desk.facts.focus === topic.id ? "Show the whole map" : "Show this branch alone",
          keys: "Shift + Space",
          do: () => map.focus(topic),
        }),
        ...only(parent && (topic.aside || topic.branch >= 0), {
          id: "aside",
          label: topic.aside ? "Take back among the others" : "Set aside",
          do: () => map.setAside(topic),
        }),
      ],
    },
    {
      title: "Copy",
      acts: [
        { id: "copy", label: "Copy", keys: "Ctrl + C", do: () => elsewhere.onCopy(topic, false) },
        ...only(parent, {
          id: "cut",
          label: "Cut",
          keys: "Ctrl + X",
          do: () => elsewhere.onCopy(topic, true),
        }),
        ...copyingOut([topic.id], elsewhere),
        ...only(branches, {
          id: "paste",
          label: "Paste under it",
          keys: "Ctrl + V",
          do: () => branches && map.pasteUnder(topic, branches),
        }),
      ],
    },
    {
      title: "Sources",
      acts: [
        ...only(readable, {
          id: "passage",
          label: "Link a passage",
          do: () => elsewhere.onPassage(topic),
        }),
        ...only(readable && topic.own > 0, {
          id: "like",
          label: "Find more passages like these",
          do: () => elsewhere.onAsk(topic, "like"),
        }),
        ...only(readable && topic.children.length === 0 && topic.own > 0, {
          id: "deepen",
          label: "Deepen into sub-topics",
          do: () => elsewhere.onAsk(topic, "deepen"),
        }),
      ],
    },
    {
      title: "End",
      acts: only(parent, {
        id: "remove",
        label: "Take out, with all below it",
        keys: "Delete",
        do: () => map.remove(topic),
      }),
    },
  ].filter((section) => section.acts.length > 0);
}
