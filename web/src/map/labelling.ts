import type { DeskActions } from "../api/useDesk";
import type { Tree } from "./tree";

type Context = {
  tree: Tree;
  actions: DeskActions;
  onSelect: (topic: string) => void;
  say: (words: string) => void;
};

/** Keeps a label that was written for a topic, new or standing; null leaves it as it was. */
export function keepLabel(context: Context, id: string, label: string | null): void {
  const { tree, actions, onSelect, say } = context;
  const { draft } = actions;
  if (draft?.topic === id) {
    actions.setDraft(null);
    if (label) {
      actions.edit({ ...draft, label });
      say(`${label} added`);
    } else {
      onSelect(draft.after ?? draft.parent);
    }
  } else if (label && label !== tree.get(id)?.label) {
    actions.edit({ type: "Rename", topic: id, label });
  }
}
