import type { Judged, Reply, ReplyCheck, ReplyDifference } from "../api/types";
import { counted } from "../ui/words";

export type Kind = ReplyDifference["kind"];

/** In the order in which they are decided on, with what is said of each. */
export const KINDS: readonly (readonly [Kind, string, string])[] = [
  ["NEW", "New", "The map does not have these."],
  ["RENAMED", "Renamed", "The same under another label."],
  ["MOVED", "Moved", "The same in another place."],
  ["DEFINED", "Defined otherwise", "The same with another definition."],
  ["CITED", "With more passages", "The reply names passages that are not linked yet."],
  ["RELATED", "Relations", "Cross-links that the map does not have."],
  ["MISSING", "Missing from the reply", "The map has these and keeps them."],
  ["SAME", "The same", "Nothing to decide."],
];

/** What can be taken in at all. */
export function takeable({ kind }: ReplyDifference): boolean {
  return kind !== "MISSING" && kind !== "SAME";
}

/** What taking by kind or by strength takes: nothing of a person's own, nothing refused. */
export function freely(difference: ReplyDifference): boolean {
  return takeable(difference) && !difference.yours && !difference.refused;
}

/** How strong a difference is: what bears a new topic out, else how sure it is the same. */
export function strength(difference: ReplyDifference, check: ReplyCheck | undefined): number {
  return difference.kind === "NEW"
    ? borneOut(check?.points[difference.point])
    : difference.kind === "RELATED"
      ? 1
      : difference.sure;
}

function borneOut(judged: Judged | undefined): number {
  const cited = judged?.cites.map((cite) => cite.strength) ?? [];
  return Math.max(0, ...cited, ...(judged?.found.map((found) => found.strength) ?? []));
}

const GRADES: Readonly<Record<Judged["grade"], string>> = {
  WELL: "borne out",
  THIN: "thin",
  UNSUPPORTED: "unsupported",
};

/** What the sources say to a point, in a few words. */
export function judgement(judged: Judged): string {
  const unknown = judged.cites.filter((cite) => !cite.known).map((cite) => cite.key);
  const strange = judged.cites.filter((cite) => cite.known && cite.strength < 0.25);
  return [
    GRADES[judged.grade],
    unknown.length > 0 && `no passage is called ${unknown.join(", ")}`,
    strange.length > 0 &&
      `${strange.map((cite) => cite.key).join(", ")} ${strange.length === 1 ? "says" : "say"} something else`,
    judged.claims.length > 0 && `in no source: ${judged.claims.join(", ")}`,
  ]
    .filter(Boolean)
    .join(" \u00b7 ");
}

/** What stands before and what would stand after. */
export function offered(difference: ReplyDifference, reply: Reply): string {
  const label = reply.points[difference.point]?.label ?? "";
  switch (difference.kind) {
    case "RENAMED":
      return `${difference.was} \u2192 ${difference.is}`;
    case "MOVED":
      return `${label}: from ${difference.was} to ${difference.is}`;
    case "DEFINED":
      return difference.was
        ? `${label}: ${difference.was} \u2192 ${difference.is}`
        : `${label}: ${difference.is}`;
    case "CITED":
      return `${label}: ${difference.is}`;
    case "MISSING":
      return `${difference.was}, under ${difference.is}`;
    default:
      return difference.is || label;
  }
}

const WHY = {
  AROUND: "said around it",
  FORM: "form",
  UNREAD: "not understood",
} as const;

/** Every line of which something is told: what was repaired, then what was not taken. */
export function toldLines(reply: Reply): { line: number; words: string }[] {
  const repaired = reply.repairs.map(({ line, sentence }) => ({ line, words: sentence }));
  const left = reply.left
    .filter(({ why }) => why !== "FORM")
    .map(({ line, text, why }) => ({ line, words: `${WHY[why]}, not taken: ${text}` }));
  return [...repaired, ...left].sort((a, b) => a.line - b.line);
}

/** What was found, in a line. */
export function foundIn(reply: Reply): string {
  const unread = reply.left.filter(({ why }) => why === "UNREAD").length;
  const around = reply.left.filter(({ why }) => why === "AROUND").length;
  return [
    counted(reply.points.length, "topic"),
    reply.links.length > 0 && counted(reply.links.length, "relation"),
    reply.repairs.length > 0 && counted(reply.repairs.length, "repair"),
    around > 0 && `${counted(around, "line")} said around it`,
    unread > 0 && `${counted(unread, "line")} not understood`,
  ]
    .filter(Boolean)
    .join(", ");
}
