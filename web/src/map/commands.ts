import type {
  Arrangement,
  Crossing,
  Edit,
  Paper,
  Sorting,
  Style,
  Styles,
  Topic,
} from "../api/types";
import type { DeskActions } from "../api/useDesk";
import { type Choice, upmost } from "../choice/choice";
import { type Step, steps } from "../choice/steps";
import { NOTHING } from "../looks/looks";
import type { MapTheme } from "../theme/mapLooks";
import { type Copied, copied, keepCopied, pastedCut } from "./clipboard";
import { type Ways, waysOf } from "./flow";
import type { Tree } from "./tree";
import type { MapTool } from "./useCommands";
import type { Viewport } from "./useViewport";

/** What moves the map on the screen; a view without a map has none. */
export type Pages = Pick<Viewport, "panBy" | "zoomBy" | "fit" | "toSight">;

/** A view in which nothing moves. */
export const STILL: Pages = {
  panBy: () => {},
  zoomBy: () => {},
  fit: () => {},
  toSight: () => {},
};

/** What can be done on the map page, by key, pointer, button or menu. */
export type MapCommands = ReturnType<typeof mapCommands>;

/** A label that is being edited; named if the best that its passages offer is put in first. */
export type Editing = { topic: string; typed: string | null; named?: boolean } | null;

type Context = {
  tree: Tree;
  actions: DeskActions;
  viewport: Pages;
  choice: Choice;
  select: (topic: string) => void;
  setEditing: (editing: Editing) => void;
  leave: () => void;
  showKeys: () => void;
  /** Opens what finds a topic. */
  find: () => void;
  /** Opens what makes a cross-link. */
  link: (from: string, to: string | null) => void;
  /** Opens a tool for the map as a whole. */
  tool: (tool: MapTool) => void;
  /** Opens what lays the chosen branch out; null where nothing is laid out. */
  layOut: (() => void) | null;
  /** Opens what gives topics their looks; null where nothing is drawn. */
  dress: (() => void) | null;
  /** Opens the menu of what can be done to a topic. */
  openMenu: (topic: string) => void;
  /** Tells a person what has happened, for those who do not see it. */
  say: (words: string) => void;
};

/** Whose look or place: a topic's, that of those right below it, or that of all its branch. */
type Reach = "TOPIC" | "CHILDREN" | "BRANCH";

/** How the map as a whole is to be shown, as far as that is to change. */
type Shown = {
  arrangement?: Arrangement;
  theme?: MapTheme;
  numbered?: boolean;
  crossing?: Crossing;
  tinted?: boolean;
  paper?: Paper;
  styles?: Styles;
};

