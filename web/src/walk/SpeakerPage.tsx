import { useEffect, useState } from "react";
import styled from "styled-components";
import { pigment } from "../theme/tokens";
import { Button, TextButton } from "../ui/Button";
import type { ShownProps } from "./Showing";
import { passed, stepBy, stepFrom, stepsOf, type WalkAct, walkAct } from "./steps";
import { NoteOf, PassagesOf } from "./Told";
import { useLed } from "./useLed";

const Page = styled.main`
  grid-row: 1 / 3;
  display: grid;
  grid-template: auto minmax(0, 1fr) auto / minmax(0, 1.6fr) minmax(0, 1fr);
  gap: 0 24px;
  min-height: 0;
  padding: 16px 22px 12px;
  background: ${({ theme }) => theme.page};
  @media (max-width: 560px) { grid-template-columns: minmax(0, 1fr); grid-template-rows: auto; overflow: auto; }
`;

const Head = styled.header`
  grid-column: 1 / -1;
  display: flex;
  justify-content: space-between;
  gap: 16px;
  padding-bottom: 10px;
  color: ${({ theme }) => theme.softInk};
  b { font: 700 21px/26px ${({ theme }) => theme.control}; color: ${({ theme }) => theme.ink}; font-variant-numeric: tabular-nums; }
`;

const Now = styled.section`
  min-height: 0;
  overflow: auto;
  display: grid;
  align-content: start;
  gap: 12px;
  h1 { font: 600 28px/36px ${({ theme }) => theme.reading}; }
  h2 { font: 500 15px/20px ${({ theme }) => theme.control}; color: ${({ theme }) => theme.softInk}; }
`;

const Next = styled(Now)`
  border-left: 1px solid ${({ theme }) => theme.rule};
  padding-left: 20px;
  p { font: 600 20px/27px ${({ theme }) => theme.reading}; }
  ol { margin: 0; padding-left: 20px; color: ${({ theme }) => theme.softInk}; font: 400 16px/24px ${({ theme }) => theme.reading}; }
`;

const Foot = styled.footer`
  grid-column: 1 / -1;
  display: flex;
  gap: 8px;
  padding-top: 12px;
`;

/** What the one who leads through a map sees: what to say now, and what comes next. */
export function SpeakerPage({ tree, topic: at, go }: ShownProps) {
  const steps = stepsOf(tree);
  const topic = tree.get(at) ?? steps[0] ?? tree.root;
  const show = (id: string) => go({ topic: id }, true);
  const tell = useLed(tree.desk.id, topic.id, show);
  const [begun, setBegun] = useState(() => Date.now());
  const [now, setNow] = useState(begun);
  useEffect(() => {
    const timer = window.setInterval(() => setNow(Date.now()), 1000);
    return () => window.clearInterval(timer);
  }, []);
  const act = (what: WalkAct) => {
    const next = stepBy(steps, topic.id, what);
    if (next) {
      tell(next.id);
      show(next.id);
    }
  };
  useEffect(() => {
    const key = (event: KeyboardEvent) => {
      const what = walkAct(event.key);
      const pressing = (event.target as Element).closest?.("button");
      if (what && !(pressing && (event.key === " " || event.key === "Enter"))) {
        act(what);
      }
    };
    window.addEventListener("keydown", key);
    return () => window.removeEventListener("keydown", key);
  });
  const place = steps.findIndex((step) => step.id === topic.id);
  const next = place < steps.length - 1 ? stepFrom(steps, topic.id, 1) : null;
  return (
    <Page>
      <Head>
        <span role="status">
          {place < 0 ? "Beside the way" : `Step ${place + 1} of ${steps.length}`}
        </span>
        <span>
          <b role="timer">{passed(now - begun)}</b>{" "}
          <TextButton onPress={() => setBegun(Date.now())}>Begin the time anew</TextButton>
        </span>
      </Head>
      <Now aria-label="Now">
        <h1>
          <span style={{ color: pigment(topic.branch) }}>{topic.number}</span> {topic.label}
        </h1>
        {topic.definition && <p>{topic.definition}</p>}
        {topic.note.trim() ? <NoteOf topic={topic} /> : <p>There is no note to this.</p>}
        <h2>What bears it out</h2>
        <PassagesOf tree={tree} topic={topic} />
      </Now>
      <Next aria-label="Next">
        <h2>Next</h2>
        {next ? (
          <>
            <p>
              {next.number} {next.label}
            </p>
            <ol start={place + 3}>
              {steps.slice(place + 2, place + 7).map((step) => (
                <li key={step.id}>{step.label}</li>
              ))}
            </ol>
          </>
        ) : (
          <p>This is the last step.</p>
        )}
      </Next>
      <Foot>
        <Button isDisabled={place <= 0} onPress={() => act("back")}>
          Back
        </Button>
        <Button $strong isDisabled={next === null} onPress={() => act("next")}>
          On
        </Button>
      </Foot>
    </Page>
  );
}
