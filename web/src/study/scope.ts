import type { ScopeField, ScopeFrame } from "../api/types";

/** What a question may be built of, in words. */
export const FRAMES: readonly (readonly [ScopeFrame, string])[] = [
  ["EFFECT", "Effect: population, intervention, comparison, outcome"],
  ["EXPERIENCE", "Experience: population, experience, context"],
  ["OWN", "Fields of my own"],
];

/** The terms of a field as they are written in one line. */
export function written(field: ScopeField): string {
  return field.terms.join("; ");
}

/** A field with its terms read from a line. */
export function read(field: ScopeField, line: string): ScopeField {
  return { ...field, terms: line.split(";").map((term) => term.trim()) };
}

/** Fields without what is empty between semicolons. */
export function filled(fields: readonly ScopeField[]): ScopeField[] {
  return fields.map((field) => ({ ...field, terms: field.terms.filter((term) => term !== "") }));
}
