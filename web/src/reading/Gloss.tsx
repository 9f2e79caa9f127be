import styled from "styled-components";
import type { Topic } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import { TextButton } from "../ui/Button";
import type { Typed } from "../ui/typing";
import { Kept } from "./Kept";
import { NoteField } from "./NoteField";

const Defined = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  align-items: start;
  gap: 0 12px;
  textarea { font-weight: 500; }
  button { font-size: 14px; padding-top: 5px; }
`;

const Lead = styled.div`
  textarea { font-style: italic; color: ${({ theme }) => theme.softInk}; }
`;

const Traced = styled.p`
  padding: 4px 0;
  font: italic 400 15px/22px ${({ theme }) => theme.reading};
  color: ${({ theme }) => theme.softInk};
`;

/** What a person has set beside a topic: definition, words on its line, note. */
export function Gloss({ topic, actions }: { topic: Topic; actions: DeskActions }) {
  const define = (definition: string, pinned: boolean, typed?: Typed) =>
    actions.edit({ type: "Define", topic: topic.id, definition, pinned }, typed);
  return (
    <div>
      <Defined>
        <Kept
          key={`definition ${topic.id}`}
          label="Definition"
          placeholder="Add a definition"
          value={topic.definition}
          longest={1000}
          onKeep={(words, typed) => define(words, topic.pinned, typed)}
        />
        {topic.definition && (
          <TextButton
            aria-pressed={topic.pinned}
            onPress={() => define(topic.definition, !topic.pinned)}
          >
            {topic.pinned ? "Unpin it" : "Keep in sight"}
          </TextButton>
        )}
      </Defined>
      {topic.parent !== null && (
        <Lead>
          <Kept
            key={`lead ${topic.id}`}
            label="Words on the line from above"
            placeholder="Add words to the line from above"
            value={topic.lead}
            longest={120}
            line
            onKeep={(phrase, typed) =>
              actions.edit({ type: "Lead", topic: topic.id, phrase }, typed)
            }
          />
        </Lead>
      )}
      {topic.trace && (
        <Traced>
          From a reply of {topic.trace.assistant || "a text assistant"}, {topic.trace.on}
          {topic.trace.brief && `, asked: ${topic.trace.brief}`}
        </Traced>
      )}
      <NoteField
        key={`note ${topic.id}`}
        value={topic.note}
        onKeep={(note, typed) => actions.edit({ type: "Note", topic: topic.id, note }, typed)}
      />
    </div>
  );
}
