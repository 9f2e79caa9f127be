import { useState } from "react";
import { Input, Label, TextArea } from "react-aria-components";
import styled from "styled-components";
import type { HeldDraft } from "../api/types";
import type { Tree } from "../map/tree";
import { Button } from "../ui/Button";
import { Field, Row, Select } from "../ui/Field";
import { forgetState, useKeptState } from "../ui/useKeptState";

const USUAL_PACE = 130;

const Form = styled.form`
  display: grid;
  gap: 12px;
  max-width: 620px;
  small { font: 400 14px/20px ${({ theme }) => theme.control}; color: ${({ theme }) => theme.softInk}; }
  label { display: block; }
`;

const Pace = styled(Field)`
  width: 180px;
`;

export type Brought = {
  name: string;
  text: string;
  source: string | null;
  message: string;
  perMinute: number;
};

type Written = { name: string; text: string; source: string; message: string; pace: string };

type DraftFormProps = {
  tree: Tree;
  /** The draft of which another version is written. */
  held: HeldDraft | undefined;
  /** Whether it was taken. */
  onHold: (brought: Brought) => Promise<boolean>;
  onClose: (() => void) | undefined;
};

/** Takes a draft, and what it is to say. */
export function DraftForm({ tree, held, onHold, onClose }: DraftFormProps) {
  const key = `draft ${tree.desk.id} ${held?.id ?? "new"}`;
  const first = (): Written => ({
    name: held?.name ?? "Draft",
    text: held?.text ?? "",
    source: "",
    message: held?.message ?? "",
    pace: String(held?.perMinute ?? USUAL_PACE),
  });
  const [written, setWritten] = useKeptState(key, first);
  const { name, text, source, message, pace } = written;
  const write = (change: Partial<Written>) => setWritten({ ...written, ...change });
  const [sending, setSending] = useState(false);
  const send = async () => {
    if (!sending) {
      setSending(true);
      const perMinute = Number.parseInt(pace, 10) || USUAL_PACE;
      const brought = {
        name,
        text: source ? "" : text,
        source: source || null,
        message,
        perMinute,
      };
      if (await onHold(brought)) {
        forgetState(key);
      }
      setSending(false);
    }
  };
  return (
    <Form
      aria-label="A draft and its message"
      onSubmit={(submitted) => {
        submitted.preventDefault();
        send();
      }}
    >
      <p>
        A talk, a script or a chapter, held against what it is to say: which points it carries and
        where, which are missing, and how much room each topic of the map takes in it.
      </p>
      <Field value={name} onChange={(next) => write({ name: next })} maxLength={120} isRequired>
        <Label>Name</Label>
        <Input />
      </Field>
      {tree.desk.sources.length > 0 && (
        <Row>
          <Select
            aria-label="Where its text is"
            value={source}
            onChange={(event) => write({ source: event.target.value })}
          >
            <option value="">Its text is below</option>
            {tree.desk.sources.map((each) => (
              <option key={each.id} value={each.id}>
                It is the source {each.name}
              </option>
            ))}
          </Select>
        </Row>
      )}
      {!source && (
        <Field value={text} onChange={(next) => write({ text: next })}>
          <Label>Text</Label>
          <TextArea rows={9} placeholder="Paste the draft here" />
        </Field>
      )}
      <Field value={message} onChange={(next) => write({ message: next })}>
        <Label>What it is to say</Label>
        <TextArea rows={5} placeholder="One point a line" />
      </Field>
      <Pace value={pace} onChange={(next) => write({ pace: next })}>
        <Label>Words spoken in a minute</Label>
        <Input inputMode="numeric" maxLength={3} />
      </Pace>
      <Row>
        <Button type="submit" $strong>
          {sending ? "Holding it against the map…" : "Check it"}
        </Button>
        {onClose && <Button onPress={onClose}>Back</Button>}
      </Row>
      {held && <small>A changed text is kept as another version; the one before stays.</small>}
    </Form>
  );
}
