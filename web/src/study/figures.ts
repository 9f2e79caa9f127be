import type { GivenFigure } from "../api/types";

export type By = "of" | "base" | "source" | "topic";
export type Sorting = { by: By; down: boolean };

/** What a column is sorted by: figures of a kind stand together, each kind by its size. */
function compare(
  one: GivenFigure,
  other: GivenFigure,
  by: By,
  name: (figure: GivenFigure) => string,
): number {
  if (by === "base") {
    return one.kind.localeCompare(other.kind) || one.base - other.base;
  }
  return name(one).localeCompare(name(other)) || one.base - other.base;
}

/** Figures in the order of a column. */
export function sorted(
  figures: readonly GivenFigure[],
  { by, down }: Sorting,
  name: (figure: GivenFigure, by: By) => string,
): GivenFigure[] {
  const order = [...figures].sort((one, other) =>
    compare(one, other, by, (figure) => name(figure, by)),
  );
  return down ? order.reverse() : order;
}
