import type { Topic } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import type { Tree } from "./tree";
import type { Viewport } from "./useViewport";

/** What can be done on the map page, by key, pointer or button. */
export type MapCommands = ReturnType<typeof mapCommands>;

export type Editing = { topic: string; typed: string | null } | null;

type Context = {
  tree: Tree;
  actions: DeskActions;
  viewport: Viewport;
  select: (topic: string) => void;
  setEditing: (editing: Editing) => void;
  leave: () => void;
  showKeys: () => void;
};

const NEW_LABEL = "New topic";

export function mapCommands(context: Context) {
  const { tree, actions, viewport, select, setEditing } = context;

  const add = (parent: Topic, index: number) => {
    const topic = crypto.randomUUID();
    const edit = { type: "Add" as const, topic, parent: parent.id, index, label: NEW_LABEL };
    const added = () => {
      select(topic);
      setEditing({ topic, typed: null });
    };
    const put = () => actions.edit.mutate(edit, { onSuccess: added });
    if (parent.closed) {
      const closed = tree.closed().filter((id) => id !== parent.id);
      actions.fold.mutate({ closed }, { onSuccess: put });
    } else {
      put();
    }
  };

  const move = (topic: Topic, parent: string, index: number) =>
    actions.edit.mutate({ type: "Move", topic: topic.id, parent, index });

  return {
    select,
    edit: (topic: string, typed: string | null) => setEditing({ topic, typed }),
    addChild: (topic: Topic) => add(topic, topic.children.length),
    addSibling: (topic: Topic) => {
      const parent = tree.parent(topic);
      parent ? add(parent, tree.index(topic) + 1) : add(topic, topic.children.length);
    },
    remove: (topic: Topic) => {
      const next = tree.neighbour(topic);
      if (next) {
        actions.edit.mutate({ type: "Remove", topic: topic.id });
        select(next.id);
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
      if (key === "ArrowUp" && index > 0) {
        move(topic, parent.id, index - 1);
      } else if (key === "ArrowDown" && index < parent.children.length - 1) {
        move(topic, parent.id, index + 1);
      } else if (key === "ArrowLeft" && grandparent) {
        move(topic, grandparent.id, tree.index(parent) + 1);
      } else if (key === "ArrowRight" && above) {
        move(topic, above.id, above.children.length);
      }
    },
    moveTo: move,
    toggle: (id: string) => {
      const topic = tree.get(id);
      if (topic && topic.children.length > 0) {
        const closed = tree.closed();
        actions.fold.mutate({
          closed: topic.closed ? closed.filter((c) => c !== id) : [...closed, id],
        });
      }
    },
    openAll: () => actions.fold.mutate({ closed: [] }),
    openTo: (level: number) => actions.fold.mutate({ level }),
    undo: () => tree.desk.canUndo && actions.undo.mutate(),
    redo: () => tree.desk.canRedo && actions.redo.mutate(),
    pan: viewport.panBy,
    zoom: (factor: number) => viewport.zoomBy(factor),
    fit: () => viewport.fit(tree.desk.scene),
    leave: context.leave,
    showKeys: context.showKeys,
  };
}
