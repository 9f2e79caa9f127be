import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Input, Label } from "react-aria-components";
import styled from "styled-components";
import { request } from "../api/client";
import type { Answers, KeptQuestion } from "../api/types";
import { Button, TextButton } from "../ui/Button";
import { Field, Row, Trouble } from "../ui/Field";
import { counted } from "../ui/words";
import { StudyPassage } from "./StudyPassage";
import type { PaneProps } from "./study";

const Asking = styled.form`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  align-items: end;
  gap: 8px;
`;

const List = styled.div`
  display: grid;
  gap: 14px;
`;

const Kept = styled.ul`
  list-style: none;
  display: grid;
  gap: 4px;
  li { display: flex; flex-wrap: wrap; gap: 0 12px; align-items: baseline; }
  b { color: ${({ theme }) => theme.rubric}; }
`;

/** A question in words, answered by passages; questions that are kept tell when there is more. */
export function AskPane({ tree, onOpen, onSelect }: PaneProps) {
  const client = useQueryClient();
  const { id, facts } = tree.desk;
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
        <Field value={text} onChange={setText} maxLength={500}>
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
            <StudyPassage
              key={`${answer.source} ${answer.start}`}
              passage={answer}
              tree={tree}
              told={`strength ${answer.strength.toFixed(2)}`}
              onOpen={onOpen}
              onSelect={onSelect}
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