export function mapCommands(context: Context) {
  const { tree, actions, viewport, select, setEditing, say } = context;

  const add = (parent: Topic, after: string | null) => {
    const topic = crypto.randomUUID();
    if (parent.closed) {
      actions.fold({ open: [parent.id] });
    }
    actions.setDraft({ type: "Add", topic, parent: parent.id, after, label: "" });
    select(topic);
    setEditing({ topic, typed: null });
  };

  const name = (id: string | null) => tree.get(id)?.label ?? "";

  const move = (topic: Topic, parent: string, after: string | null) => {
    actions.edit({ type: "Move", topic: topic.id, parent, after });
    const where = after ? `after ${name(after)}, under ${name(parent)}` : `under ${name(parent)}`;
    say(`${topic.label} moved ${where}`);
  };

  const last = (topic: Topic) => topic.children.at(-1) ?? null;

  /** A topic with all that are chosen with it, those below others left out. */
  const together = (topic: Topic) =>
    context.choice.several && context.choice.ids.has(topic.id)
      ? upmost(tree, context.choice.ids)
      : [topic];
  const called = (topics: readonly Topic[]) =>
    topics.length === 1 ? (topics[0]?.label ?? "") : `${topics.length} topics`;
  const does = (edits: readonly Edit[]) => {
    const [first, ...others] = edits;
    if (first) {
      actions.edit(others.length > 0 ? { type: "Several", edits: [...edits] } : first);
    }
  };

  /** Moves a topic and those chosen with it after a child of a parent. */
  const moveTo = (topic: Topic, parent: string, after: string | null) => {
    const moving = together(topic);
    if (moving.length === 1) {
      move(topic, parent, after);
      return;
    }
    let behind = after;
    does(
      moving.map((each) => {
        const edit: Edit = { type: "Move", topic: each.id, parent, after: behind };
        behind = each.id;
        return edit;
      }),
    );
    say(`${called(moving)} moved under ${name(parent)}`);
  };
  const before = (topic: Topic, steps: number) => tree.sibling(topic, -steps)?.id ?? null;

  const lay = (topic: Topic, x: number, y: number) =>
    actions.edit({ type: "Lay", topic: topic.id, x: Math.round(x), y: Math.round(y) });

  /** Has topics stand off their parents as they do now, and by some way more. */
  const put = (topics: readonly Topic[], dx: number, dy: number) => {
    does(
      topics.flatMap((topic): Edit[] => {
        const own = tree.placed(topic.id);
        const above = tree.placed(topic.parent);
        if (!own || !above || topic.loose) {
          return [];
        }
        const x = Math.round(own.x - above.x + dx);
        const y = Math.round(own.y - above.y + dy);
        return [{ type: "Put", topic: topic.id, x, y }];
      }),
    );
    say(`${called(topics)} put there; it stays as far from its parent`);
  };

  /** Moves all that are chosen one step. */
  const step = (topic: Topic, way: Step) => {
    const moving = together(topic);
    does(steps(tree, moving, way));
    say(`${called(moving)} moved`);
  };

  return {
    select,
    step,
    edit: (topic: string, typed: string | null) => {
      setEditing({ topic, typed });
    },
    /** Edits a label, beginning with the best that the topic's passages offer. */
    name: (topic: string) => {
      setEditing({ topic, typed: null, named: true });
    },
    addChild: (topic: Topic) => add(topic, last(topic)),
    addFirst: (topic: Topic) => add(topic, null),
    addSibling: (topic: Topic) => {
      const parent = tree.parent(topic);
      parent ? add(parent, topic.id) : add(topic, last(topic));
    },
    addBefore: (topic: Topic) => {
      const parent = tree.parent(topic);
      if (parent) {
        add(parent, before(topic, 1));
      }
    },
    sort: (topic: Topic, by: Sorting) => {
      actions.edit({ type: "Sort", topic: topic.id, by });
      say(`What is below ${topic.label} is sorted`);
    },
    remove: (topic: Topic) => {
      const going = together(topic).filter((each) => each.parent !== null);
      const gone = new Set(going.map((each) => each.id));
      const next = going[0] && remaining(tree, going[0], gone);
      if (next) {
        does(going.map((each) => ({ type: "Remove", topic: each.id })));
        select(next.id);
        say(`${called(going)} taken out; undo brings it back. Now at ${next.label}`);
      }
    },
    /** Moves a topic one step: up, down, out beside its parent, in under the sibling above. */
    shift: (topic: Topic, key: string) => {
      const parent = tree.parent(topic);
      const index = tree.index(topic);
      const moving = together(topic);
      if (!parent) {
        return;
      }
      if (topic.loose && moving.length === 1) {
        const [dx, dy] = NUDGES.get(key) ?? [0, 0];
        lay(topic, topic.loose.x + dx, topic.loose.y + dy);
        return;
      }
      if (topic.put) {
        const [dx, dy] = NUDGES.get(key) ?? [0, 0];
        put(moving, dx, dy);
        return;
      }
      if (moving.length > 1) {
        step(topic, stepOf(key, waysOf(tree, topic)));
        return;
      }
      const above = tree.sibling(topic, -1);
      const grandparent = tree.parent(parent);
      const ways = waysOf(tree, topic);
      if (key === ways.before && index > 0) {
        move(topic, parent.id, before(topic, 2));
      } else if (key === ways.after && index < parent.children.length - 1) {
        move(topic, parent.id, tree.sibling(topic, 1)?.id ?? null);
      } else if (key === ways.out && grandparent) {
        move(topic, grandparent.id, parent.id);
      } else if (key === ways.into && above) {
        move(topic, above.id, last(above));
      }
    },
    moveTo,
    /** Puts a topic, and those chosen with it, where it was dropped, the middle of its edge there. */
    putBy: (topic: Topic, x: number, y: number) => {
      const root = tree.placed(tree.root.id);
      const placed = tree.placed(topic.id);
      if (topic.loose && root && placed) {
        lay(topic, x - root.x, y - root.y - placed.height / 2);
      } else if (placed) {
        put(together(topic), x - placed.x, y - placed.height / 2 - placed.y);
      }
    },
    /** Has a topic stand by itself where it is now, to be moved from there. */
    putHere: (topic: Topic) => put([topic], 0, 0),
    /** Has a topic's label broken at a width, or at the usual one. */
    widen: (topic: Topic, width: number | null) =>
      actions.edit({ type: "Widen", topic: topic.id, width }),
    /** Takes topics out of the tree, to lie loose below it. */
    loosen: (topic: Topic) => {
      const root = tree.placed(tree.root.id);
      const below = tree.desk.scene.height - (root?.y ?? 0);
      does(
        together(topic)
          .filter((each) => each.parent !== null)
          .map(({ id }, i) => ({ type: "Lay", topic: id, x: 0, y: Math.round(below) + i * 40 })),
      );
      say("It lies loose below the map");
    },
    /** Adds a topic that lies loose at a point of the scene, or below the map. */
    addLoose: (point: { x: number; y: number } | null) => {
      const root = tree.placed(tree.root.id);
      const at = point ?? { x: root?.x ?? 0, y: tree.desk.scene.height };
      const topic = crypto.randomUUID();
      const x = Math.round(at.x - (root?.x ?? 0));
      const y = Math.round(at.y - (root?.y ?? 0) - 10);
      actions.edit({ type: "AddLoose", topic, label: "Loose topic", x, y });
      select(topic);
      setEditing({ topic, typed: null });
      say("A loose topic is added; type its label");
    },
    /** Draws a new topic out under one, after one of its children. */
    addUnder: (topic: Topic, after: string | null) => add(topic, after),
    link: context.link,
    tool: context.tool,
    choice: context.choice,
    /** All the topics that are shown. */
    chooseShown: () =>
      context.choice.set(tree.desk.scene.topics.map((placed) => placed.again ?? placed.id)),
    /** Keeps branches for pasting here or on another map; cut ones move when they are pasted. */
    copy: (topic: Topic, cut: boolean): string => {
      const branches = together(topic).filter((each) => !cut || each.parent !== null);
      const kept = keepCopied(tree, branches, cut);
      say(`${called(branches)} ${cut ? "cut; paste it where it is to be" : "copied"}`);
      return kept;
    },
    /** What was copied last, if a text on the clipboard is that. */
    copied,
    /** Puts what was copied last under a topic, at the end. */
    pasteUnder: (topic: Topic, what: Copied) => {
      const after = last(topic);
      const here = what.map === tree.desk.id;
      const moving = what.topics.flatMap((id) => tree.get(id) ?? []);
      if (here && what.cut && moving.length > 0) {
        if (moving.some((each) => tree.within(topic, each))) {
          say("A topic cannot move under itself");
          return;
        }
        let behind = after;
        does(
          moving.map((each) => {
            const edit: Edit = { type: "Move", topic: each.id, parent: topic.id, after: behind };
            behind = each.id;
            return edit;
          }),
        );
        pastedCut();
        say(`${called(moving)} moved under ${topic.label}`);
      } else {
        const { map, topics } = what;
        actions.edit({ type: "Plant", map, topics, parent: topic.id, after });
        say(`Pasted under ${topic.label}`);
      }
    },
    toggle: (id: string) => {
      const topic = tree.get(id);
      if (topic && topic.children.length > 0) {
        actions.fold(topic.closed ? { open: [id] } : { close: [id] });
      }
    },
    /** Shows a topic's branch as if it were the whole; the whole if that branch is shown already. */
    focus: (topic: Topic) => {
      const here = tree.desk.facts.focus === topic.id || topic.parent === null;
      if (!here && topic.closed) {
        actions.fold({ open: [topic.id] });
      }
      actions.focus(here ? null : topic.id);
      say(here ? "The whole map" : `Only ${topic.label} and what is below it`);
    },
    openAll: () => actions.fold({ closed: [] }),
    openTo: (level: number) => actions.fold({ level }),
    undo: () => {
      if (tree.desk.facts.canUndo || actions.pending > 0) {
        actions.undo();
        say("Undone");
      }
    },
    redo: () => {
      if (tree.desk.facts.canRedo) {
        actions.redo();
        say("Done again");
      }
    },
    arrange: (shown: Shown) => actions.edit({ type: "Arrange", ...shown }),
    arrangeBranch: (topic: string, arrangement: Arrangement) =>
      actions.edit({ type: "ArrangeBranch", topic, arrangement }),
    layOut: context.layOut,
    /** Changes something of the look of a topic and all chosen with it, or of all below each too. */
    paint: (topic: Topic, change: Partial<Style>, below = false) =>
      does(
        everyone(context.choice, tree, topic).map((each) => ({
          type: "Paint",
          topic: each.id,
          below,
          style: { ...NOTHING, ...(below ? each.below : each.style), ...change },
        })),
      ),
    /** Takes what was given by hand from topics: their looks, or their places and widths. */
    plain: (topic: Topic, reach: Reach, places: boolean) => {
      does(
        everyone(context.choice, tree, topic).map(({ id }) => ({
          type: "Plain",
          topic: id,
          reach,
          places,
        })),
      );
      say(places ? "Put back where the layout has it" : "As the theme has it");
    },
    dress: context.dress,
    setAside: (topic: Topic) =>
      does(
        together(topic)
          .filter((each) => each.parent !== null)
          .map(({ id }) => ({ type: "SetAside", topic: id, aside: !topic.aside })),
      ),
    /** Adds a tag to topics, or takes it from them if all have it. */
    mark: (topic: Topic, tag: string) => {
      const marked = everyone(context.choice, tree, topic);
      const off = marked.every((each) => each.tags.includes(tag));
      does(
        marked.map((each) => ({
          type: "Mark",
          topic: each.id,
          tags: off ? each.tags.filter((id) => id !== tag) : [...new Set([...each.tags, tag])],
        })),
      );
    },
    menu: context.openMenu,
    pan: viewport.panBy,
    zoom: (factor: number) => viewport.zoomBy(factor),
    fit: () => {
      viewport.toSight();
      viewport.fit(tree.desk.scene);
    },
    leave: context.leave,
    showKeys: context.showKeys,
    find: context.find,
  };
}

