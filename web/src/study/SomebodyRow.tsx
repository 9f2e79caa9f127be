import { useState } from "react";
import { Button as AriaButton, Input, Label } from "react-aria-components";
import styled from "styled-components";
import type { Somebody, Tie } from "../api/types";
import type { Tree } from "../map/tree";
import type { OpenSource } from "../reading/spot";
import { asWords, Button, TextButton } from "../ui/Button";
import { Field, Row, Select } from "../ui/Field";
import { counted } from "../ui/words";
import { other } from "./people";
import { StudyPassages } from "./StudyPassage";

const FIRST = 5;

const Line = styled(AriaButton)`
  ${asWords}
  width: 100%;
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0 12px;
  align-items: baseline;
  padding: 6px 0;
  &:hover { text-decoration: none; }
  &:hover b { text-decoration: underline; }
  &[data-focus-visible] { outline: 2px solid ${({ theme }) => theme.rubric}; outline-offset: 1px; }
  b { font: 400 17px/24px ${({ theme }) => theme.reading}; color: ${({ theme }) => theme.ink}; }
  span { font: 400 14px/22px ${({ theme }) => theme.control}; color: ${({ theme }) => theme.softInk}; }
  &[data-off] b { color: ${({ theme }) => theme.softInk}; text-decoration: line-through; }
`;

const Told = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 12px;
  padding: 2px 0 16px;
  h4 { font: 600 15px/22px ${({ theme }) => theme.control}; }
  ul { list-style: none; display: grid; gap: 8px; }
  em { font-family: ${({ theme }) => theme.reading}; }
`;

const Naming = styled.form`
  display: flex;
  gap: 8px;
  align-items: end;
  > :first-child { flex: 1; }
`;

export type NameChange = {
  words: string;
  name?: string;
  with?: string;
  apart?: boolean;
  off?: boolean;
  person?: boolean;
};

type SomebodyRowProps = {
  somebody: Somebody;
  everybody: readonly Somebody[];
  ties: readonly Tie[];
  tree: Tree;
  open: boolean;
  onToggle: () => void;
  onChoose: (key: string) => void;
  onChange: (change: NameChange, told: string) => void;
  onUnmark: () => void;
  onOpen: OpenSource;
  onSelect: (topic: string) => void;
};

/** Somebody: how often they are named, and opened where, how, with whom, and what corrects it. */
export function SomebodyRow(props: SomebodyRowProps) {
  const { somebody, open, onToggle } = props;
  const roles = somebody.roles.length > 0 ? `, ${somebody.roles.join(", ")}` : "";
  return (
    <div id={`somebody-${somebody.key}`}>
      <Line aria-expanded={open} data-off={somebody.off ? "" : undefined} onPress={onToggle}>
        <span>
          <b>{somebody.name}</b>
          {roles} {!somebody.person && "· body"} {somebody.byHand && "· by hand"}
        </span>
        <span>{counted(somebody.times, "sentence")}</span>
      </Line>
      {open && <Opened {...props} />}
    </div>
  );
}

function Opened(props: SomebodyRowProps) {
  const { somebody, tree, onChange, onUnmark, onOpen, onSelect } = props;
  const [name, setName] = useState(somebody.name);
  const [all, setAll] = useState(false);
  const [joining, setJoining] = useState(false);
  const { key, person, places } = somebody;
  const shown = all ? places : places.slice(0, FIRST);
  return (
    <Told>
      {somebody.forms.length > 1 && (
        <Row>
          named as
          {somebody.forms.map((form) => (
            <span key={form.words}>
              <em>{form.words}</em> ({form.times}){" "}
              <TextButton
                aria-label={`${form.words} is somebody else`}
                onPress={() =>
                  onChange({ words: form.words, apart: true }, `${form.words} stands by itself`)
                }
              >
                somebody else
              </TextButton>
            </span>
          ))}
        </Row>
      )}
      <With {...props} />
      <StudyPassages passages={shown} tree={tree} onOpen={onOpen} onSelect={onSelect} />
      {places.length > shown.length && (
        <TextButton onPress={() => setAll(true)}>
          {counted(places.length - shown.length, "more passage")}
        </TextButton>
      )}
      <Naming
        onSubmit={(submitted) => {
          submitted.preventDefault();
          onChange({ words: key, name }, "Renamed");
        }}
      >
        <Field value={name} onChange={setName} maxLength={300}>
          <Label>Name</Label>
          <Input />
        </Field>
        <Button type="submit">Rename</Button>
      </Naming>
      <Row>
        {joining ? (
          <Select
            aria-label="The same as"
            defaultValue=""
            onChange={(event) =>
              event.target.value && onChange({ words: key, with: event.target.value }, "Joined")
            }
          >
            <option value="">The same as…</option>
            {props.everybody
              .filter((each) => each.key !== key)
              .map((each) => (
                <option key={each.key} value={each.key}>
                  {each.name}
                </option>
              ))}
          </Select>
        ) : (
          <TextButton onPress={() => setJoining(true)}>The same as another…</TextButton>
        )}
        <TextButton
          onPress={() => onChange({ words: key, person: !person }, person ? "A body" : "A person")}
        >
          {person ? "It is a body" : "It is a person"}
        </TextButton>
        <TextButton
          onPress={() =>
            onChange(
              { words: key, off: !somebody.off },
              somebody.off ? "Listed again" : "Taken off",
            )
          }
        >
          {somebody.off ? "List it again" : "Nobody: take it off"}
        </TextButton>
        {somebody.byHand && (
          <TextButton onPress={onUnmark}>Back to what the sources tell</TextButton>
        )}
      </Row>
    </Told>
  );
}

/** With whom somebody occurs, each with the words between them and the passages. */
function With({ somebody, everybody, ties, tree, onChoose, onOpen, onSelect }: SomebodyRowProps) {
  const [open, setOpen] = useState<string | null>(null);
  if (ties.length === 0) {
    return null;
  }
  return (
    <div>
      <h4>With whom</h4>
      <ul>
        {ties.slice(0, 12).map((tie) => {
          const key = other(tie, somebody.key);
          const name = everybody.find((each) => each.key === key)?.name ?? key;
          return (
            <li key={key}>
              <Row>
                <TextButton onPress={() => onChoose(key)}>{name}</TextButton>
                {tie.phrases.length > 0 && (
                  <em>
                    {tie.from === somebody.key ? "" : `${name} `}
                    {tie.phrases.slice(0, 2).join(", ")}
                    {tie.from === somebody.key ? ` ${name}` : ""}
                  </em>
                )}
                <TextButton
                  aria-expanded={open === key}
                  aria-label={`Passages with ${name}`}
                  onPress={() => setOpen(open === key ? null : key)}
                >
                  {tie.sentences > 0
                    ? counted(tie.sentences, "sentence")
                    : counted(tie.paragraphs, "paragraph")}
                </TextButton>
              </Row>
              {open === key && (
                <StudyPassages
                  passages={tie.passages}
                  tree={tree}
                  onOpen={onOpen}
                  onSelect={onSelect}
                />
              )}
            </li>
          );
        })}
      </ul>
    </div>
  );
}
