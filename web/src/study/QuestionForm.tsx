import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Input, Label, TextArea } from "react-aria-components";
import styled from "styled-components";
import { request } from "../api/client";
import type { Answers, KeptResearch, Scope, ScopeField, ScopeFrame } from "../api/types";
import { Button, TextButton } from "../ui/Button";
import { Field, Row, Trouble } from "../ui/Field";
import { SureButton } from "../ui/SureButton";
import { Tick } from "../ui/Tick";
import { useKeptState } from "../ui/useKeptState";
import { counted } from "../ui/words";
import { OnTheMap } from "./OnTheMap";
import { StudyPassage, StudyPassages } from "./StudyPassage";
import { filled, read, written } from "./scope";
import type { PaneProps } from "./study";

const PAUSE = 400;

const Fields = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(260px, 1fr));
  gap: 10px 18px;
  > div { display: grid; gap: 2px; align-content: start; }
`;

const List = styled.ul`
  list-style: none;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 8px;
  > li > div { padding-left: 24px; }
`;

const Kept = styled.ul`
  list-style: none;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 10px;
  p { font: 400 16px/24px ${({ theme }) => theme.reading}; }
  li > div { display: grid; gap: 8px; margin-top: 6px; }
`;

type QuestionFormProps = PaneProps & {
  /** The topic from which the fields are filled. */
  origin: string;
  frame: ScopeFrame;
  offered: Scope;
};

/** Fields filled from topics and corrected, the question in words, a search string. */
export function QuestionForm(props: QuestionFormProps) {
  const { tree, selected, origin, frame, offered, onOpen, onSelect, say } = props;
  const client = useQueryClient();
  const { id, facts } = tree.desk;
  const path = `/api/maps/${id}/scope`;
  const own = `question ${id} ${origin} ${frame}`;
  const [fields, setFields] = useKeptState<ScopeField[]>(own, () => offered.fields);
  const [without, setWithout] = useKeptState<string[]>(`${own} without`, () => []);
  const [asked, setAsked] = useState({ fields, without });
  const [wording, setWording] = useKeptState<string | null>(`${own} words`, () => null);
  const [trouble, setTrouble] = useState<Error | null>(null);
  const [opened, setOpened] = useState<string | null>(null);
  useEffect(() => {
    const timer = setTimeout(() => setAsked({ fields, without }), PAUSE);
    return () => clearTimeout(timer);
  }, [fields, without]);
  const worded = useQuery({
    queryKey: ["worded", id, frame, asked, facts.shelf],
    queryFn: () =>
      request<Scope>("POST", `${path}/worded`, {
        frame,
        fields: filled(asked.fields),
        without: asked.without,
      }),
    placeholderData: (before) => before ?? offered,
  });
  const kept = useQuery({
    queryKey: ["research", id, facts.shelf],
    queryFn: () => request<KeptResearch[]>("GET", `${path}/questions`),
  });
  const said = useQuery({
    queryKey: ["answers", id, facts.revision, facts.shelf, opened],
    queryFn: () => request<Answers>("POST", `/api/maps/${id}/answers`, { text: opened }),
    enabled: opened !== null,
  });
  const scope = worded.data ?? offered;
  const text = wording ?? scope.text;
  const change = (at: number, field: ScopeField) =>
    setFields(fields.map((each, place) => (place === at ? field : each)));
  const doing = async (what: () => Promise<void>) => {
    try {
      await what();
      setTrouble(null);
    } catch (e) {
      setTrouble(e instanceof Error ? e : new Error(String(e)));
    }
  };
  const keep = () =>
    doing(async () => {
      const wish = { frame, fields: filled(fields), text };
      client.setQueryData(
        ["research", id, facts.shelf],
        await request<KeptResearch[]>("POST", `${path}/questions`, wish),
      );
      setOpened(text);
      say("The question is kept");
    });
  const off = (question: KeptResearch) =>
    doing(async () => {
      await request("DELETE", `${path}/questions/${question.id}`);
      await client.invalidateQueries({ queryKey: ["research", id] });
      say("Taken off");
    });
  const copy = () =>
    doing(async () => {
      await navigator.clipboard.writeText(scope.search);
      say("The search string is copied");
    });
  const chosen = tree.get(selected);
  return (
    <>
      <Fields>
        {fields.map((field, at) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: the fields stand in their order
          <div key={at}>
            <Field
              aria-label={field.name}
              value={written(field)}
              onChange={(line) => change(at, read(field, line))}
            >
              {frame === "OWN" ? null : <Label>{field.name}</Label>}
              <Input />
            </Field>
            {frame === "OWN" && (
              <Row>
                <Field
                  aria-label={`Name of field ${at + 1}`}
                  value={field.name}
                  maxLength={60}
                  onChange={(name) => change(at, { ...field, name })}
                >
                  <Input />
                </Field>
                {fields.length > 1 && (
                  <TextButton
                    aria-label={`Take field ${field.name} off`}
                    onPress={() => setFields(fields.filter((_, place) => place !== at))}
                  >
                    Take it off
                  </TextButton>
                )}
              </Row>
            )}
            {chosen && !field.terms.includes(chosen.label) && (
              <TextButton
                aria-label={`Add “${chosen.label}” to ${field.name}`}
                onPress={() =>
                  change(at, { ...field, terms: [...field.terms.filter(Boolean), chosen.label] })
                }
              >
                Add “{chosen.label}”
              </TextButton>
            )}
          </div>
        ))}
      </Fields>
      <p>Several terms are parted by semicolons. Fields may stay empty.</p>
      {frame === "OWN" && fields.length < 8 && (
        <Row>
          <TextButton
            onPress={() =>
              setFields([...fields, { name: `Field ${fields.length + 1}`, terms: [] }])
            }
          >
            Another field
          </TextButton>
        </Row>
      )}
      <Field value={text} onChange={setWording} maxLength={500}>
        <Label>In words</Label>
        <TextArea rows={2} />
      </Field>
      <Row>
        <Button $strong onPress={keep}>
          Keep this question
        </Button>
        {wording !== null && (
          <TextButton onPress={() => setWording(null)}>Word it from the fields again</TextButton>
        )}
      </Row>
      {trouble && <Trouble role="alert">{trouble.message}</Trouble>}
      <Field value={scope.search} isReadOnly>
        <Label>Search string for catalogues</Label>
        <TextArea rows={2} />
      </Field>
      <Row>
        <Button onPress={copy}>Copy it</Button>
      </Row>
      {scope.synonyms.length > 0 && (
        <section aria-label="Other words that the sources give">
          <h3>Other words that the sources give</h3>
          <List>
            {scope.synonyms.map((each) => (
              <li key={`${each.term} ${each.words}`}>
                <Tick
                  isSelected={!without.includes(each.words)}
                  onChange={(on) =>
                    setWithout(
                      on ? without.filter((word) => word !== each.words) : [...without, each.words],
                    )
                  }
                >
                  “{each.words}” for “{each.term}”
                  {each.passage === null && ", as you said in Compare"}
                </Tick>
                {each.passage && (
                  <div>
                    <StudyPassage
                      passage={each.passage}
                      tree={tree}
                      onOpen={onOpen}
                      onSelect={onSelect}
                    />
                  </div>
                )}
              </li>
            ))}
          </List>
        </section>
      )}
      {kept.data && kept.data.length > 0 && (
        <section aria-label="Questions that are kept">
          <h3>Questions that are kept</h3>
          <Kept>
            {kept.data.map((question) => (
              <li key={question.id}>
                <p>{question.text}</p>
                <Row>
                  <TextButton
                    aria-expanded={opened === question.text}
                    onPress={() => setOpened(opened === question.text ? null : question.text)}
                  >
                    {question.answers > 0
                      ? `${counted(question.answers, "passage")} of the sources`
                      : "The sources say nothing to it"}
                  </TextButton>
                  <SureButton
                    aria-label={`Take off: ${question.text}`}
                    words="Take it off"
                    sure="Yes, take it off for good"
                    onPress={() => off(question)}
                  />
                </Row>
                {opened === question.text && said.data && (
                  <div>
                    <StudyPassages
                      passages={said.data.found}
                      tree={tree}
                      onOpen={onOpen}
                      onSelect={onSelect}
                    />
                  </div>
                )}
              </li>
            ))}
          </Kept>
          <OnTheMap
            tree={tree}
            selected={selected}
            what={counted(kept.data.length, "question")}
            path={`${path}/branch`}
            body={{ keys: kept.data.map((question) => question.id) }}
            onSelect={onSelect}
            say={say}
          />
        </section>
      )}
    </>
  );
}
