import type { Citation } from "../api/types";
import { counted } from "../ui/words";
import { Cited } from "./Cited";

/** The citations in notes of a work that is to be taken out; none if there are none. */
export function LosingNotes({ noted }: { noted: readonly Citation[] }) {
  return noted.length === 0 ? null : (
    <>
      <p>{counted(noted.length, "citation")} in notes would name a work that is not here:</p>
      <ul>
        {noted.map((cited) => (
          <li key={`${cited.topic} ${cited.written}`}>
            {cited.number} {cited.label}: <Cited words={cited.words} />
          </li>
        ))}
      </ul>
    </>
  );
}
