import type { ProposedNames } from "../api/types";
import { counted } from "../ui/words";

type Proposed = ProposedNames["names"][number];

/** What is wrong with a name that was proposed, undefined if nothing is. */
export function faultOf({ fault, about }: Proposed): string | undefined {
  switch (fault) {
    case "LONG":
      return "too long for a name";
    case "FORM":
      return "a sentence, or signs that no name has";
    case "UNSAID":
      return `not in the sources: ${about}`;
    case "ALIKE":
      return `like “${about}”`;
    default:
      return undefined;
  }
}

/** What else there is to say of an answer. */
export function aboutAnswer({ names, same, unanswered, unknown }: ProposedNames): string {
  const faulty = names.filter(({ fault }) => fault !== "NONE").length;
  const said = [
    names.length === 0 ? "It proposes no other name." : "",
    faulty > 0 ? `${counted(faulty, "name")} with a fault: taken only where you tick it.` : "",
    same > 0 ? `${counted(same, "topic")} as before.` : "",
    unanswered.length > 0 ? `${counted(unanswered.length, "topic")} without an answer.` : "",
    unknown.length > 0 ? `${counted(unknown.length, "line")} for topics that are not there.` : "",
  ];
  return said.filter(Boolean).join(" ");
}
