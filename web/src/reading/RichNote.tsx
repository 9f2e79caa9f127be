import { TOGGLE_LINK_COMMAND } from "@lexical/link";
import { INSERT_ORDERED_LIST_COMMAND, INSERT_UNORDERED_LIST_COMMAND } from "@lexical/list";
import { $convertToMarkdownString } from "@lexical/markdown";
import { LexicalComposer } from "@lexical/react/LexicalComposer";
import { useLexicalComposerContext } from "@lexical/react/LexicalComposerContext";
import { ContentEditable } from "@lexical/react/LexicalContentEditable";
import { LexicalErrorBoundary } from "@lexical/react/LexicalErrorBoundary";
import { HistoryPlugin } from "@lexical/react/LexicalHistoryPlugin";
import { LinkPlugin } from "@lexical/react/LexicalLinkPlugin";
import { ListPlugin } from "@lexical/react/LexicalListPlugin";
import { MarkdownShortcutPlugin } from "@lexical/react/LexicalMarkdownShortcutPlugin";
import { RichTextPlugin } from "@lexical/react/LexicalRichTextPlugin";
import { $createQuoteNode } from "@lexical/rich-text";
import {
  $getRoot,
  $getSelection,
  $insertNodes,
  $isRangeSelection,
  FORMAT_TEXT_COMMAND,
  type LexicalEditor,
  type NodeKey,
} from "lexical";
import { useEffect, useRef, useState } from "react";
import styled from "styled-components";
import { CiteSheet } from "../references/CiteSheet";
import { type Cite, read } from "../references/citing";
import { useTyping } from "../ui/typing";
import { $citation, $citations, OnCitation } from "./CitationNode";
import { CitationPlugin } from "./CitationPlugin";
import type { NoteProps } from "./NoteField";
import { filled, MARKS, NOTE_NODES } from "./noteMarks";

const Frame = styled.div`
  position: relative;
  margin: 0 -9px;
  border: 1px solid transparent;
  border-radius: ${({ theme }) => theme.radius};
  font: 400 15px/22px ${({ theme }) => theme.reading};
  &:hover, &:focus-within { border-color: ${({ theme }) => theme.rule}; background: ${({ theme }) => theme.vellum}; }
  [contenteditable] { padding: 4px 8px; min-height: 30px; outline: none; overflow-wrap: anywhere; }
  [contenteditable] > * + * { margin-top: 6px; }
  ul, ol { padding-left: 22px; }
  ul { list-style: disc; }
  blockquote { padding-left: 10px; border-left: 2px solid ${({ theme }) => theme.rule}; color: ${({ theme }) => theme.softInk}; }
  h1, h2, h3, h4 { font: 600 16px/22px ${({ theme }) => theme.reading}; }
  a { color: ${({ theme }) => theme.rubric}; }
  strong { font-weight: 600; }
`;

const Placeholder = styled.div`
  position: absolute;
  left: 8px;
  top: 4px;
  pointer-events: none;
  color: ${({ theme }) => theme.softInk};
`;

const Bar = styled.div`
  display: none;
  flex-wrap: wrap;
  gap: 2px;
  padding: 2px 4px;
  border-top: 1px solid ${({ theme }) => theme.rule};
  font: 400 14px/20px ${({ theme }) => theme.control};
  ${Frame}:focus-within & { display: flex; }
  button {
    min-width: 28px;
    min-height: 28px;
    padding: 2px 7px;
    border: 1px solid transparent;
    border-radius: 3px;
    background: none;
    font: inherit;
    color: inherit;
    cursor: pointer;
    &:hover, &:focus-visible { border-color: ${({ theme }) => theme.softInk}; }
  }
  input {
    flex: 1;
    min-width: 120px;
    padding: 2px 6px;
    font: inherit;
    color: inherit;
    background: ${({ theme }) => theme.page};
    border: 1px solid ${({ theme }) => theme.rule};
  }
`;

/**
 * What is being cited.
 * at: which citation of the note is changed; none makes a new one
 */
type Citing = { at?: number; cites: Cite[] };

/** A note as rich text, kept as CommonMark; Markdown's marks are taken while one types. */
export default function RichNote({ value, onKeep }: NoteProps) {
  return (
    <LexicalComposer
      initialConfig={{
        namespace: "note",
        nodes: NOTE_NODES,
        editorState: () => filled(value),
        onError: (error: Error) => {
          throw error;
        },
      }}
    >
      <Editing value={value} onKeep={onKeep} />
    </LexicalComposer>
  );
}

/** What marks an update that shows a note as it came. */
const FILLED = "filled";

function written(editor: LexicalEditor): string {
  return editor
    .getEditorState()
    .read(() => $convertToMarkdownString(MARKS))
    .trim();
}

