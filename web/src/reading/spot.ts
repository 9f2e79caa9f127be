/** A place in a source: a span of code units, empty if it is only a point. */
export type Spot = { source: string; start: number; end: number; play?: boolean };

export type OpenSource = (spot: Spot) => void;
