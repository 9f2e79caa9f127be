import { useState } from "react";
import { Input, Label, Text, TextArea } from "react-aria-components";
import styled from "styled-components";
import { TextButton } from "../ui/Button";
import { Choice } from "../ui/Choice";
import { Field } from "../ui/Field";
import { counted } from "../ui/words";
import { type Choices, wishes } from "./options";

const Column = styled.div`
  display: grid;
  gap: 16px;
  small { font-size: 14px; color: ${({ theme }) => theme.softInk}; }
`;

const LEVELS = ["1", "2", "3", "4", "5"].map((n) => [n, n] as const);
const BRANCHES = [
  ["0", "As the sources need"],
  ["3", "3, to remember"],
  ["5", "5"],
  ["7", "7"],
  ["12", "12"],
] as const;
const DETAILS = [
  ["BRIEF", "Brief"],
  ["USUAL", "Usual"],
  ["FINE", "Fine"],
] as const;
const ONE_SOURCE = [
  ["SUBJECT", "As the source has them"],
  ["TIME", "By the time they tell of"],
] as const;
const ORDERS = [
  ["SUBJECT", "By subject, from all sources"],
  ["SOURCES", "One for each source"],
  ["TIME", "By the time they tell of"],
] as const;

type WantedProps = {
  choices: Choices;
  severalSources: boolean;
  onChange: (choices: Choices) => void;
};

/** What the person wants of the map. */
export function Wanted({ choices, severalSources, onChange }: WantedProps) {
  const [open, setOpen] = useState(wishes(choices) > 0);
  const set = (part: Partial<Choices>) => onChange({ ...choices, ...part });
  const count = wishes(choices);
  return (
    <Column>
      <Field value={choices.question} onChange={(question) => set({ question })} maxLength={500}>
        <Label>Question that the map should answer</Label>
        <Input placeholder="None: all that the sources say" />
      </Field>
      <Choice
        label="Levels below the subject"
        value={choices.levels}
        options={LEVELS}
        onChange={(levels) => set({ levels })}
      />
      <Choice
        label="Most topics under one topic"
        value={choices.branches}
        options={BRANCHES}
        onChange={(branches) => set({ branches })}
      />
      <Choice
        label="Detail"
        value={choices.detail}
        options={DETAILS}
        onChange={(detail) => set({ detail })}
      />
      <Choice
        label="Order of the topics"
        value={choices.order}
        options={severalSources ? ORDERS : ONE_SOURCE}
        onChange={(order) => set({ order })}
      />
      <div>
        <TextButton aria-expanded={open} onPress={() => setOpen(!open)}>
          {open ? "Hide" : "Show"} main branches and terms of your own
        </TextButton>
        {!open && count > 0 && <small> {counted(count, "wish", "wishes")} set</small>}
      </div>
      {open && <Lists choices={choices} set={set} />}
    </Column>
  );
}

type ListsProps = { choices: Choices; set: (part: Partial<Choices>) => void };

function Lists({ choices, set }: ListsProps) {
  return (
    <>
      <Field value={choices.mains} onChange={(mains) => set({ mains })}>
        <Label>Main branches, one on a line</Label>
        <TextArea rows={3} placeholder={"Birds\nMoney: cost, price, grant"} />
        <Text slot="description">
          <small>
            They are filled from the sources. Words after a colon help to find what belongs there.
          </small>
        </Text>
      </Field>
      <Field value={choices.terms} onChange={(terms) => set({ terms })}>
        <Label>Terms that must appear, one on a line</Label>
        <TextArea rows={2} />
      </Field>
      <Field value={choices.leaveOut} onChange={(leaveOut) => set({ leaveOut })}>
        <Label>Terms to leave out, one on a line</Label>
        <TextArea rows={2} />
        <Text slot="description">
          <small>Sentences with them stay off the map and are listed under what is left out.</small>
        </Text>
      </Field>
    </>
  );
}
