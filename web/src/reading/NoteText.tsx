import { LexicalComposer } from "@lexical/react/LexicalComposer";
import { useLexicalComposerContext } from "@lexical/react/LexicalComposerContext";
import { ContentEditable } from "@lexical/react/LexicalContentEditable";
import { LexicalErrorBoundary } from "@lexical/react/LexicalErrorBoundary";
import { RichTextPlugin } from "@lexical/react/LexicalRichTextPlugin";
import { useEffect } from "react";
import { filled, NOTE_NODES } from "./noteMarks";

/** A note as it is read, its marks as what they mean. */
export default function NoteText({ value }: { value: string }) {
  return (
    <LexicalComposer
      initialConfig={{
        namespace: "note that is read",
        editable: false,
        nodes: NOTE_NODES,
        editorState: () => filled(value),
        onError: (error: Error) => {
          throw error;
        },
      }}
    >
      <Text value={value} />
    </LexicalComposer>
  );
}

function Text({ value }: { value: string }) {
  const [editor] = useLexicalComposerContext();
  useEffect(() => {
    editor.update(() => filled(value), { discrete: true });
  }, [editor, value]);
  return (
    <RichTextPlugin
      contentEditable={<ContentEditable aria-label="Note" role="note" />}
      placeholder={null}
      ErrorBoundary={LexicalErrorBoundary}
    />
  );
}
