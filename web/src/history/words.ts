import type { Difference, Revision } from "../api/types";

const WORK: Readonly<Record<NonNullable<Revision["job"]>, string>> = {
  READ: "Read a source",
  DISTIL: "Distilled the map",
  MATCH: "Looked for passages",
  DEEPEN: "Deepened a topic",
  FOLD: "Folded a source in",
};

const MOMENTS = {
  WORK: "",
  BROUGHT: "many topics came",
  RESTORED: "an earlier state",
  HOUR: "an hour’s work",
} as const;

/** What a revision did, in words. */
export function told(revision: Revision): string {
  if (revision.kind === "UNDO") {
    return `Undone: ${lower(revision.said)}`;
  }
  if (revision.kind === "REDO") {
    return `Done again: ${lower(revision.said)}`;
  }
  return revision.job ? WORK[revision.job] : revision.said;
}

function lower(sentence: string): string {
  return sentence.charAt(0).toLocaleLowerCase() + sentence.slice(1);
}

/** Who did it, and why the state after it is worth going back to. */
export function about(revision: Revision): string {
  const who = revision.job ? "Pergamena" : "you";
  const moment = revision.moment ? MOMENTS[revision.moment] : "";
  return [who, moment].filter(Boolean).join(" · ");
}

/** A state of the map that is offered: after a revision, or before it. */
export type State = { number: number; title: string; at: string | null; about: string };

/** The states to go back to, the latest first. */
export function states(
  revisions: readonly Revision[],
  versions: boolean,
  beginning: boolean,
): State[] {
  const all = revisions.flatMap((revision): State[] => {
    const after = {
      number: revision.number,
      title: revision.name ?? told(revision),
      at: revision.at,
      about: revision.name ? told(revision) : about(revision),
    };
    // with versions only, the state before a job would not be there otherwise
    return versions && revision.job
      ? [
          after,
          {
            number: revision.number - 1,
            title: `Before: ${lower(told(revision))}`,
            at: revision.at,
            about: "",
          },
        ]
      : [after];
  });
  const first = { number: 0, title: "The beginning", at: null, about: "" };
  const seen = new Set<number>();
  return [...all, ...(beginning ? [first] : [])].filter(
    ({ number }) => !seen.has(number) && seen.add(number),
  );
}

const KINDS: Readonly<Record<Difference["kind"], string>> = {
  ADDED: "came",
  GONE: "gone",
  RENAMED: "renamed",
  MOVED: "moved",
  REORDERED: "in another order",
  WORDS: "words changed",
  PASSAGES: "passages changed",
  LINK: "link",
};

/** In what way something differs, in a word or two. */
export function kindOf(difference: Difference): string {
  return KINDS[difference.kind];
}

/** What it was and what it is. */
export function detail({ kind, was, is }: Difference): string {
  switch (kind) {
    case "ADDED":
      return is ? `under ${is}` : "";
    case "GONE":
      return was ? `it was under ${was}` : "";
    case "RENAMED":
      return `it was ${was}`;
    case "MOVED":
      return `from ${was} to ${is}`;
    case "REORDERED":
      return "among the same topics";
    case "LINK":
      return was && is ? `${was} → ${is}` : was ? `gone: ${was}` : `came: ${is}`;
    default:
      return `${was || "nothing"} → ${is || "nothing"}`;
  }
}

/** Day and time, as a person reads them. */
export function when(at: string): string {
  const date = new Date(at);
  const today = new Date();
  const time = date.toLocaleTimeString("en-GB", { hour: "2-digit", minute: "2-digit" });
  if (date.toDateString() === today.toDateString()) {
    return `today, ${time}`;
  }
  const day = date.toLocaleDateString("en-GB", { day: "numeric", month: "long", year: "numeric" });
  return `${day}, ${time}`;
}

/** What is told beside each topic of its differences. */
export function marked(differences: readonly Difference[]): Map<string, string> {
  const byTopic = new Map<string, string>();
  for (const difference of differences) {
    const words = kindOf(difference);
    const before = byTopic.get(difference.topic);
    byTopic.set(difference.topic, before ? `${before}, ${words}` : words);
  }
  return byTopic;
}
