import { useState } from "react";
import { Input, Label } from "react-aria-components";
import styled from "styled-components";
import type { Events, HappenedEvent, People } from "../api/types";
import { Button, TextButton } from "../ui/Button";
import { Field, Row, Select, Trouble } from "../ui/Field";
import { Tick } from "../ui/Tick";
import { counted } from "../ui/words";
import { EventRow } from "./EventRow";
import { headed, type Stretch, stretch } from "./events";
import { Lost } from "./Lost";
import { Narrow } from "./Narrow";
import { type Filter, found, meets, useUnder } from "./narrowing";
import { Onward } from "./Onward";
import type { PaneProps } from "./study";
import { TimeStrip } from "./TimeStrip";
import { useStudied } from "./useStudied";
import { Waiting } from "./Waiting";

const List = styled.ol`
  list-style: none;
  display: grid;
  border-top: 1px solid ${({ theme }) => theme.rule};
`;

const Head = styled.h3`
  font: 600 15px/24px ${({ theme }) => theme.control};
  color: ${({ theme }) => theme.softInk};
  margin-top: 8px;
`;

const Counting = styled.form`
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  > :nth-child(2) { width: 170px; }
`;

const Adding = styled.form`
  display: grid;
  grid-template-columns: minmax(120px, 1fr) minmax(0, 2fr) auto;
  gap: 8px;
  align-items: end;
  @container (max-width: 620px) { grid-template-columns: minmax(0, 1fr); justify-items: start; }
`;

