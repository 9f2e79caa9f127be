import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Input, Label } from "react-aria-components";
import styled from "styled-components";
import { request } from "../api/client";
import type { CatalogueAnswer, ReferenceForm, WorkType } from "../api/types";
import { Button, TextButton } from "../ui/Button";
import { Field, Row, Select, Trouble } from "../ui/Field";
import { counted } from "../ui/words";
import { Cited } from "./Cited";
import { FieldGrid, NamedField, WorkFrame } from "./WorkFields";

const Found = styled.ul`
  list-style: none;
  max-height: 40vh;
  overflow: auto;
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) max-content;
    gap: 16px;
    padding: 7px 0;
    align-items: baseline;
  }
  li + li { border-top: 1px solid ${({ theme }) => theme.rule}; }
`;

const FIELDS = [
  ["title", "Title"],
  ["author", "Author"],
  ["isbn", "ISBN"],
  ["subject", "Subject"],
  ["language", "Language"],
] as const;

type Sought = Readonly<Record<(typeof FIELDS)[number][0] | "type", string>>;

const NOTHING: Sought = { title: "", author: "", isbn: "", subject: "", language: "", type: "" };

type CatalogueSearchProps = {
  map: string;
  types: readonly WorkType[];
  onTake: (reference: ReferenceForm) => void;
  onLeave: () => void;
};

/** Finds works in a catalogue and puts those that are chosen on the shelf. */
export function CatalogueSearch({ map, types, onTake, onLeave }: CatalogueSearchProps) {
  const [sought, setSought] = useState(NOTHING);
  const [asked, setAsked] = useState<{ sought: Sought; from: number } | null>(null);
  const [taken, setTaken] = useState<ReadonlySet<string>>(new Set());
  const answer = useQuery({
    queryKey: ["catalogue", map, asked],
    queryFn: ({ signal }) => {
      const query = new URLSearchParams({ ...asked?.sought, from: String(asked?.from ?? 1) });
      const path = `/api/maps/${map}/catalogue?${query}`;
      return request<CatalogueAnswer>("GET", path, undefined, signal);
    },
    enabled: asked !== null,
    retry: false,
    placeholderData: (before) => before,
  });
  const empty = Object.values(sought).every((words) => !words.trim());
  const found = answer.data;
  return (
    <WorkFrame
      as="form"
      aria-label="Catalogue"
      onSubmit={(event) => {
        event.preventDefault();
        setAsked({ sought, from: 1 });
      }}
    >
      <FieldGrid>
        {FIELDS.map(([name, word]) => (
          <Field
            key={name}
            value={sought[name]}
            onChange={(words) => setSought({ ...sought, [name]: words })}
          >
            <Label>{word}</Label>
            <Input maxLength={200} />
          </Field>
        ))}
        <NamedField>
          Type
          <Select
            value={sought.type}
            onChange={(event) => setSought({ ...sought, type: event.target.value })}
          >
            <option value="">any</option>
            {types.map((type) => (
              <option key={type.name} value={type.name}>
                {type.word}
              </option>
            ))}
          </Select>
        </NamedField>
      </FieldGrid>
      <Row>
        <Button $strong type="submit" isDisabled={empty}>
          Find
        </Button>
        <Button onPress={onLeave}>Close the catalogue</Button>
        <span role="status">
          {answer.isFetching
            ? "Asking the catalogue\u2026"
            : found && `${counted(found.total, "work")} found in ${found.catalogue}.`}
        </span>
      </Row>
      {answer.error && <Trouble role="alert">{answer.error.message}</Trouble>}
      {found && !answer.error && (
        <>
          <Found aria-label="Found works">
            {found.works.map((work, i) => {
              const key = `${found.from + i} ${work.name}`;
              return (
                <li key={key}>
                  <span>
                    <Cited words={work.words} />
                  </span>
                  {taken.has(key) ? (
                    <span>on the shelf</span>
                  ) : (
                    <TextButton
                      aria-label={`Put ${work.name} on the shelf`}
                      onPress={() => {
                        onTake(work.reference);
                        setTaken(new Set([...taken, key]));
                      }}
                    >
                      Put on the shelf
                    </TextButton>
                  )}
                </li>
              );
            })}
          </Found>
          {found.from + found.works.length <= found.total && (
            <div>
              <TextButton
                onPress={() =>
                  asked && setAsked({ ...asked, from: found.from + found.works.length })
                }
              >
                The next ones…
              </TextButton>
            </div>
          )}
        </>
      )}
    </WorkFrame>
  );
}
