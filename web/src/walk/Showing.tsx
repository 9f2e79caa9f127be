import { useMemo } from "react";
import type { Desk } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import { Tree } from "../map/tree";
import { CitingMap } from "../references/useReferences";
import type { Go, Place } from "../useAddress";
import { LookPage } from "./LookPage";
import { SpeakerPage } from "./SpeakerPage";
import { WalkPage } from "./WalkPage";

type ShowingProps = { desk: Desk; actions: DeskActions; place: Place; go: Go };

/** A map that is shown, not worked on: step by step, what is told at it, or as a whole. */
export function Showing({ desk, actions, place, go }: ShowingProps) {
  const tree = useMemo(() => new Tree(desk), [desk]);
  const citing = useMemo(
    () => ({ map: desk.id, revision: desk.facts.revision }),
    [desk.id, desk.facts.revision],
  );
  const Page = { walk: WalkPage, speaker: SpeakerPage, look: LookPage, work: LookPage }[place.way];
  return (
    <CitingMap.Provider value={citing}>
      <Page tree={tree} actions={actions} topic={place.topic} go={go} />
    </CitingMap.Provider>
  );
}

/** What each way of showing a map is given. */
export type ShownProps = { tree: Tree; actions: DeskActions; topic: string | null; go: Go };
