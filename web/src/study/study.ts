import type { DeskActions } from "../api/useDesk";
import type { Tree } from "../map/tree";
import type { OpenSource } from "../reading/spot";

/** What is asked of the sources: by name, in the words of the contents. */
export const STUDIES = [
  ["ask", "Ask"],
  ["events", "Events"],
  ["people", "People"],
  ["agreement", "Agreement"],
  ["compare", "Compare"],
  ["figures", "Figures"],
  ["minutes", "Minutes"],
  ["scope", "Scope"],
  ["draft", "Draft"],
  ["recall", "Recall"],
  ["ends", "Loose ends"],
] as const;

export type Study = (typeof STUDIES)[number][0];

/** What each of them is given. */
export type PaneProps = {
  tree: Tree;
  actions: DeskActions;
  /** The chosen topic. */
  selected: string;
  onOpen: OpenSource;
  onSelect: (topic: string) => void;
  /** Chooses several topics. */
  onChoose: (topics: readonly string[]) => void;
  say: (words: string) => void;
};