/** What happened when: on a line, as a list, each event with its passages, corrected by hand. */
export function EventsPane({ tree, selected, onOpen, onSelect, say }: PaneProps) {
  const { desk } = tree;
  const path = `/api/maps/${desk.id}/events`;
  const { data, problem, send } = useStudied<Events>(
    "events",
    desk.id,
    desk.facts.shelf,
    path,
    say,
  );
  const [filter, setFilter] = useState<Filter>({ source: "", topic: null, words: "" });
  const people = useStudied<People>(
    "people",
    desk.id,
    desk.facts.shelf,
    `/api/maps/${desk.id}/people`,
    say,
  );
  const [person, setPerson] = useState("");
  const [aside, setAside] = useState(false);
  const [shown, setShown] = useState<Stretch | null>(null);
  const [chosen, setChosen] = useState<string | null>(null);
  const [when, setWhen] = useState<string | null>(null);
  const [adding, setAdding] = useState(false);
  const [own, setOwn] = useState({ when: "", label: "" });
  const under = useUnder(tree, filter);
  const post = (to: string, body: object, told: string) => send("POST", to, body, told);
  if (!data) {
    return <Waiting problem={problem} words="Reading the sources for times…" />;
  }
  const named = (people.data?.all ?? []).filter((each) => !each.off);
  const somebody = named.find((each) => each.key === person);
  const fits = (event: HappenedEvent) =>
    (aside || !event.off) &&
    (!somebody || event.passages.some((passage) => meets(passage, somebody.places))) &&
    found([event.label, event.date, event.shown], event.passages, filter, under);
  const events = data.events.filter(fits);
  const open = data.open.filter(fits);
  const dated = events.some((event) => event.from !== null);
  const onLine = events.filter((event) => stretch(event, dated));
  const inSight = (event: HappenedEvent) => {
    const its = stretch(event, dated);
    return !shown || !its || (its[1] >= shown[0] && its[0] <= shown[1]);
  };
  const listed = events.filter(inSight);
  const off = [...data.events, ...data.open].filter((event) => event.off).length;
  const differing = data.events.filter((event) => event.differs.length > 0).length;
  const choose = (to: string) => {
    setChosen(to);
    requestAnimationFrame(() =>
      document.getElementById(`event-${to}`)?.scrollIntoView({ block: "nearest" }),
    );
  };
  const rows = (some: readonly HappenedEvent[]) =>
    some.map((event, i) => {
      const head = headed(event);
      const begins = head !== "" && (i === 0 || headed(some[i - 1] as HappenedEvent) !== head);
      return (
        <li key={event.key}>
          {begins && <Head>{head}</Head>}
          <EventRow
            event={event}
            others={data.events}
            tree={tree}
            open={chosen === event.key}
            onToggle={() => setChosen(chosen === event.key ? null : event.key)}
            onChoose={choose}
            onChange={(change, told) => post("/change", { keys: keysOf(event), ...change }, told)}
            onUnmark={() => {
              post("/unmark", { keys: keysOf(event) }, "The event is as the sources tell it");
            }}
            onOpen={onOpen}
            onSelect={onSelect}
          />
        </li>
      );
    });
  return (
    <>
      <h2>Events in order</h2>
      <p role="status">
        {data.events.length + data.open.length === 0
          ? "The sources tell of no time. Dates, years and “two days later” would be found in them."
          : `${counted(data.events.length, "event")} that the sources put in time${
              data.open.length > 0 ? `, ${data.open.length} whose time is open` : ""
            }${differing > 0 ? `, ${differing} told with different times` : ""}.`}
      </p>
      {problem && <Trouble role="alert">{problem.message}</Trouble>}
      {data.counted && (
        <Counting
          onSubmit={async (event) => {
            event.preventDefault();
            const body = { event: data.counted?.event, when: when ?? data.counted?.when ?? "" };
            if (await send("PUT", "/counted", body, "The times are counted anew")) {
              setWhen(null);
              setShown(null);
            }
          }}
        >
          <label htmlFor="counted-from">
            {counted(data.counted.times, "time")} {data.counted.times === 1 ? "is" : "are"} counted
            from the {data.counted.event}. When was it?
          </label>
          <Field
            aria-label={`When was the ${data.counted.event}?`}
            value={when ?? data.counted.when}
            onChange={setWhen}
            maxLength={100}
          >
            <Input id="counted-from" placeholder="12 October 2019" />
          </Field>
          <Button type="submit">Count from it</Button>
        </Counting>
      )}
      <TimeStrip
        events={onLine}
        sources={desk.sources}
        dated={dated}
        counted={data.counted?.event ?? ""}
        shown={shown}
        onShown={setShown}
        chosen={chosen}
        onChoose={choose}
      />
      <Narrow tree={tree} selected={selected} filter={filter} onFilter={setFilter}>
        {named.length > 0 && (
          <Select
            aria-label="Person or body"
            value={somebody ? person : ""}
            onChange={(event) => setPerson(event.target.value)}
          >
            <option value="">Whoever is named</option>
            {named.map((each) => (
              <option key={each.key} value={each.key}>
                {each.name}
              </option>
            ))}
          </Select>
        )}
        {off > 0 && (
          <Tick isSelected={aside} onChange={setAside}>
            Also the {off} taken off
          </Tick>
        )}
      </Narrow>
      {listed.length > 0 && (
        <section aria-label="In time">
          <List>{rows(listed)}</List>
        </section>
      )}
      {open.length > 0 && (
        <section aria-label="Their time is open">
          <h3>Their time is open</h3>
          <p>The words do not say of which year or day. Open one and say when it was.</p>
          <List>{rows(open)}</List>
        </section>
      )}
      <Lost
        lost={data.lost.map(({ key, label, quote, when }) => ({
          key,
          words: [label || quote, when].filter(Boolean).join(", "),
        }))}
        onForget={(key) => post("/unmark", { keys: [key] }, "Forgotten")}
      />
      {adding ? (
        <Adding
          onSubmit={async (event) => {
            event.preventDefault();
            if (await post("", own, "The event is added")) {
              setOwn({ when: "", label: "" });
              setAdding(false);
            }
          }}
        >
          <Field
            value={own.when}
            onChange={(to) => setOwn({ ...own, when: to })}
            maxLength={100}
            autoFocus
          >
            <Label>When</Label>
            <Input placeholder="May 1953" />
          </Field>
          <Field value={own.label} onChange={(to) => setOwn({ ...own, label: to })} maxLength={300}>
            <Label>What happened</Label>
            <Input />
          </Field>
          <Row>
            <Button type="submit" isDisabled={!own.when.trim() || !own.label.trim()}>
              Add it
            </Button>
            <TextButton onPress={() => setAdding(false)}>Leave it</TextButton>
          </Row>
        </Adding>
      ) : (
        <Onward
          tree={tree}
          selected={selected}
          what={counted(listed.length, "event")}
          path={path}
          file="events.csv"
          body={{ keys: listed.filter((event) => !event.off).map((event) => event.key) }}
          onSelect={onSelect}
          say={say}
        >
          <Button onPress={() => setAdding(true)}>Add an event…</Button>
        </Onward>
      )}
    </>
  );
}

/** By what an event is corrected: its statements, the first of them that it is known by. */
function keysOf(event: HappenedEvent): string[] {
  const others = event.passages.map((passage) => passage.key).filter((each) => each !== event.key);
  return [event.key, ...others];
}
