import type { BriefChoices } from "../api/types";

/** A brief that says nothing yet. */
export const BLANK: BriefChoices = {
  wish: "MORE",
  topics: [],
  subject: "",
  levels: 3,
  points: 5,
  words: 8,
  audience: "",
  role: "",
  language: "",
  along: ["LABELS"],
};

export const WISHES: readonly (readonly [BriefChoices["wish"], string])[] = [
  ["SUBJECT", "An outline of a subject"],
  ["SOURCES", "An outline of what the sources say"],
  ["MORE", "More on it"],
  ["BELOW", "The topics below it"],
  ["DEFINITIONS", "Definitions"],
  ["MISSING", "What is missing"],
  ["RELATIONS", "Terms and relations, as tables"],
  ["WORDING", "Names for topics"],
  ["TRANSLATION", "Labels in another language"],
];

export const ALONG: readonly (readonly [BriefChoices["along"][number], string])[] = [
  ["LABELS", "The labels that there are"],
  ["NOTES", "Definitions and notes"],
  ["PASSAGES", "The passages, with keys to cite them by"],
];

/** How many words and about how many tokens a text has, as the server counts them. */
export function lengthOf(text: string): { words: number; tokens: number } {
  const words = text.trim() === "" ? 0 : text.trim().split(/\s+/).length;
  return { words, tokens: Math.ceil(text.length / 4) };
}
