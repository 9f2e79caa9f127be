import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Input, Label } from "react-aria-components";
import styled from "styled-components";
import { request } from "../api/client";
import type { Answer, Answers, KeptQuestion } from "../api/types";
import type { Tree } from "../map/tree";
import type { OpenSource } from "../reading/spot";
import { Button, TextButton } from "../ui/Button";
import { Field, Row, Trouble } from "../ui/Field";
import { Sheet } from "../ui/Sheet";
import { counted } from "../ui/words";

const Asking = styled.form`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  align-items: end;
  gap: 8px;
`;

const List = styled.div`
  display: grid;
  gap: 14px;
  max-height: 46vh;
  overflow: auto;
`;

const One = styled.article`
  display: grid;
  gap: 2px;
  padding-left: 13px;
  border-left: 3px solid ${({ theme }) => theme.rule};
  blockquote { margin: 0; font: 400 16px/25px ${({ theme }) => theme.reading}; }
  small { font: 400 14px/20px ${({ theme }) => theme.control}; color: ${({ theme }) => theme.softInk}; }
`;

const Kept = styled.ul`
  list-style: none;
  display: grid;
  gap: 4px;
  li { display: flex; flex-wrap: wrap; gap: 0 12px; align-items: baseline; }
  b { color: ${({ theme }) => theme.rubric}; }
`;

type AskSheetProps = {
  tree: Tree;
  isOpen: boolean;
  onOpenChange: (open: boolean) => void;
  onOpen: OpenSource;
  onSelect: (topic: string) => void;
};

/** A question in words, answered by passages; questions that are kept tell when there is more. */
export function AskSheet(props: AskSheetProps) {
  return (
    <Sheet title="Ask the map" wide isOpen={props.isOpen} onOpenChange={props.onOpenChange}>
      <Asked {...props} />
    </Sheet>
  );
}

function Asked({ tree, onOpenChange, onOpen, onSelect }: AskSheetProps) {
  const client = useQueryClient();
  const { id, facts, sources } = tree.desk;
  const path = `/api/maps/${id}`;
  const [text, setText] = useState("");
  const [question, setQuestion] = useState("");
  const [trouble, setTrouble] = useState<Error | null>(null);
  const answers = useQuery({
    queryKey: ["answers", id, facts.revision, facts.shelf, question],
    queryFn: () => request<Answers>("POST", `${path}/answers`, { text: question }),
    enabled: question !== "",
  });
  const kept = useQuery({
    queryKey: ["questions", id, facts.shelf],
    queryFn: () => request<KeptQuestion[]>("GET", `${path}/questions`),
  });
  const doing = async (what: () => Promise<void>) => {
    try {
      await what();
      setTrouble(null);
    } catch (e) {
      setTrouble(e instanceof Error ? e : new Error(String(e)));
    }
    client.invalidateQueries({ queryKey: ["questions", id] });
  };
  const ask = (words: string) => {
    setText(words);
    setQuestion(words.trim());
  };
  const keep = () => doing(() => request<void>("POST", `${path}/questions`, { text: question }));
  const again = (each: KeptQuestion) => {
    ask(each.text);
    if (each.fresh > 0) {
      doing(() => request<void>("POST", `${path}/questions/${each.id}/seen`));
    }
  };
  const forget = (each: KeptQuestion) =>
    doing(() => request<void>("DELETE", `${path}/questions/${each.id}`));
  const found = answers.data?.found;
  const known = kept.data?.some((each) => each.text === question) ?? false;
  const problem = trouble ?? answers.error ?? kept.error;
  return (
    <>
      <Asking
        onSubmit={(event) => {
          event.preventDefault();
          ask(text);
        }}
      >
        <Field value={text} onChange={setText} maxLength={500} autoFocus>
          <Label>Question</Label>
          <Input placeholder="When was the wall opened, and why?" />
        </Field>
        <Button $strong type="submit" isDisabled={!text.trim()}>
          Ask
        </Button>
      </Asking>
      {problem && <Trouble role="alert">{problem.message}</Trouble>}
      {question && (
        <p role="status">
          {!found
            ? "Looking in the sources…"
            : found.length === 0
              ? "The sources say nothing to this, as far as its words go."
              : `${counted(found.length, "passage")}, the best first.`}
          {answers.data && answers.data.beside.length > 0 && (
            <> Sought beside its words: {answers.data.beside.join(", ")}.</>
          )}
        </p>
      )}
      {found && found.length > 0 && (
        <List>
          {found.map((answer) => (
            <Found
              key={`${answer.source} ${answer.start}`}
              answer={answer}
              source={sources.find((source) => source.id === answer.source)?.name ?? ""}
              tree={tree}
              onOpen={(spot) => {
                onOpenChange(false);
                onOpen(spot);
              }}
              onSelect={(topic) => {
                onOpenChange(false);
                onSelect(topic);
              }}
            />
          ))}
        </List>
      )}
      {found && !known && (
        <Row>
          <Button onPress={keep}>Keep this question</Button>
        </Row>
      )}
      {(kept.data?.length ?? 0) > 0 && (
        <section aria-label="Questions that are kept">
          <h3>Questions that are kept</h3>
          <Kept>
            {kept.data?.map((each) => (
              <li key={each.id}>
                <TextButton onPress={() => again(each)}>{each.text}</TextButton>
                <span>
                  {counted(each.answers, "passage")}
                  {each.fresh > 0 && (
                    <>
                      , <b>{each.fresh} new</b>
                    </>
                  )}
                </span>
                <TextButton aria-label={`Forget: ${each.text}`} onPress={() => forget(each)}>
                  Forget
                </TextButton>
              </li>
            ))}
          </Kept>
        </section>
      )}
    </>
  );
}

type FoundProps = {
  answer: Answer;
  source: string;
  tree: Tree;
  onOpen: OpenSource;
  onSelect: (topic: string) => void;
};

function Found({ answer, source, tree, onOpen, onSelect }: FoundProps) {
  const short = answer.exact.slice(0, 60);
  return (
    <One>
      <blockquote>{answer.exact}</blockquote>
      <Row>
        <small>
          {source}
          {answer.place && ` · ${answer.place}`} · strength {answer.strength.toFixed(2)}
        </small>
        <TextButton
          aria-label={`Read in the source: ${short}`}
          onPress={() => onOpen({ source: answer.source, start: answer.start, end: answer.end })}
        >
          Read it there
        </TextButton>
        {answer.topics.flatMap((id) => {
          const topic = tree.get(id);
          return topic ? (
            <TextButton key={id} onPress={() => onSelect(id)}>
              {topic.number} {topic.label}
            </TextButton>
          ) : (
            []
          );
        })}
        {answer.topics.length === 0 && <small>on no topic</small>}
      </Row>
    </One>
  );
}
