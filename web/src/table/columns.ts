import type { Edit, Topic } from "../api/types";
import type { Tree } from "../map/tree";

/** The columns of the table, in their order. */
export const COLUMNS = [
  { id: "number", title: "No.", width: "76px", edits: true },
  { id: "label", title: "Topic", width: "minmax(190px, 2.2fr)", edits: true },
  { id: "parent", title: "Under", width: "minmax(120px, 1.3fr)", edits: true },
  { id: "note", title: "Note", width: "minmax(120px, 1.5fr)", edits: true },
  { id: "passages", title: "Passages", width: "84px", edits: false },
  { id: "sources", title: "Sources", width: "78px", edits: false },
  { id: "tags", title: "Tags", width: "minmax(110px, 1fr)", edits: true },
  { id: "links", title: "Links", width: "66px", edits: false },
] as const;

export type ColumnId = (typeof COLUMNS)[number]["id"];

/** How rows are in order: as on the map, or by a column, up or down. */
export type Order = { by: ColumnId; down: boolean };

export type Filters = Partial<Record<ColumnId, string>>;

/** What each cell says, for the topics of a map. */
export class Cells {
  private readonly links = new Map<string, number>();
  private readonly words: ReadonlyMap<string, string>;

  constructor(private readonly tree: Tree) {
    for (const link of tree.desk.links) {
      this.links.set(link.from, (this.links.get(link.from) ?? 0) + 1);
      this.links.set(link.to, (this.links.get(link.to) ?? 0) + 1);
    }
    this.words = new Map(tree.desk.facts.legend.map((tag) => [tag.id, tag.word]));
  }

  value(topic: Topic, column: ColumnId): string | number {
    switch (column) {
      case "number":
        return topic.number;
      case "label":
        return topic.label;
      case "parent": {
        const parent = this.tree.parent(topic);
        return parent ? `${parent.number} ${parent.label}`.trim() : "";
      }
      case "note":
        return topic.note;
      case "passages":
        return topic.passages;
      case "sources":
        return topic.sourceCount;
      case "tags":
        return topic.tags.flatMap((id) => this.words.get(id) ?? []).join(", ");
      default:
        return this.links.get(topic.id) ?? 0;
    }
  }

  /** The rows that are shown: those that all filters let through, in order. */
  rows(filters: Filters, order: Order | null): Topic[] {
    const wanted = Object.entries(filters).flatMap(([column, words]) =>
      words.trim() ? [[column as ColumnId, words.trim()] as const] : [],
    );
    const rows = this.tree.desk.topics.filter((topic) =>
      wanted.every(([column, words]) => passes(this.value(topic, column), words)),
    );
    if (order && order.by !== "number") {
      const { by } = order;
      rows.sort((a, b) => compared(this.value(a, by), this.value(b, by)));
    }
    return order?.down ? rows.reverse() : rows;
  }
}

const COLLATOR = new Intl.Collator(undefined, { numeric: true, sensitivity: "base" });

function compared(one: string | number, other: string | number): number {
  return typeof one === "number" && typeof other === "number"
    ? one - other
    : COLLATOR.compare(String(one), String(other));
}

/** Whether a cell is as a filter wants it: has its words, or for numbers is it, above or below it. */
export function passes(value: string | number, filter: string): boolean {
  if (typeof value === "string") {
    return value.toLocaleLowerCase().includes(filter.toLocaleLowerCase());
  }
  const [, sign = "", digits = ""] = /^([<>]?)\s*(\d+)$/.exec(filter) ?? [];
  const number = Number(digits);
  return digits === ""
    ? true
    : sign === ">"
      ? value > number
      : sign === "<"
        ? value < number
        : value === number;
}

/** What changing a cell comes to: edits, or a sentence that says why it cannot be. */
export type Changed = { edits: Edit[] } | { wrong: string };

