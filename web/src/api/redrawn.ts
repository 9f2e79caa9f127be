import { theme } from "../theme/tokens";
import { inOrder } from "./accept";
import type { Desk, Edit, Ink, Placed, Scene, Topic, Words } from "./types";

type Flow = Placed["flow"];

const ROW = 27;
const COLUMN = 52;
const APART = 16;
const PAD = 6;

type Add = Extract<Edit, { type: "Add" }>;
type Move = Extract<Edit, { type: "Move" }>;

/** The desk with a topic that carries something else. */
export function carrying(desk: Desk, id: string, change: (topic: Topic) => Topic): Desk {
  return { ...desk, topics: desk.topics.map((t) => (t.id === id ? change(t) : t)) };
}

/** The desk with a topic and all below it drawn elsewhere. */
function movedBy(desk: Desk, id: string, dx: number, dy: number): Desk {
  const within = branch(new Map(desk.topics.map((t) => [t.id, t])), id);
  const topics = desk.scene.topics.map((p) =>
    within.has(p.id) ? { ...p, x: p.x + dx, y: p.y + dy } : p,
  );
  return { ...desk, scene: { ...desk.scene, topics } };
}

/** A loose branch goes with its topic; one that was not loose yet waits for the server. */
export function laid(desk: Desk, edit: Extract<Edit, { type: "Lay" }>): Desk {
  const topic = desk.topics.find((t) => t.id === edit.topic);
  const before = topic?.loose;
  if (!before) {
    return desk;
  }
  const moved = movedBy(desk, edit.topic, edit.x - before.x, edit.y - before.y);
  return carrying(moved, edit.topic, (t) => ({ ...t, loose: { x: edit.x, y: edit.y } }));
}

/** A branch that stands off its parent goes with its topic. */
export function put(desk: Desk, edit: Extract<Edit, { type: "Put" }>): Desk {
  const topic = desk.topics.find((t) => t.id === edit.topic);
  const own = desk.scene.topics.find((p) => p.id === edit.topic);
  const above = desk.scene.topics.find((p) => p.id === topic?.parent);
  if (!own || !above || edit.x === null || edit.y === null) {
    return desk;
  }
  const [dx, dy] = [above.x + edit.x - own.x, above.y + edit.y - own.y];
  const moved = movedBy(desk, edit.topic, dx, dy);
  return carrying(moved, edit.topic, (t) => ({ ...t, put: true }));
}

function drawing(scene: Scene, id: string, change: (placed: Placed) => Placed): Scene {
  return { ...scene, topics: scene.topics.map((p) => (p.id === id ? change(p) : p)) };
}

function withTexts(placed: Placed, change: (texts: Words[]) => Words[]): Placed {
  return { ...placed, drawn: { ...placed.drawn, texts: change(placed.drawn.texts) } };
}

/** The new label on one line in place of the old one. */
export function relabelled(desk: Desk, id: string, label: string): Desk {
  const scene = drawing(desk.scene, id, (placed) =>
    withTexts(placed, (texts) => {
      const first = texts.findIndex((text) => text.role === "LABEL");
      return texts
        .filter((text, i) => text.role !== "LABEL" || i === first)
        .map((text) => (text.role === "LABEL" ? { ...text, text: label } : text));
    }),
  );
  return { ...desk, scene };
}

/** The label in another ink; what else is new of its look waits for the server. */
export function painted(desk: Desk, edit: Extract<Edit, { type: "Paint" }>): Desk {
  const { topic: id, style, below } = edit;
  const fill = style.ink && theme.byHand[style.ink as Ink];
  const scene = fill
    ? drawing(desk.scene, id, (placed) =>
        withTexts(placed, (texts) => texts.map((t) => (t.role === "LABEL" ? { ...t, fill } : t))),
      )
    : desk.scene;
  return carrying({ ...desk, scene }, id, (topic) =>
    below ? { ...topic, below: style } : { ...topic, style },
  );
}

/** Children with one more, after one of them or before all. */
function inserted(children: readonly string[], id: string, sibling: string | null): string[] {
  const others = children.filter((child) => child !== id);
  const at = sibling === null ? 0 : others.indexOf(sibling) + 1 || others.length;
  return [...others.slice(0, at), id, ...others.slice(at)];
}

function branch(topics: ReadonlyMap<string, Topic>, id: string): Set<string> {
  const found = new Set<string>();
  const open = [id];
  for (let at = open.pop(); at !== undefined; at = open.pop()) {
    found.add(at);
    open.push(...(topics.get(at)?.children ?? []));
  }
  return found;
}

type Spot = { x: number; y: number; flow: Flow; level: number; beside: boolean };

