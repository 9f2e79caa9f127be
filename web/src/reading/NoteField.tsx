import { lazy, Suspense } from "react";
import type { SaveTyped } from "../ui/typing";
import { Kept } from "./Kept";

export type NoteProps = { value: string; onKeep: SaveTyped };

const RichNote = lazy(() => import("./RichNote"));

/** A note of any length; a plain field until what edits it is there. */
export function NoteField(props: NoteProps) {
  const plain = <Kept label="Note" placeholder="Add a note" longest={200_000} {...props} />;
  return (
    <Suspense fallback={plain}>
      <RichNote {...props} />
    </Suspense>
  );
}
