import type { Arrangement, CrossLink, Desk, Placed, Topic } from "./types";

/** A topic for tests. */
export function topic(id: string, parent: string | null, children: string[] = []): Topic {
  return {
    id,
    parent,
    children,
    label: id,
    note: "",
    summary: "",
    number: "",
    level: parent === null ? 0 : 1,
    branch: 0,
    passages: 0,
    own: 0,
    sourceCount: 0,
    adrift: 0,
    fresh: false,
    came: false,
    added: 0,
    thin: false,
    aside: false,
    closed: false,
    style: null,
    below: null,
    contrast: null,
    put: false,
    wide: null,
    arrangement: null,
    definition: "",
    pinned: false,
    lead: "",
    tags: [],
    pictures: [],
    trace: null,
    loose: null,
  };
}

/** A cross-link between topics of the marsh, for tests. */
export function link(id: string): CrossLink {
  return {
    id,
    from: "age",
    to: "birds",
    phrase: "",
    direction: "ONE",
    supposed: false,
    note: "",
    grounds: 0,
    bend: null,
  };
}

/** A topic as it is drawn, for tests. */
export function placed(id: string, x: number, y: number, level = 1): Placed {
  const text = { role: "LABEL", text: id, x: 6, y: 15, face: "READING", size: 16, fill: "#000000" };
  return {
    id,
    level,
    branch: 0,
    x,
    y,
    width: 100,
    height: 20,
    reach: { x: 0, y: 0, width: 100, height: 20 },
    drawn: {
      texts: [text as Placed["drawn"]["texts"][number]],
      bars: [],
      areas: [],
      images: [],
      lines: [],
    },
    toggle: null,
    closed: false,
    flow: "RIGHT",
    again: null,
    near: { left: null, right: null, up: null, down: null },
  };
}

/** A layout with all else as usual, for tests. */
export function laidOut(layout: Arrangement["layout"]): Arrangement {
  return { layout, lines: null, spacing: null, labels: null, fanFrom: null, fanSpread: null };
}

/** root(wall(age), birds), for tests. */
export function marsh(stamp = 1): Desk {
  return {
    id: "map",
    facts: {
      stamp,
      revision: 1,
      shelf: "s",
      folded: true,
      focus: null,
      canUndo: false,
      canRedo: false,
      share: 1,
      outlined: false,
      again: false,
      arrangement: laidOut("BRACES"),
      theme: "VELLUM",
      numbered: true,
      crossing: "LINES",
      tinted: false,
      legend: [],
      paper: { grain: null, ground: null, strength: null, face: null, watermark: "" },
      styles: { levels: [], named: [], rules: [] },
      key: [],
      walk: [],
    },
    topics: [
      topic("root", null, ["wall", "birds"]),
      topic("wall", "root", ["age"]),
      topic("age", "wall"),
      topic("birds", "root"),
    ],
    links: [],
    also: [],
    comments: [],
    sources: [],
    scene: {
      width: 500,
      height: 200,
      backdrop: { ground: "#F7F2E6", tile: null, watermark: null },
      topics: [
        placed("root", 0, 50, 0),
        placed("wall", 150, 20),
        placed("age", 300, 20, 2),
        placed("birds", 150, 60),
      ],
      links: [],
      zones: [],
    },
    jobs: [],
    proposals: [],
  };
}
