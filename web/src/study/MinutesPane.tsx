import { useState } from "react";
import { Input, Label } from "react-aria-components";
import styled from "styled-components";
import type { AllMinutes, Minutes, MinutesPoint } from "../api/types";
import { Button, ButtonLink, TextButton } from "../ui/Button";
import { Field, Row, Select, Trouble } from "../ui/Field";
import { counted } from "../ui/words";
import { Lost } from "./Lost";
import { OnTheMap } from "./OnTheMap";
import { StudyPassage } from "./StudyPassage";
import type { PaneProps } from "./study";
import { useStudied } from "./useStudied";
import { Waiting } from "./Waiting";

const KINDS = {
  DECISION: "Decided",
  VOTE: "Voted",
  ACTION: "To do",
  NONE: "None of these",
} as const;
const PRESENCE = [
  ["PRESENT", "Present"],
  ["ATTENDING", "In attendance"],
  ["ABSENT", "Absent"],
] as const;

const Who = styled.dl`
  display: grid;
  grid-template-columns: max-content minmax(0, 1fr);
  gap: 4px 16px;
  dt { font: 500 15px/24px ${({ theme }) => theme.control}; color: ${({ theme }) => theme.softInk}; }
  dd { display: flex; flex-wrap: wrap; gap: 2px 16px; }
`;

const Items = styled.ol`
  list-style: none;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 18px;
  h4 { font: 500 17px/24px ${({ theme }) => theme.reading}; margin-bottom: 6px; }
  ul { list-style: none; display: grid; grid-template-columns: minmax(0, 1fr); gap: 12px; }
`;

const Head = styled.p`
  font: 600 15px/22px ${({ theme }) => theme.control};
  span { font-weight: 400; color: ${({ theme }) => theme.softInk}; }
`;

const Correcting = styled.form`
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) minmax(0, 1fr) auto;
  gap: 8px;
  align-items: end;
  margin-top: 6px;
  @container (max-width: 620px) { grid-template-columns: minmax(0, 1fr); justify-items: start; }
`;

/** Sources that are minutes: who was there, what was decided, who does what until when. */
export function MinutesPane({ tree, selected, onOpen, onSelect, say }: PaneProps) {
  const { desk } = tree;
  const path = `/api/maps/${desk.id}/minutes`;
  const { data, problem, send } = useStudied<AllMinutes>(
    "minutes",
    desk.id,
    desk.facts.shelf,
    path,
    say,
  );
  const [own, setOwn] = useState("");
  if (!data) {
    return <Waiting problem={problem} words="Looking for minutes…" />;
  }
  const name = (minutes: Minutes) =>
    desk.sources.find((source) => source.id === minutes.source)?.name ?? "";
  const shown = data.all.filter((each) => each.told || each.source === own);
  const others = data.all.filter((each) => !each.told);
  const told = { tree, onOpen, onSelect };
  return (
    <>
      <h2>Minutes at a glance</h2>
      <p role="status">
        {shown.length === 0
          ? "No source looks like minutes of a meeting."
          : `${counted(shown.length, "source")} that ${shown.length === 1 ? "is" : "are"} minutes.`}
      </p>
      {problem && <Trouble role="alert">{problem.message}</Trouble>}
      {others.length > 0 && (
        <Row>
          <Select
            aria-label="Read another source as minutes"
            value={own}
            onChange={(event) => setOwn(event.target.value)}
          >
            <option value="">Read another source as minutes…</option>
            {others.map((each) => (
              <option key={each.source} value={each.source}>
                {name(each)}
              </option>
            ))}
          </Select>
        </Row>
      )}
      {shown.map((minutes) => (
        <section key={minutes.source} aria-label={name(minutes)}>
          <h3>{name(minutes)}</h3>
          <Who>
            {PRESENCE.flatMap(([presence, words]) => {
              const those = minutes.people.filter((person) => person.presence === presence);
              return those.length > 0
                ? [
                    <dt key={presence}>{words}</dt>,
                    <dd key={`${presence} names`}>
                      {those.map((person) => (
                        <TextButton
                          key={`${person.name} ${person.passage.start}`}
                          onPress={() =>
                            onOpen({
                              source: minutes.source,
                              start: person.passage.start,
                              end: person.passage.end,
                            })
                          }
                        >
                          {person.name}
                        </TextButton>
                      ))}
                    </dd>,
                  ]
                : [];
            })}
          </Who>
          <h3>Decisions, votes and what is to do</h3>
          {minutes.items.length === 0 && <p>No sentence says so in words that minutes use.</p>}
          <Items>
            {minutes.items.map((item) => (
              <li key={item.passage.start}>
                <h4>{item.title}</h4>
                <ul>
                  {item.points.map((point) => (
                    <li key={point.key}>
                      <Point
                        point={point}
                        {...told}
                        onChange={(change) =>
                          send(
                            "POST",
                            "/change",
                            { source: minutes.source, key: point.key, ...change },
                            "Corrected",
                          )
                        }
                        onUnmark={() =>
                          send("POST", "/unmark", { keys: [point.key] }, "As the source tells it")
                        }
                      />
                    </li>
                  ))}
                </ul>
              </li>
            ))}
          </Items>
          <Row>
            <OnTheMap
              tree={tree}
              selected={selected}
              what="these minutes"
              path={`${path}/branch`}
              body={{ source: minutes.source }}
              onSelect={onSelect}
              say={say}
            />
          </Row>
        </section>
      ))}
      <Lost
        lost={data.lost.map(({ key, kind, quote }) => ({ key, words: `${KINDS[kind]}: ${quote}` }))}
        onForget={(key) => send("POST", "/unmark", { keys: [key] }, "Forgotten")}
      />
      {shown.length > 0 && (
        <Row>
          <ButtonLink href={`${path}/table`} download="minutes.csv">
            Save as a table
          </ButtonLink>
        </Row>
      )}
    </>
  );
}

