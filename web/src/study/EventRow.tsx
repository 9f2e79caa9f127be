import { useState } from "react";
import { Button as AriaButton, Input, Label } from "react-aria-components";
import styled from "styled-components";
import type { HappenedEvent } from "../api/types";
import type { Tree } from "../map/tree";
import type { OpenSource } from "../reading/spot";
import { sourceInk } from "../theme/tokens";
import { asWords, Button, TextButton } from "../ui/Button";
import { Field, Row, Select } from "../ui/Field";
import { StudyPassage } from "./StudyPassage";

const Line = styled(AriaButton)`
  ${asWords}
  width: 100%;
  display: grid;
  grid-template-columns: 150px minmax(0, 1fr) auto;
  gap: 0 14px;
  align-items: baseline;
  padding: 7px 0;
  &:hover { text-decoration: none; }
  &:hover b { text-decoration: underline; }
  &[data-focus-visible] { outline: 2px solid ${({ theme }) => theme.rubric}; outline-offset: 1px; }
  > span { font: 400 15px/22px ${({ theme }) => theme.control}; color: ${({ theme }) => theme.softInk}; }
  b { font: 400 17px/24px ${({ theme }) => theme.reading}; color: ${({ theme }) => theme.ink}; }
  em { font: 500 14px/20px ${({ theme }) => theme.control}; color: ${({ theme }) => theme.rubric}; }
  &[data-off] b { color: ${({ theme }) => theme.softInk}; text-decoration: line-through; }
  @container (max-width: 620px) { grid-template-columns: minmax(0, 1fr) auto; > span:first-child { grid-column: 1 / -1; } }
`;

const Strokes = styled.i`
  display: flex;
  gap: 3px;
  i { width: 3px; height: 15px; }
`;

const Told = styled.div`
  display: grid;
  gap: 12px;
  padding: 4px 0 16px;
  small { color: ${({ theme }) => theme.softInk}; font-size: 14px; }
`;

const Correcting = styled.form`
  display: grid;
  grid-template-columns: minmax(120px, 1fr) minmax(0, 2fr) auto;
  gap: 8px;
  align-items: end;
  @container (max-width: 620px) { grid-template-columns: minmax(0, 1fr); justify-items: start; }
`;

const BASIS = {
  STATED: "",
  CARRIED: "The year is that of",
  COUNTED: "Counted from",
  SAID: "Counted from the day of the source,",
  EVENT: "",
  OPEN: "",
};

type Change = { when?: string; label?: string; off?: boolean; with?: string; apart?: string };

type EventRowProps = {
  event: HappenedEvent;
  others: readonly HappenedEvent[];
  tree: Tree;
  open: boolean;
  onToggle: () => void;
  onChoose: (key: string) => void;
  onChange: (change: Change, told: string) => void;
  onUnmark: () => void;
  onOpen: OpenSource;
  onSelect: (topic: string) => void;
};

/** An event: when it was and what, and opened its passages and what corrects it. */
export function EventRow(props: EventRowProps) {
  const { event, tree, open, onToggle } = props;
  const inks = tree.desk.sources;
  return (
    <div id={`event-${event.key}`}>
      <Line aria-expanded={open} data-off={event.off ? "" : undefined} onPress={onToggle}>
        <span>{event.date || event.shown}</span>
        <span>
          <b>{event.label}</b> {event.differs.length > 0 && <em>another time elsewhere</em>}
          {event.byHand && " · by hand"}
        </span>
        <Strokes aria-label={`${event.passages.length} passages`} role="img">
          {event.passages.map((passage) => (
            <i
              key={passage.key}
              style={{
                background: sourceInk(
                  inks.find((source) => source.id === passage.source)?.ink ?? 0,
                ),
              }}
            />
          ))}
        </Strokes>
      </Line>
      {open && <Opened {...props} />}
    </div>
  );
}

function Opened(props: EventRowProps) {
  const { event, others, tree, onChoose, onChange, onUnmark, onOpen, onSelect } = props;
  const [when, setWhen] = useState(event.date);
  const [label, setLabel] = useState(event.label);
  const [joining, setJoining] = useState(false);
  const basis = event.basis && event.countedFrom ? BASIS[event.basis] : "";
  const time = event.date && event.shown !== event.date ? `told as “${event.shown}”` : "";
  return (
    <Told>
      {(basis || time) && (
        <small>
          {[time, basis && `${basis} “${event.countedFrom}”`].filter(Boolean).join(". ")}
        </small>
      )}
      {event.passages.length === 0 && <small>Added by hand: no source tells of it.</small>}
      {event.passages.map((passage) => (
        <StudyPassage
          key={passage.key}
          passage={passage}
          tree={tree}
          told={event.passages.length > 1 ? `“${passage.time}”` : undefined}
          onOpen={onOpen}
          onSelect={onSelect}
        >
          {event.passages.length > 1 && (
            <TextButton
              aria-label={`Keep apart: ${passage.words.slice(0, 60)}`}
              onPress={() => onChange({ apart: passage.key }, "It stands by itself")}
            >
              Not the same event
            </TextButton>
          )}
        </StudyPassage>
      ))}
      {event.differs.map((differs) => (
        <p key={differs.key}>
          {differs.reason}{" "}
          <TextButton onPress={() => onChoose(differs.key)}>Go to that one</TextButton>
        </p>
      ))}
      <Correcting
        onSubmit={(submitted) => {
          submitted.preventDefault();
          onChange(
            {
              ...(when !== event.date && { when }),
              ...(label !== event.label && { label }),
            },
            "The event is corrected",
          );
        }}
      >
        <Field value={when} onChange={setWhen} maxLength={100}>
          <Label>When</Label>
          <Input placeholder="12 May 1953" />
        </Field>
        <Field value={label} onChange={setLabel} maxLength={300}>
          <Label>What happened</Label>
          <Input />
        </Field>
        <Button type="submit">Correct it</Button>
      </Correcting>
      <Row>
        <TextButton
          onPress={() =>
            onChange({ off: !event.off }, event.off ? "It is on the line again" : "Taken off")
          }
        >
          {event.off ? "Put it on the line again" : "Take it off the line"}
        </TextButton>
        {joining ? (
          <Select
            aria-label="The same event as"
            defaultValue=""
            onChange={(chosen) => onChange({ with: chosen.target.value }, "They are one event")}
          >
            <option value="">The same as…</option>
            {others
              .filter((other) => other.key !== event.key && other.passages.length > 0)
              .map((other) => (
                <option key={other.key} value={other.key}>
                  {other.date || other.shown}: {other.label}
                </option>
              ))}
          </Select>
        ) : (
          event.passages.length > 0 && (
            <TextButton onPress={() => setJoining(true)}>Join it with another…</TextButton>
          )
        )}
        {event.byHand && (
          <TextButton onPress={onUnmark}>
            {event.passages.length > 0 ? "Back to what the sources tell" : "Remove it"}
          </TextButton>
        )}
      </Row>
    </Told>
  );
}