/** Changes a cell of one row, or the same of several. */
export function changed(
  tree: Tree,
  topics: readonly Topic[],
  column: ColumnId,
  words: string,
): Changed {
  const text = words.trim();
  switch (column) {
    case "label":
      return text
        ? { edits: topics.map(({ id }) => ({ type: "Rename", topic: id, label: text })) }
        : { wrong: "A topic needs a label. It stays as it was." };
    case "note":
      return { edits: topics.map(({ id }) => ({ type: "Note", topic: id, note: words })) };
    case "number":
      return renumbered(tree, topics, text);
    case "parent":
      return rehung(tree, topics, text);
    case "tags":
      return tagged(tree, topics, text);
    default:
      return { edits: [] };
  }
}

/** The topic that a number, a label, or both as the table shows them, mean. */
function meant(tree: Tree, words: string): Topic | undefined {
  const low = words.toLocaleLowerCase();
  const { topics } = tree.desk;
  return (
    topics.find((topic) => topic.number !== "" && topic.number === words.replace(/\.$/, "")) ??
    topics.find((topic) => `${topic.number} ${topic.label}`.trim().toLocaleLowerCase() === low) ??
    topics.find((topic) => topic.label.toLocaleLowerCase() === low)
  );
}

function movable(tree: Tree, topics: readonly Topic[], parent: Topic): string | null {
  const wrong = topics.find((topic) => topic.parent === null || tree.within(parent, topic));
  return wrong
    ? wrong.parent === null
      ? "The root stays where it is."
      : `“${wrong.label}” cannot come under itself.`
    : null;
}

function moves(topics: readonly Topic[], parent: string, after: string | null): Edit[] {
  let behind = after;
  return topics.map(({ id }) => {
    const edit: Edit = { type: "Move", topic: id, parent, after: behind };
    behind = id;
    return edit;
  });
}

function rehung(tree: Tree, topics: readonly Topic[], words: string): Changed {
  const parent = words === "" ? tree.root : meant(tree, words);
  if (!parent) {
    return { wrong: `There is no topic “${words}”. Type the number or the label of one.` };
  }
  const wrong = movable(tree, topics, parent);
  return wrong ? { wrong } : { edits: moves(topics, parent.id, parent.children.at(-1) ?? null) };
}

/** Moves to where a number says: 2.3 is the third under 2. */
function renumbered(tree: Tree, topics: readonly Topic[], words: string): Changed {
  const found = /^(?:(\d+(?:\.\d+)*)\.)?(\d+)\.?$/.exec(words);
  if (!found) {
    return { wrong: "A number looks like 2.3: the third under topic 2." };
  }
  const [, above, last] = found;
  const parent = above ? tree.desk.topics.find((t) => t.number === above) : tree.root;
  if (!parent) {
    return { wrong: `There is no topic ${above} to come under.` };
  }
  const wrong = movable(tree, topics, parent);
  if (wrong) {
    return { wrong };
  }
  const going = new Set(topics.map(({ id }) => id));
  const others = parent.children.filter((id) => !going.has(id));
  const place = Math.min(Math.max(1, Number(last)), others.length + 1);
  return { edits: moves(topics, parent.id, others[place - 2] ?? null) };
}

/** Gives tags by their words; those that the map does not have yet come into its legend. */
function tagged(tree: Tree, topics: readonly Topic[], words: string): Changed {
  const { legend } = tree.desk.facts;
  const added: typeof legend = [];
  const ids = words
    .split(/[,;]/)
    .map((word) => word.trim())
    .filter(Boolean)
    .map((word) => {
      const low = word.toLocaleLowerCase();
      const known = [...legend, ...added].find((tag) => tag.word.toLocaleLowerCase() === low);
      if (known) {
        return known.id;
      }
      const tag = { id: crypto.randomUUID(), word: word.slice(0, 40), meaning: "", sign: "tag" };
      added.push(tag);
      return tag.id;
    });
  const edits: Edit[] = topics.map(({ id }) => ({
    type: "Mark",
    topic: id,
    tags: [...new Set(ids)],
  }));
  return {
    edits: added.length > 0 ? [{ type: "Legend", tags: [...legend, ...added] }, ...edits] : edits,
  };
}
