import { useState } from "react";
import { Input, Label } from "react-aria-components";
import styled from "styled-components";
import type { WorkView } from "../api/types";
import { Button, TextButton } from "../ui/Button";
import { Field, Row, Select } from "../ui/Field";
import { Sheet, SheetButtons } from "../ui/Sheet";
import { Tick } from "../ui/Tick";
import { Cited } from "./Cited";
import { type Cite, cite, KINDS, type Kind, written } from "./citing";
import { useCitedWords, useReferences } from "./useReferences";
import { FieldGrid, NamedField } from "./WorkFields";

const One = styled.fieldset`
  display: grid;
  gap: 8px;
  border: 0;
  padding: 0;
  & + & { border-top: 1px solid ${({ theme }) => theme.rule}; padding-top: 12px; }
`;

type CiteSheetProps = {
  /** What is cited so far; null while the sheet is closed. */
  cites: readonly Cite[] | null;
  onCite: (written: string) => void;
  onTakeAway: (() => void) | null;
  onClose: () => void;
};

/** Makes a citation, or changes one: which works, where in them, with which words around. */
export function CiteSheet({ cites, onCite, onTakeAway, onClose }: CiteSheetProps) {
  return (
    <Sheet title="Cite" isOpen={cites !== null} onOpenChange={(open) => !open && onClose()}>
      {cites && <Citing cites={cites} onCite={onCite} onTakeAway={onTakeAway} />}
    </Sheet>
  );
}

type CitingProps = {
  cites: readonly Cite[];
  onCite: (written: string) => void;
  onTakeAway: (() => void) | null;
};

function Citing({ cites, onCite, onTakeAway }: CitingProps) {
  const works = useReferences().data?.works ?? [];
  const [all, setAll] = useState<readonly Cite[]>(cites.length > 0 ? cites : [cite("")]);
  const set = (at: number, part: Partial<Cite>) =>
    setAll(all.map((one, i) => (i === at ? { ...one, ...part } : one)));
  const whole = all.filter((one) => one.key);
  const words = useCitedWords(whole.length > 0 ? written(whole) : "");
  return (
    <>
      {all.map((one, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: they stand in order and have no identity
        <One key={i} aria-label={`Work ${i + 1}`}>
          <OneCite works={works} one={one} onSet={(part) => set(i, part)} />
          {all.length > 1 && (
            <div>
              <TextButton onPress={() => setAll(all.filter((_, j) => j !== i))}>
                Leave this work out
              </TextButton>
            </div>
          )}
        </One>
      ))}
      <div>
        <TextButton onPress={() => setAll([...all, cite("")])}>And another work…</TextButton>
      </div>
      <p aria-live="polite">{words && words.length > 0 ? <Cited words={words} /> : "\u00a0"}</p>
      <SheetButtons>
        {onTakeAway && <Button onPress={onTakeAway}>Take the citation away</Button>}
        <Button $strong isDisabled={whole.length === 0} onPress={() => onCite(written(whole))}>
          Cite
        </Button>
      </SheetButtons>
    </>
  );
}

type OneCiteProps = {
  works: readonly WorkView[];
  one: Cite;
  onSet: (part: Partial<Cite>) => void;
};

function OneCite({ works, one, onSet }: OneCiteProps) {
  const known = works.some((work) => work.key === one.key);
  return (
    <>
      <NamedField>
        Work
        <Select value={one.key} onChange={(event) => onSet({ key: event.target.value })}>
          {!known && <option value={one.key}>{one.key ? `@${one.key}, not here` : ""}</option>}
          {works.map((work) => (
            <option key={work.id} value={work.key}>
              {work.name.slice(0, 80)} (@{work.key})
            </option>
          ))}
        </Select>
      </NamedField>
      <FieldGrid>
        <NamedField>
          Where
          <Select
            value={one.kind}
            onChange={(event) => onSet({ kind: event.target.value as Kind })}
          >
            {KINDS.map(([kind, word]) => (
              <option key={kind} value={kind}>
                {word}
              </option>
            ))}
          </Select>
        </NamedField>
        <Field value={one.where} onChange={(where) => onSet({ where })}>
          <Label>Number or time</Label>
          <Input maxLength={40} placeholder={one.kind === "time" ? "12:47" : "12 or 12-14"} />
        </Field>
        <Field value={one.before} onChange={(before) => onSet({ before })}>
          <Label>Words before</Label>
          <Input maxLength={120} placeholder="see" />
        </Field>
        <Field value={one.after} onChange={(after) => onSet({ after })}>
          <Label>Words after</Label>
          <Input maxLength={120} />
        </Field>
      </FieldGrid>
      <Row>
        <Tick isSelected={one.withoutMaker} onChange={(withoutMaker) => onSet({ withoutMaker })}>
          Leave the author out, the sentence names them
        </Tick>
      </Row>
    </>
  );
}
