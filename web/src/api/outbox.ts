import type { Typed } from "../ui/typing";
import type { Edit } from "./types";

/** A change on its way to the server, under an identity of its own so that it is applied once. */
export type Sending =
  | { id: string; kind: "edit"; edit: Edit; typed?: Typed }
  | { id: string; kind: "undo" }
  | { id: string; kind: "redo" };

const PREFIX = "pergamena.unsent";

/** What the outbox needs of the browser. */
export type Keep = Pick<Storage, "getItem" | "setItem" | "removeItem" | "key" | "length">;

/**
 * The changes of one map that the server has not acknowledged, kept in the browser's storage so that
 * they outlast a reload and a crash. Each tab has a box of its own; a box whose tab is gone is taken
 * over by the next tab that opens the map.
 */
export class Outbox {
  private readonly key: string;
  private items: readonly Sending[];

  constructor(
    private readonly store: Keep,
    private readonly map: string,
    tab: string,
  ) {
    this.key = `${PREFIX}.${map}.${tab}`;
    this.items = read(store, this.key);
  }

  /** What is on its way, the oldest first. */
  all(): readonly Sending[] {
    return this.items;
  }

  /** Adds a change; what goes on from one that was typed and waits still takes its place. */
  add(sending: Sending): void {
    const last = this.items.length > 1 ? this.items.at(-1) : undefined; // the first may be on its way
    const goesOn =
      last?.kind === "edit" &&
      sending.kind === "edit" &&
      last.typed &&
      last.typed.field === sending.typed?.field &&
      last.edit.type === sending.edit.type;
    this.keep(
      goesOn
        ? [...this.items.slice(0, -1), { ...sending, typed: last.typed }]
        : [...this.items, sending],
    );
  }

  remove(id: string): void {
    this.keep(this.items.filter((item) => item.id !== id));
  }

  /** The tabs that have left changes of this map behind, or are still open with some. */
  others(): string[] {
    const prefix = `${PREFIX}.${this.map}.`;
    const keys = Array.from({ length: this.store.length }, (_, i) => this.store.key(i) ?? "");
    return keys
      .filter((key) => key.startsWith(prefix) && key !== this.key)
      .map((key) => key.slice(prefix.length));
  }

  /** Takes over what a tab that is gone has left behind; it goes before what is here. */
  adopt(tab: string): void {
    const key = `${PREFIX}.${this.map}.${tab}`;
    const left = read(this.store, key);
    this.store.removeItem(key);
    this.keep([...left, ...this.items]);
  }

  private keep(items: readonly Sending[]): void {
    this.items = items;
    if (items.length === 0) {
      this.store.removeItem(this.key);
    } else {
      this.store.setItem(this.key, JSON.stringify(items));
    }
  }
}

function read(store: Keep, key: string): readonly Sending[] {
  try {
    const items: unknown = JSON.parse(store.getItem(key) ?? "[]");
    return Array.isArray(items) ? items : [];
  } catch {
    return [];
  }
}