/** Where a topic would come to stand: under the branch of the sibling before, or beside its parent. */
function spot(desk: Desk, parent: string, sibling: string | null): Spot | null {
  const topics = new Map(desk.topics.map((topic) => [topic.id, topic]));
  const above = desk.scene.topics.find((placed) => placed.id === parent);
  if (!above) {
    return null;
  }
  const shown = (id: string | null) => desk.scene.topics.find((placed) => placed.id === id);
  const before = shown(sibling);
  if (before) {
    const within = branch(topics, before.id);
    if (above.flow === "DOWN" || above.flow === "UP") {
      const ends = desk.scene.topics
        .filter((placed) => within.has(placed.id))
        .map((placed) => placed.x + placed.width);
      const { y, flow, level } = before;
      return { x: Math.max(...ends) + APART, y, flow, level, beside: true };
    }
    const bottoms = desk.scene.topics
      .filter((placed) => within.has(placed.id))
      .map((placed) => placed.y + placed.height);
    const y = Math.max(...bottoms);
    return { x: before.x, y, flow: before.flow, level: before.level, beside: false };
  }
  const first = shown(topics.get(parent)?.children.find((id) => shown(id)) ?? null);
  if (first) {
    return { x: first.x, y: first.y, flow: first.flow, level: first.level, beside: false };
  }
  const level = above.level + 1;
  const { flow, x, y, width, height } = above;
  switch (flow) {
    case "DOWN":
      return { x, y: y + height + COLUMN, flow, level, beside: true };
    case "UP":
      return { x, y: y - COLUMN - ROW, flow, level, beside: true };
    case "LIST":
      return { x: x + COLUMN, y: y + height, flow, level, beside: false };
    case "LEFT":
      return { x: x - COLUMN - 90, y, flow, level, beside: true };
    default:
      return { x: x + width + COLUMN, y, flow, level, beside: true };
  }
}

/** Makes room of a row at a height on one side of the page, where none is free. */
function parted(scene: Scene, at: Spot, except: ReadonlySet<string>): Scene {
  if (at.beside) {
    return scene;
  }
  return {
    ...scene,
    height: scene.height + ROW,
    topics: scene.topics.map((placed) =>
      placed.y >= at.y - 1 && placed.flow === at.flow && !except.has(placed.id)
        ? { ...placed, y: placed.y + ROW }
        : placed,
    ),
  };
}

/** What is drawn of topics in their order, then of those that are shown again. */
function placedIn(ordered: readonly Topic[], drawn: ReadonlyMap<string, Placed>): Placed[] {
  const again = [...drawn.values()].filter((placed) => placed.again !== null);
  return [...ordered.flatMap((topic) => drawn.get(topic.id) ?? []), ...again];
}

function face(level: number): Words["face"] {
  return level === 0 ? "READING_SEMIBOLD" : level === 1 ? "READING_MEDIUM" : "READING";
}

/** The desk with one topic more, where it will come to stand. */
export function added(desk: Desk, edit: Add): Desk {
  const parent = desk.topics.find((topic) => topic.id === edit.parent);
  if (!parent || desk.topics.some((topic) => topic.id === edit.topic)) {
    return desk;
  }
  const topic: Topic = {
    ...parent,
    id: edit.topic,
    parent: parent.id,
    children: [],
    label: edit.label,
    note: "",
    summary: "",
    number: "",
    level: parent.level + 1,
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
    loose: null,
  };
  const topics = new Map(desk.topics.map((t) => [t.id, t]));
  topics.set(topic.id, topic);
  topics.set(parent.id, {
    ...parent,
    children: inserted(parent.children, topic.id, edit.after ?? null),
  });
  const ordered = inOrder(topics);
  const at = spot(desk, parent.id, edit.after ?? null);
  if (!at || parent.closed) {
    return { ...desk, topics: ordered };
  }
  const size = at.level === 0 ? 21 : at.level === 1 ? 18 : at.level === 2 ? 16 : 15;
  const like = desk.scene.topics.find((p) => p.level === at.level && p.flow === at.flow);
  const label = like?.drawn.texts.find((text) => text.role === "LABEL");
  const width = (label?.x ?? 30) + Math.max(90, edit.label.length * size * 0.52) + PAD;
  const height = Math.round(size * 1.35) + PAD;
  const placed: Placed = {
    id: topic.id,
    level: at.level,
    branch: parent.branch,
    x: at.x,
    y: at.y,
    width,
    height,
    reach: { x: 0, y: 0, width, height },
    drawn: {
      texts: [
        {
          role: "LABEL",
          text: edit.label,
          x: label?.x ?? 30,
          y: PAD / 2 + Math.round(size * 1.02),
          face: face(at.level),
          size,
          fill: theme.ink,
        },
      ],
      bars: [],
      areas: [],
      lines: [],
      images: [],
    },
    toggle: null,
    closed: false,
    flow: at.flow,
    again: null,
    near: { left: parent.id, right: parent.id, up: edit.after ?? null, down: null },
  };
  const scene = parted(desk.scene, at, new Set([parent.id, desk.topics[0]?.id ?? ""]));
  const drawn = new Map([...scene.topics, placed].map((p) => [p.id, p]));
  return {
    ...desk,
    topics: ordered,
    scene: { ...scene, topics: placedIn(ordered, drawn) },
  };
}

