import type { DistilOptions } from "../api/types";

/** What is asked of the map, as the panel holds it. */
export type Choices = {
  levels: string;
  branches: string;
  detail: string;
  order: string;
  question: string;
  mains: string;
  terms: string;
  leaveOut: string;
  without: ReadonlySet<string>;
};

export const USUAL: Choices = {
  levels: "3",
  branches: "0",
  detail: "USUAL",
  order: "SUBJECT",
  question: "",
  mains: "",
  terms: "",
  leaveOut: "",
  without: new Set(),
};

/** The lines of a field that say something. */
export function lines(words: string): string[] {
  return words
    .split("\n")
    .map((line) => line.trim())
    .filter(Boolean);
}

/** How many wishes are set beyond the usual choices. */
export function wishes(choices: Choices): number {
  return lines(choices.mains).length + lines(choices.terms).length + lines(choices.leaveOut).length;
}

/** The choices as the server takes them. */
export function options(choices: Choices, readable: readonly string[]): DistilOptions {
  const chosen = readable.filter((source) => !choices.without.has(source));
  return {
    levels: Number(choices.levels),
    branches: Number(choices.branches),
    detail: choices.detail as DistilOptions["detail"],
    order: choices.order as DistilOptions["order"],
    sources: chosen.length < readable.length ? chosen : [],
    wishes: {
      question: choices.question.trim(),
      mains: lines(choices.mains),
      terms: lines(choices.terms),
      without: lines(choices.leaveOut),
    },
  };
}

/** What was asked the last time, for the panel. */
export function choices(last: DistilOptions, readable: readonly string[]): Choices {
  const kept = new Set(last.sources);
  return {
    levels: String(last.levels),
    branches: String(last.branches),
    detail: last.detail,
    order: last.order,
    question: last.wishes.question,
    mains: last.wishes.mains.join("\n"),
    terms: last.wishes.terms.join("\n"),
    leaveOut: last.wishes.without.join("\n"),
    without: new Set(kept.size === 0 ? [] : readable.filter((source) => !kept.has(source))),
  };
}
