import { useState } from "react";
import { Input, Label } from "react-aria-components";
import type { Description, Details } from "../api/types";
import { useReferences } from "../references/useReferences";
import { FieldGrid, NamedField, WorkFields } from "../references/WorkFields";
import { Button } from "../ui/Button";
import { Field, Select } from "../ui/Field";

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

/** Name, language and kind of a source, and what is known of it as a work. */
export function DescriptionForm({ read, onKeep }: DescriptionFormProps) {
  const [said, setSaid] = useState<Description>({
    name: read.name,
    key: read.key,
    reference: read.reference,
    language: read.language,
    chosen: read.chosen,
  });
  const set = (part: Partial<Description>) => setSaid({ ...said, ...part });
  const types = useReferences().data?.types;
  const other = !LANGUAGES.some(([code]) => code === said.language);
  return (
    <>
      <FieldGrid>
        <Field value={said.name} onChange={(name) => set({ name })}>
          <Label>Name</Label>
          <Input maxLength={200} />
        </Field>
        <NamedField>
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
        </NamedField>
        {read.kinds.length > 0 && (
          <NamedField>
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
          </NamedField>
        )}
      </FieldGrid>
      {types && (
        <WorkFields
          types={types}
          said={said.reference}
          onSay={(reference) => set({ reference })}
          citeKey={said.key}
          onKey={(key) => set({ key })}
        />
      )}
      <div>
        <Button onPress={() => onKeep(said)}>Keep this</Button>
      </div>
    </>
  );
}
