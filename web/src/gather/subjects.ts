import type { Source } from "../api/types";

/** The names of sources by subject. */
export function told(
  subjects: readonly (readonly string[])[],
  sources: readonly Pick<Source, "id" | "name">[],
): string {
  const name = (id: string) => sources.find((source) => source.id === id)?.name ?? "";
  return subjects.map((ids) => ids.map(name).filter(Boolean).join(", ")).join(" · ");
}
