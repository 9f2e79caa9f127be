import { LinkNode } from "@lexical/link";
import { ListItemNode, ListNode } from "@lexical/list";
import {
  $convertFromMarkdownString,
  BOLD_ITALIC_STAR,
  BOLD_STAR,
  HEADING,
  ITALIC_STAR,
  LINK,
  ORDERED_LIST,
  QUOTE,
  UNORDERED_LIST,
} from "@lexical/markdown";
import { HeadingNode, QuoteNode } from "@lexical/rich-text";
import { CITING, CitationNode } from "./CitationNode";

/** What CommonMark has of what a note needs. */
export const MARKS = [
  HEADING,
  QUOTE,
  UNORDERED_LIST,
  ORDERED_LIST,
  BOLD_ITALIC_STAR,
  BOLD_STAR,
  ITALIC_STAR,
  CITING,
  LINK,
];

export const NOTE_NODES = [HeadingNode, QuoteNode, ListNode, ListItemNode, LinkNode, CitationNode];

/** Fills an editor with a note. */
export function filled(value: string): void {
  $convertFromMarkdownString(value, MARKS);
}
