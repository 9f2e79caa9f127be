import type { Ink, LayoutKind, Sorting, Topic } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import type { Tree } from "./tree";
import type { Viewport } from "./useViewport";

/** What moves the map on the screen; a view without a map has none. */
export type Pages = Pick<Viewport, "panBy" | "zoomBy" | "fit">;

/** What can be done on the map page, by key, pointer, button or menu. */
export type MapCommands = ReturnType<typeof mapCommands>;

/** A label that is being edited; named if the best that its passages offer is put in first. */
export type Editing = { topic: string; typed: string | null; named?: boolean } | null;

type Context = {
  tree: Tree;
  actions: DeskActions;
  viewport: Pages;
  select: (topic: string) => void;
  setEditing: (editing: Editing) => void;
  /** Whether keys add topics and typing edits labels. */
  setWriting: (writing: boolean) => void;
  leave: () => void;
  showKeys: () => void;
  /** Opens what finds a topic. */
  find: () => void;
  /** Opens the menu of what can be done to a topic. */
  openMenu: (topic: string) => void;
  /** Tells a person what has happened, for those who do not see it. */
  say: (words: string) => void;
};

export function mapCommands(context: Context) {
  const { tree, actions, viewport, select, setEditing, setWriting, say } = context;

  const add = (parent: Topic, after: string | null) => {
    const topic = crypto.randomUUID();
    if (parent.closed) {
      actions.fold({ open: [parent.id] });
    }
    actions.setDraft({ type: "Add", topic, parent: parent.id, after, label: "" });
    setWriting(true);
    select(topic);
    setEditing({ topic, typed: null });
  };

  const name = (id: string | null) => tree.get(id)?.label ?? "";

  const move = (topic: Topic, parent: string, after: string | null) => {
    actions.edit({ type: "Move", topic: topic.id, parent, after });
    const where = after ? `after ${name(after)}, under ${name(parent)}` : `under ${name(parent)}`;
    say(`${topic.label} moved ${where}`);
  };

  const last = (topic: Topic) => topic.children.at(-1) ?? null;
  const before = (topic: Topic, steps: number) => tree.sibling(topic, -steps)?.id ?? null;

  return {
    select,
    edit: (topic: string, typed: string | null) => {
      setWriting(true);
      setEditing({ topic, typed });
    },
    /** Edits a label, beginning with the best that the topic's passages offer. */
    name: (topic: string) => {
      setWriting(true);
      setEditing({ topic, typed: null, named: true });
    },
    addChild: (topic: Topic) => add(topic, last(topic)),
    addFirst: (topic: Topic) => add(topic, null),
    addSibling: (topic: Topic) => {
      const parent = tree.parent(topic);
      parent ? add(parent, topic.id) : add(topic, last(topic));
    },
    addBefore: (topic: Topic) => {
      const parent = tree.parent(topic);
      if (parent) {
        add(parent, before(topic, 1));
      }
    },
    sort: (topic: Topic, by: Sorting) => {
      actions.edit({ type: "Sort", topic: topic.id, by });
      say(`What is below ${topic.label} is sorted`);
    },
    remove: (topic: Topic) => {
      const next = tree.neighbour(topic);
      if (next) {
        actions.edit({ type: "Remove", topic: topic.id });
        select(next.id);
        say(`${topic.label} taken out; undo brings it back. Now at ${next.label}`);
      }
    },
    /** Moves a topic one step: up, down, out beside its parent, in under the sibling above. */
    shift: (topic: Topic, key: string) => {
      const parent = tree.parent(topic);
      const index = tree.index(topic);
      if (!parent) {
        return;
      }
      const above = tree.sibling(topic, -1);
      const grandparent = tree.parent(parent);
      const placed = tree.placed(topic.id);
      const out = placed?.leftward ? "ArrowRight" : "ArrowLeft";
      const into = placed?.leftward ? "ArrowLeft" : "ArrowRight";
      if (key === "ArrowUp" && index > 0) {
        move(topic, parent.id, before(topic, 2));
      } else if (key === "ArrowDown" && index < parent.children.length - 1) {
        move(topic, parent.id, tree.sibling(topic, 1)?.id ?? null);
      } else if (key === out && grandparent) {
        move(topic, grandparent.id, parent.id);
      } else if (key === into && above) {
        move(topic, above.id, last(above));
      }
    },
    moveTo: move,
    toggle: (id: string) => {
      const topic = tree.get(id);
      if (topic && topic.children.length > 0) {
        actions.fold(topic.closed ? { open: [id] } : { close: [id] });
      }
    },
    openAll: () => actions.fold({ closed: [] }),
    openTo: (level: number) => actions.fold({ level }),
    undo: () => {
      if (tree.desk.facts.canUndo || actions.pending > 0) {
        actions.undo();
        say("Undone");
      }
    },
    redo: () => {
      if (tree.desk.facts.canRedo) {
        actions.redo();
        say("Done again");
      }
    },
    arrange: (layout: LayoutKind) => actions.edit({ type: "Arrange", layout }),
    paint: (topic: Topic, ink: Ink | null) => actions.edit({ type: "Paint", topic: topic.id, ink }),
    setAside: (topic: Topic) =>
      actions.edit({ type: "SetAside", topic: topic.id, aside: !topic.aside }),
    endWriting: () => setWriting(false),
    menu: context.openMenu,
    pan: viewport.panBy,
    zoom: (factor: number) => viewport.zoomBy(factor),
    fit: () => viewport.fit(tree.desk.scene),
    leave: context.leave,
    showKeys: context.showKeys,
    find: context.find,
  };
}