const NUDGE = 20;
const NUDGES = new Map<string, readonly [dx: number, dy: number]>([
  ["ArrowLeft", [-NUDGE, 0]],
  ["ArrowRight", [NUDGE, 0]],
  ["ArrowUp", [0, -NUDGE]],
  ["ArrowDown", [0, NUDGE]],
]);

/** A topic with all that are chosen with it. */
function everyone(choice: Choice, tree: Tree, topic: Topic): Topic[] {
  return choice.ids.has(topic.id) ? [...choice.ids].flatMap((id) => tree.get(id) ?? []) : [topic];
}

/** What is next to a topic of those that go, and stays. */
function remaining(tree: Tree, topic: Topic, gone: ReadonlySet<string>): Topic | undefined {
  const siblings = tree.parent(topic)?.children ?? [];
  const at = siblings.indexOf(topic.id);
  const after = siblings.slice(at).find((id) => !gone.has(id));
  const before = siblings.slice(0, at).findLast((id) => !gone.has(id));
  return tree.get(after ?? before ?? null) ?? tree.parent(topic);
}

/** The step that an arrow key means. */
function stepOf(key: string, ways: Ways): Step {
  if (key === ways.before || key === ways.after) {
    return key === ways.before ? "up" : "down";
  }
  return key === ways.into ? "in" : "out";
}
