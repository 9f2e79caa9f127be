import { useState } from "react";
import { Input, Label } from "react-aria-components";
import styled from "styled-components";
import type { Description, Details } from "../api/types";
import { Button } from "../ui/Button";
import { Field, Select } from "../ui/Field";

const Grid = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(220px, 1fr));
  gap: 10px 16px;
  align-items: end;
`;

const Named = styled.label`
  display: grid;
  gap: 4px;
  font-weight: 500;
`;

const LANGUAGES = [
  ["eng", "English"],
  ["deu", "German"],
  ["fra", "French"],
  ["spa", "Spanish"],
  ["ita", "Italian"],
  ["por", "Portuguese"],
  ["nld", "Dutch"],
] as const;

const KINDS = {
  TEXT: "plain text",
  MARKDOWN: "Markdown",
  WEB: "web page",
  TABLE: "table",
  TRANSCRIPT: "transcript",
} as const;

type DescriptionFormProps = { read: Details; onKeep: (said: Description) => void };

/** Name, author, date, type, language and kind of a source. */
export function DescriptionForm({ read, onKeep }: DescriptionFormProps) {
  const [said, setSaid] = useState<Description>({
    name: read.name,
    author: read.author,
    dated: read.dated,
    category: read.category,
    language: read.language,
    chosen: read.chosen,
  });
  const set = (part: Partial<Description>) => setSaid({ ...said, ...part });
  const other = !LANGUAGES.some(([code]) => code === said.language);
  return (
    <>
      <Grid>
        <Field value={said.name} onChange={(name) => set({ name })}>
          <Label>Name</Label>
          <Input maxLength={200} />
        </Field>
        <Field value={said.author} onChange={(author) => set({ author })}>
          <Label>Author</Label>
          <Input maxLength={200} />
        </Field>
        <Field value={said.dated} onChange={(dated) => set({ dated })}>
          <Label>Date</Label>
          <Input maxLength={40} placeholder="2031-05-04, or only its year" />
        </Field>
        <Field value={said.category} onChange={(category) => set({ category })}>
          <Label>Type of work</Label>
          <Input maxLength={60} placeholder="report, interview, minutes" />
        </Field>
        <Named>
          Language
          <Select value={said.language} onChange={(event) => set({ language: event.target.value })}>
            {other && (
              <option value={said.language}>{read.languageName || "cannot be told"}</option>
            )}
            {LANGUAGES.map(([code, name]) => (
              <option key={code} value={code}>
                {name}
              </option>
            ))}
          </Select>
        </Named>
        {read.kinds.length > 0 && (
          <Named>
            Read it as
            <Select
              value={said.chosen ?? ""}
              onChange={(event) =>
                set({ chosen: (event.target.value || null) as Description["chosen"] })
              }
            >
              <option value="">what it looks like</option>
              {read.kinds.map((kind) => (
                <option key={kind} value={kind}>
                  {KINDS[kind as keyof typeof KINDS] ?? kind}
                </option>
              ))}
            </Select>
          </Named>
        )}
      </Grid>
      <div>
        <Button onPress={() => onKeep(said)}>Keep this</Button>
      </div>
    </>
  );
}
