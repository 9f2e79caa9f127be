import type { Act } from "../acts/acts";
import type { CrossLink, Edit } from "../api/types";
import type { DeskActions } from "../api/useDesk";

/** A link that is selected, and what is to be done with it at once. */
export type ChosenLink = { id: string; now: "write" | "note" | null };

/** What of it is done beside the map. */
export type LinkElsewhere = {
  onNote: () => void;
  /** Chooses another topic for an end of it. */
  onReattach: () => void;
  /** Finds words of a source that bear it out; null where there are none. */
  onGround: (() => void) | null;
};

/** How far one action bends a line, in scene pixels. */
const BENT = 80;

/** The same link the other way round. */
export function turned(link: CrossLink): Edit {
  return { type: "Reattach", link: link.id, from: link.to, to: link.from };
}

/** All that can be done to a cross-link, in the order of what people do. */
export function linkActs(link: CrossLink, actions: DeskActions, elsewhere: LinkElsewhere): Act[] {
  const { direction, supposed } = link;
  const qualify = (change: Partial<Pick<CrossLink, "direction" | "supposed">>) => () =>
    actions.edit({ type: "Qualify", link: link.id, direction, supposed, ...change });
  const bend = (far: number) => () => {
    const { x, y } = link.bend ?? { x: 0, y: 0 };
    actions.edit({ type: "Bow", link: link.id, bend: { x: x + far, y } });
  };
  const { onGround } = elsewhere;
  const all: (Act | false)[] = [
    { id: "turn", label: "Turn it round", do: () => actions.edit(turned(link)) },
    direction !== "ONE" && {
      id: "one",
      label: "Point one way",
      do: qualify({ direction: "ONE" }),
    },
    direction !== "BOTH" && {
      id: "both",
      label: "Point both ways",
      do: qualify({ direction: "BOTH" }),
    },
    direction !== "NONE" && {
      id: "none",
      label: "Point neither way",
      do: qualify({ direction: "NONE" }),
    },
    {
      id: "supposed",
      label: supposed ? "Assert it" : "Mark as hypothesis",
      do: qualify({ supposed: !supposed }),
    },
    onGround !== null && {
      id: "ground",
      label: "Find a passage that supports it",
      do: () => onGround(),
    },
    !link.note && { id: "note", label: "Add a note to it", do: elsewhere.onNote },
    { id: "end", label: "Lead it to another topic…", do: elsewhere.onReattach },
    { id: "right", label: "Bend its line to the right", do: bend(BENT) },
    { id: "left", label: "Bend its line to the left", do: bend(-BENT) },
    link.bend !== null && {
      id: "straight",
      label: "Let its line run by itself",
      do: () => actions.edit({ type: "Bow", link: link.id, bend: null }),
    },
    {
      id: "delete",
      label: "Delete it",
      keys: "Delete",
      do: () => actions.edit({ type: "Disconnect", link: link.id }),
    },
  ];
  return all.filter((act): act is Act => act !== false);
}