function Editing({ value, onKeep }: NoteProps) {
  const [editor] = useLexicalComposerContext();
  const frame = useRef<HTMLDivElement>(null);
  // the note that is shown: as it came, or as it was saved from here
  const shown = useRef(value);
  // the same as the editor writes it
  const begun = useRef("");
  const { typed, left, rests } = useTyping((words, how) => {
    shown.current = words;
    begun.current = words;
    onKeep(words, how);
  });
  const [linking, setLinking] = useState<string | null>(null);
  const [citing, setCiting] = useState<Citing | null>(null);
  // what was changed elsewhere, by undo or by another view, is shown
  useEffect(() => {
    const writing = frame.current?.contains(document.activeElement);
    if (value !== shown.current && (!writing || rests())) {
      shown.current = value;
      editor.update(() => filled(value), { discrete: true, tag: FILLED });
    }
    if (value === shown.current) {
      begun.current = written(editor);
    }
  }, [editor, value, rests]);
  useEffect(
    () =>
      editor.registerUpdateListener(({ dirtyElements, dirtyLeaves, tags }) => {
        const changed = dirtyElements.size > 0 || dirtyLeaves.size > 0;
        const words = changed && !tags.has(FILLED) ? written(editor) : null;
        if (words !== null && (words !== begun.current || !rests())) {
          typed(words, shown.current);
        }
      }),
    [editor, typed, rests],
  );
  const mark = (format: "bold" | "italic") => editor.dispatchCommand(FORMAT_TEXT_COMMAND, format);
  const quote = () =>
    editor.update(() => {
      const selection = $getSelection();
      if ($isRangeSelection(selection)) {
        const top = selection.anchor.getNode().getTopLevelElement();
        const quoted = $createQuoteNode();
        quoted.append(...(top && "getChildren" in top ? top.getChildren() : []));
        top?.replace(quoted);
        quoted.selectEnd();
      }
    });
  const link = () => {
    editor.dispatchCommand(TOGGLE_LINK_COMMAND, linking?.trim() || null);
    setLinking(null);
    editor.focus();
  };
  const cited = (words: string | null) => {
    editor.update(
      () => {
        const old = citing?.at === undefined ? undefined : $citations()[citing.at];
        if (old && words) {
          old.replace($citation(words));
        } else if (old) {
          old.remove();
        } else if (words) {
          if (!$isRangeSelection($getSelection())) {
            $getRoot().selectEnd();
          }
          $insertNodes([$citation(words)]);
        }
      },
      { discrete: true },
    );
    setCiting(null);
  };
  const press = (node: NodeKey, words: string) =>
    editor.read(() => {
      const at = $citations().findIndex((one) => one.getKey() === node);
      setCiting({ at, cites: read(words) });
    });
  return (
    <Frame
      ref={frame}
      onBlur={(event) => {
        if (!event.currentTarget.contains(event.relatedTarget)) {
          setLinking(null);
          left();
        }
      }}
      onKeyDown={(event) => {
        event.stopPropagation();
        if (event.key === "Escape" && !event.defaultPrevented) {
          (document.activeElement as HTMLElement | null)?.blur();
          frame.current?.closest<HTMLElement>("[tabindex]")?.focus({ preventScroll: true });
        }
      }}
    >
      <OnCitation.Provider value={press}>
        <RichTextPlugin
          contentEditable={<ContentEditable aria-label="Note" aria-multiline="true" spellCheck />}
          placeholder={<Placeholder>Add a note</Placeholder>}
          ErrorBoundary={LexicalErrorBoundary}
        />
      </OnCitation.Provider>
      <Bar role="toolbar" aria-label="Lettering">
        {linking === null ? (
          <>
            <Tool label="Bold" onPress={() => mark("bold")}>
              <b>B</b>
            </Tool>
            <Tool label="Italic" onPress={() => mark("italic")}>
              <i>I</i>
            </Tool>
            <Tool
              label="List"
              onPress={() => editor.dispatchCommand(INSERT_UNORDERED_LIST_COMMAND, undefined)}
            >
              • list
            </Tool>
            <Tool
              label="Numbered list"
              onPress={() => editor.dispatchCommand(INSERT_ORDERED_LIST_COMMAND, undefined)}
            >
              1. list
            </Tool>
            <Tool label="Quotation" onPress={quote}>
              “ ”
            </Tool>
            <Tool label="Link" onPress={() => setLinking("https://")}>
              link
            </Tool>
            <Tool label="Cite" onPress={() => setCiting({ cites: [] })}>
              @ cite
            </Tool>
          </>
        ) : (
          <input
            // biome-ignore lint/a11y/noAutofocus: it opens on a press of the person
            autoFocus
            aria-label="Address of the link"
            value={linking}
            onChange={(event) => setLinking(event.target.value)}
            onKeyDown={(event) => {
              if (event.key === "Enter") {
                event.preventDefault();
                link();
              } else if (event.key === "Escape") {
                event.preventDefault();
                setLinking(null);
                editor.focus();
              }
            }}
          />
        )}
      </Bar>
      <ListPlugin />
      <LinkPlugin validateUrl={(url) => /^(https?:|mailto:)/i.test(url)} />
      <HistoryPlugin />
      <MarkdownShortcutPlugin transformers={MARKS} />
      <CitationPlugin />
      <CiteSheet
        cites={citing?.cites ?? null}
        onCite={cited}
        onTakeAway={citing?.at === undefined ? null : () => cited(null)}
        onClose={() => setCiting(null)}
      />
    </Frame>
  );
}

type ToolProps = { label: string; onPress: () => void; children: React.ReactNode };

function Tool({ label, onPress, children }: ToolProps) {
  return (
    <button
      type="button"
      aria-label={label}
      onMouseDown={(event) => event.preventDefault()}
      onClick={onPress}
    >
      {children}
    </button>
  );
}
