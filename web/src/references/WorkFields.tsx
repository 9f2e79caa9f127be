import { Input, Label } from "react-aria-components";
import styled from "styled-components";
import type { ReferenceForm, WorkType } from "../api/types";
import { Field, Select } from "../ui/Field";

/** What a work is entered or sought in. */
export const WorkFrame = styled.div`
  display: grid;
  gap: 12px;
  padding: 12px 14px;
  border: 1px solid ${({ theme }) => theme.rule};
  border-radius: ${({ theme }) => theme.radius};
  background: ${({ theme }) => theme.vellum};
`;

export const FieldGrid = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(220px, 1fr));
  gap: 10px 16px;
  align-items: end;
`;

export const NamedField = styled.label`
  display: grid;
  gap: 4px;
  font-weight: 500;
`;

const LONGEST = 4000;

/** What names look like, where there is room to say it. */
const NAMES = "Kest, Wenna; {Harbour Committee}";

type WorkFieldsProps = {
  types: readonly WorkType[];
  said: ReferenceForm;
  onSay: (said: ReferenceForm) => void;
  /** The key by which notes cite it. */
  citeKey: string;
  onKey: (key: string) => void;
};

/** What is known of a work: the fields that its type needs, and those that say something. */
export function WorkFields({ types, said, onSay, citeKey, onKey }: WorkFieldsProps) {
  const type = types.find((t) => t.name === said.type);
  const shown = fieldsOf(types, said);
  return (
    <FieldGrid>
      <NamedField>
        Type of work
        <Select
          value={said.type}
          onChange={(event) =>
            onSay({ ...said, type: event.target.value as ReferenceForm["type"] })
          }
        >
          {types.map((t) => (
            <option key={t.name} value={t.name}>
              {t.word}
            </option>
          ))}
        </Select>
      </NamedField>
      {rolesOf(types, said).map(({ name, word }) => (
        <Field
          key={name}
          value={said.people[name] ?? ""}
          onChange={(names) => onSay({ ...said, people: { ...said.people, [name]: names } })}
        >
          <Label>{word}</Label>
          <Input maxLength={LONGEST} placeholder={name === type?.roles[0]?.name ? NAMES : ""} />
        </Field>
      ))}
      {shown.map(({ name, word, dates }) => (
        <Field
          key={name}
          value={said.fields[name] ?? ""}
          onChange={(words) => onSay({ ...said, fields: { ...said.fields, [name]: words } })}
        >
          <Label>{word}</Label>
          <Input maxLength={LONGEST} placeholder={dates ? "2031-05-04, or only its year" : ""} />
        </Field>
      ))}
      <Field value={citeKey} onChange={onKey}>
        <Label>Key in notes</Label>
        <Input maxLength={40} placeholder="kest2031" />
      </Field>
    </FieldGrid>
  );
}

/** Those of the type, and others that say something. */
export function fieldsOf(
  types: readonly WorkType[],
  said: ReferenceForm,
): readonly WorkType["fields"][number][] {
  const own = types.find((t) => t.name === said.type)?.fields ?? [];
  const names = new Set(own.map((field) => field.name));
  const others = new Map(
    types
      .flatMap((t) => t.fields)
      .filter((field) => !names.has(field.name) && said.fields[field.name]?.trim())
      .map((field) => [field.name, field]),
  );
  return [...own, ...others.values()];
}

function rolesOf(types: readonly WorkType[], said: ReferenceForm) {
  const own = types.find((t) => t.name === said.type)?.roles ?? [];
  const names = new Set(own.map((role) => role.name));
  const others = new Map(
    types
      .flatMap((t) => t.roles)
      .filter((role) => !names.has(role.name) && said.people[role.name]?.trim())
      .map((role) => [role.name, role]),
  );
  return [...own, ...others.values()];
}

/** A work of which nothing is known yet. */
export const NO_WORK: ReferenceForm = { type: "BOOK", people: {}, fields: {} };
