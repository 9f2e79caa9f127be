import { useSyncExternalStore } from "react";
import type { Topic } from "../api/types";
import { asText } from "../lines/lines";
import type { Tree } from "./tree";

const KEY = "pergamena.copied";

/**
 * Branches that were copied or cut, with the text that went to the clipboard: as long as that text
 * is there, pasting means them.
 */
export type Copied = { map: string; topics: string[]; cut: boolean; text: string };

/** Keeps branches for pasting, on this page or another of the same browser; gives their text. */
export function keepCopied(tree: Tree, branches: readonly Topic[], cut: boolean): string {
  const text = branches.map((branch) => asText(tree, branch)).join("");
  const kept: Copied = { map: tree.desk.id, topics: branches.map(({ id }) => id), cut, text };
  localStorage.setItem(KEY, JSON.stringify(kept));
  mark(cut ? kept.topics : []);
  return text;
}

let marked: ReadonlySet<string> = new Set();
const listeners = new Set<() => void>();

function mark(topics: readonly string[]): void {
  marked = new Set(topics);
  for (const tell of listeners) {
    tell();
  }
}

/** Forgets that something was cut, once it has moved. */
export function pastedCut(): void {
  mark([]);
}

/** The branches that were cut on this page and wait to be pasted. */
export function useCut(): ReadonlySet<string> {
  return useSyncExternalStore(
    (tell) => {
      listeners.add(tell);
      return () => listeners.delete(tell);
    },
    () => marked,
  );
}

/** What was copied last, null if a text that is on the clipboard is something else. */
export function copied(text: string | null): Copied | null {
  const kept = localStorage.getItem(KEY);
  const last: Copied | null = kept ? JSON.parse(kept) : null;
  return last && (text === null || normal(text) === normal(last.text)) ? last : null;
}

function normal(text: string): string {
  return text.replace(/\r\n/g, "\n").trim();
}
