import type { DeskActions } from "../api/useDesk";
import type { Typed } from "../ui/typing";
import type { Tree } from "./tree";

type Context = {
  tree: Tree;
  actions: DeskActions;
  onSelect: (topic: string) => void;
  say: (words: string) => void;
};

/** Saves a label that is written for a topic, new or standing. */
export function saveLabel(context: Context, id: string, label: string, typed: Typed): void {
  const { actions, say } = context;
  const { draft } = actions;
  if (draft?.topic === id) {
    actions.setDraft(null);
    actions.edit({ ...draft, label }, typed);
    say(`${label} added`);
  } else {
    actions.edit({ type: "Rename", topic: id, label }, typed);
  }
}

/** Leaves a label's field; a new topic that got no label is not added. */
export function leaveLabel(context: Context, id: string, label: string): void {
  const { draft } = context.actions;
  if (draft?.topic === id && !label) {
    context.actions.setDraft(null);
    context.onSelect(draft.after ?? draft.parent);
  }
}
