import styled from "styled-components";
import type { Topic } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import { TextButton } from "../ui/Button";
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
  const define = (definition: string, pinned: boolean) =>
    actions.edit({ type: "Define", topic: topic.id, definition, pinned });
  return (
    <div>
      <Defined>
        <Kept
          key={`definition ${topic.id}`}
          label="Definition"
          placeholder="Add a definition"
          value={topic.definition}
          longest={1000}
          onKeep={(words) => define(words, topic.pinned)}
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
            onKeep={(phrase) => actions.edit({ type: "Lead", topic: topic.id, phrase })}
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
        onKeep={(note) => actions.edit({ type: "Note", topic: topic.id, note })}
      />
    </div>
  );
}
