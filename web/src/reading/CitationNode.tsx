import type { TextMatchTransformer } from "@lexical/markdown";
import { $dfs } from "@lexical/utils";
import {
  $applyNodeReplacement,
  DecoratorNode,
  type EditorConfig,
  type LexicalEditor,
  type LexicalNode,
  type NodeKey,
  type SerializedLexicalNode,
  type Spread,
} from "lexical";
import { createContext, type JSX, useContext } from "react";
import styled from "styled-components";
import { Cited } from "../references/Cited";
import { CITATION } from "../references/citing";
import { useCitedWords, useReferences } from "../references/useReferences";

type Serialized = Spread<{ written: string }, SerializedLexicalNode>;

const Chip = styled.button`
  padding: 0 3px;
  border: 0;
  border-bottom: 1px dotted ${({ theme }) => theme.softInk};
  border-radius: 2px;
  background: none;
  font: inherit;
  color: inherit;
  cursor: pointer;
  &:hover { background: ${({ theme }) => theme.highlight}; }
  &[data-unknown] { color: ${({ theme }) => theme.rubric}; }
`;

/** What is done when a citation is pressed. */
export const OnCitation = createContext<(key: NodeKey, written: string) => void>(() => {});

/** A citation in a note, which is kept as it is written and shown in the style of the map. */
export class CitationNode extends DecoratorNode<JSX.Element> {
  __written: string;

  static override getType(): string {
    return "citation";
  }

  static override clone(node: CitationNode): CitationNode {
    return new CitationNode(node.__written, node.__key);
  }

  static override importJSON(serialized: Serialized): CitationNode {
    return $citation(serialized.written);
  }

  constructor(written: string, key?: NodeKey) {
    super(key);
    this.__written = written;
  }

  override exportJSON(): Serialized {
    return { ...super.exportJSON(), written: this.__written };
  }

  override createDOM(_config: EditorConfig): HTMLElement {
    return document.createElement("span");
  }

  override updateDOM(): false {
    return false;
  }

  override getTextContent(): string {
    return this.__written;
  }

  override isInline(): true {
    return true;
  }

  override decorate(_editor: LexicalEditor): JSX.Element {
    return <Shown written={this.__written} nodeKey={this.__key} />;
  }
}

/** A citation as it is written. */
export function $citation(written: string): CitationNode {
  return $applyNodeReplacement(new CitationNode(written));
}

export function $isCitation(node: LexicalNode | null | undefined): node is CitationNode {
  return node instanceof CitationNode;
}

/** The citations of the note, in their order; a note that was read anew has others. */
export function $citations(): readonly CitationNode[] {
  return $dfs().flatMap(({ node }) => ($isCitation(node) ? [node] : []));
}

/** How citations stand in the Markdown of a note. */
export const CITING: TextMatchTransformer = {
  dependencies: [CitationNode],
  export: (node) => ($isCitation(node) ? node.getTextContent() : null),
  importRegExp: CITATION,
  regExp: new RegExp(`${CITATION.source}$`),
  replace: (node, match) => {
    node.replace($citation(match[0]));
  },
  trigger: "]",
  type: "text-match",
};

function Shown({ written, nodeKey }: { written: string; nodeKey: NodeKey }) {
  const press = useContext(OnCitation);
  const references = useReferences();
  const cited = references.data?.citations.find((one) => one.written === written);
  const fresh = useCitedWords(references.data && !cited ? written : "");
  const words = cited?.words ?? fresh ?? [];
  const unknown = (cited?.unknown.length ?? 0) > 0;
  return (
    <Chip
      type="button"
      data-unknown={unknown ? "" : undefined}
      title={unknown ? "No work on the shelf has this key" : written}
      onClick={() => press(nodeKey, written)}
    >
      {words.length > 0 ? <Cited words={words} /> : written}
    </Chip>
  );
}