type PointProps = Pick<PaneProps, "tree" | "onOpen" | "onSelect"> & {
  point: MinutesPoint;
  onChange: (change: { kind: MinutesPoint["kind"]; who: string; until: string }) => void;
  onUnmark: () => void;
};

function Point({ point, onChange, onUnmark, ...told }: PointProps) {
  const [open, setOpen] = useState(false);
  const [kind, setKind] = useState(point.kind);
  const [who, setWho] = useState(point.who);
  const [until, setUntil] = useState(point.until);
  return (
    <>
      <Head>
        {KINDS[point.kind]}{" "}
        <span>
          {[
            point.who && `by ${point.who}`,
            point.until && `until ${point.until}`,
            point.byHand && "by hand",
          ]
            .filter(Boolean)
            .join(", ")}
        </span>
      </Head>
      <StudyPassage passage={point.passage} {...told}>
        <TextButton
          aria-expanded={open}
          aria-label={`Correct: ${point.passage.exact.slice(0, 60)}`}
          onPress={() => setOpen(!open)}
        >
          Correct
        </TextButton>
      </StudyPassage>
      {open && (
        <Correcting
          onSubmit={(submitted) => {
            submitted.preventDefault();
            onChange({ kind, who, until });
            setOpen(false);
          }}
        >
          <Select
            aria-label="What it is"
            value={kind}
            onChange={(event) => setKind(event.target.value as MinutesPoint["kind"])}
          >
            {Object.entries(KINDS).map(([value, words]) => (
              <option key={value} value={value}>
                {words}
              </option>
            ))}
          </Select>
          <Field value={who} onChange={setWho} maxLength={300}>
            <Label>Who</Label>
            <Input />
          </Field>
          <Field value={until} onChange={setUntil} maxLength={300}>
            <Label>Until when</Label>
            <Input />
          </Field>
          <Row>
            <Button type="submit">Correct it</Button>
            {point.byHand && (
              <TextButton onPress={onUnmark}>Back to what the source tells</TextButton>
            )}
          </Row>
        </Correcting>
      )}
    </>
  );
}