/** The desk without a topic and all below it. */
export function removed(desk: Desk, id: string): Desk {
  const topics = new Map(desk.topics.map((topic) => [topic.id, topic]));
  const gone = topics.get(id);
  const parent = gone?.parent ? topics.get(gone.parent) : undefined;
  if (!gone || !parent) {
    return desk;
  }
  const within = branch(topics, id);
  topics.set(parent.id, { ...parent, children: parent.children.filter((child) => child !== id) });
  const stays = (link: { from: string; to: string }) =>
    !within.has(link.from) && !within.has(link.to);
  return {
    ...desk,
    topics: [...topics.values()].filter((topic) => !within.has(topic.id)),
    links: desk.links.filter(stays),
    scene: {
      ...desk.scene,
      topics: desk.scene.topics.filter((placed) => !within.has(placed.id)),
      links: desk.scene.links.filter(stays),
    },
  };
}

/** The heights between which a branch is drawn, and what belongs to it. */
function band(scene: Scene, topics: ReadonlyMap<string, Topic>, id: string) {
  const ids = branch(topics, id);
  const placed = scene.topics.filter((p) => ids.has(p.id));
  const top = Math.min(...placed.map((p) => p.y));
  return { ids, height: Math.max(...placed.map((p) => p.y + p.height)) - top };
}

/** Siblings that change places: only those between the old place and the new one move. */
function shifted(
  scene: Scene,
  topics: ReadonlyMap<string, Topic>,
  children: readonly string[],
  moved: string,
  after: string | null,
  ordered: readonly Topic[],
): Scene {
  const from = children.indexOf(moved);
  const to =
    after === null ? 0 : children.indexOf(after) + (children.indexOf(after) < from ? 1 : 0);
  const passed = to < from ? children.slice(to, from) : children.slice(from + 1, to + 1);
  const own = band(scene, topics, moved);
  const down = to > from ? 1 : -1;
  const ways = new Map<string, number>();
  let way = 0;
  for (const sibling of passed) {
    const other = band(scene, topics, sibling);
    way += other.height;
    for (const id of other.ids) {
      ways.set(id, -down * own.height);
    }
  }
  for (const id of own.ids) {
    ways.set(id, down * way);
  }
  const drawn = new Map(
    scene.topics.map((p) => [p.id, ways.has(p.id) ? { ...p, y: p.y + (ways.get(p.id) ?? 0) } : p]),
  );
  return { ...scene, topics: placedIn(ordered, drawn) };
}

/** The desk with a branch elsewhere. */
export function moved(desk: Desk, edit: Move): Desk {
  const topics = new Map(desk.topics.map((topic) => [topic.id, topic]));
  const topic = topics.get(edit.topic);
  const from = topic?.parent ? topics.get(topic.parent) : undefined;
  const to = topics.get(edit.parent);
  const within = branch(topics, edit.topic);
  if (!topic || !from || !to || within.has(to.id)) {
    return desk;
  }
  topics.set(from.id, { ...from, children: from.children.filter((id) => id !== topic.id) });
  const target = topics.get(to.id) ?? to;
  topics.set(to.id, {
    ...target,
    children: inserted(target.children, topic.id, edit.after ?? null),
  });
  topics.set(topic.id, { ...topic, parent: to.id });
  const ordered = inOrder(topics);
  if (from.id === to.id) {
    const scene = shifted(desk.scene, topics, to.children, topic.id, edit.after ?? null, ordered);
    return { ...desk, topics: ordered, scene };
  }
  const old = desk.scene.topics.find((placed) => placed.id === topic.id);
  const rest = { ...desk, scene: { ...desk.scene, topics: desk.scene.topics } };
  const at = spot(rest, to.id, edit.after ?? null);
  if (!old || !at || to.closed) {
    return { ...desk, topics: ordered };
  }
  const scene = parted(desk.scene, at, new Set([...within, to.id, desk.topics[0]?.id ?? ""]));
  const placed = new Map(
    scene.topics.map((p) => [
      p.id,
      within.has(p.id) ? { ...p, x: p.x + at.x - old.x, y: p.y + at.y - old.y } : p,
    ]),
  );
  return {
    ...desk,
    topics: ordered,
    scene: { ...scene, topics: placedIn(ordered, placed) },
  };
}
