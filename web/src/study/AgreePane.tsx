import { useState } from "react";
import { Input, Label } from "react-aria-components";
import styled from "styled-components";
import type { Agreement, Disputed, ProposedStance, Stated } from "../api/types";
import { Button, TextButton } from "../ui/Button";
import { Field, Row, Trouble } from "../ui/Field";
import { Tick } from "../ui/Tick";
import { counted } from "../ui/words";
import { Lost } from "./Lost";
import { Narrow } from "./Narrow";
import { type Filter, found, useUnder } from "./narrowing";
import { Onward } from "./Onward";
import { StudyPassage } from "./StudyPassage";
import type { PaneProps } from "./study";
import { useStudied } from "./useStudied";
import { Waiting } from "./Waiting";

const List = styled.ol`
  list-style: none;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 22px;
  h4 { font: 600 15px/22px ${({ theme }) => theme.control}; color: ${({ theme }) => theme.rubric}; }
  h4 small { font-weight: 400; font-size: 14px; color: ${({ theme }) => theme.softInk}; }
`;

const Sides = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 10px 22px;
  margin: 6px 0;
  @container (max-width: 620px) { grid-template-columns: minmax(0, 1fr); }
`;

const Settling = styled.form`
  display: flex;
  gap: 8px;
  align-items: end;
  > :first-child { flex: 1; }
`;

const Said = styled.small`
  font-size: 14px;
  color: ${({ theme }) => theme.softInk};
`;

/** What the sources contradict each other in, what is said to be disputed, and what they share. */
export function AgreePane(props: PaneProps) {
  const { tree, actions, selected, onOpen, onSelect, say } = props;
  const { desk } = tree;
  const path = `/api/maps/${desk.id}/agreement`;
  const shelf = [desk.facts.shelf, desk.facts.revision];
  const studied = useStudied<Agreement>("agreement", desk.id, shelf, path, say);
  const { data, problem, send } = studied;
  const [filter, setFilter] = useState<Filter>({ source: "", topic: null, words: "" });
  const [aside, setAside] = useState(false);
  const under = useUnder(tree, filter);
  if (!data) {
    return (
      <Waiting
        problem={problem}
        words="Holding the statements of the sources against each other…"
      />
    );
  }
  const fits = (...statements: readonly Stated[]) =>
    found(
      statements.map((each) => each.speaker),
      statements.map((each) => each.passage),
      filter,
      under,
    );
  const disputed = data.disputed.filter(
    (each) => (aside || each.against) && fits(each.one, each.other),
  );
  const doubted = data.doubted.filter((each) => fits(each.statement));
  const shared = data.shared.filter((each) => fits(...each.statements));
  const stances = data.stances.filter((each) => found([], [each.passage], filter, under));
  const off = data.disputed.filter((each) => !each.against).length;
  const speakers = [...new Set(doubted.map((each) => each.statement.speaker).filter(Boolean))];
  const told = { tree, onOpen, onSelect };
  const judge = (stance: ProposedStance) => {
    const { topic, evidence, proposed } = stance;
    actions.edit({ type: "Judge", topic, evidence, stance: proposed });
    say("The passage disputes its topic");
  };
  return (
    <>
      <h2>Agree and disagree</h2>
      <p role="status">
        {desk.sources.length < 2 && data.doubted.length === 0
          ? "There is one source alone. With a second one, what they contradict each other in is pointed out here."
          : `${data.disputed.length === off ? "No contradiction" : counted(data.disputed.length - off, "contradiction")} between sources, ${counted(data.doubted.length, "statement")} that something is disputed, ${counted(data.shared.length, "thing")} that several sources say.`}
      </p>
      {problem && <Trouble role="alert">{problem.message}</Trouble>}
      <Narrow tree={tree} selected={selected} filter={filter} onFilter={setFilter}>
        {off > 0 && (
          <Tick isSelected={aside} onChange={setAside}>
            Also the {off} that are none
          </Tick>
        )}
      </Narrow>
      {disputed.length > 0 && (
        <section aria-label="Contradictions">
          <h3>Contradictions</h3>
          <List>
            {disputed.map((each) => (
              <li key={each.key}>
                <Pair
                  disputed={each}
                  {...told}
                  onChange={(against, settled, words) =>
                    send("POST", "/change", { key: each.key, against, settled }, words)
                  }
                  onUnmark={() =>
                    send("POST", "/unmark", { keys: [each.key] }, "As the sources tell it")
                  }
                />
              </li>
            ))}
          </List>
        </section>
      )}
      {doubted.length > 0 && (
        <section aria-label="Said to be disputed">
          <h3>Said to be disputed{speakers.length > 0 && `, by ${speakers.join(", ")}`}</h3>
          <List>
            {doubted.map((each) => (
              <li key={`${each.statement.passage.source} ${each.statement.passage.start}`}>
                <StudyPassage
                  passage={each.statement.passage}
                  told={`“${each.said}”${each.statement.speaker && `, ${each.statement.speaker}`}`}
                  {...told}
                />
              </li>
            ))}
          </List>
        </section>
      )}
      {stances.length > 0 && (
        <section aria-label="Passages that may dispute their topic">
          <h3>Passages that may dispute their topic</h3>
          <List>
            {stances.map((each) => (
              <li key={each.evidence}>
                <StudyPassage passage={each.passage} {...told}>
                  <Said>
                    linked to {tree.get(each.topic)?.label}. {each.said}
                  </Said>
                  <Button onPress={() => judge(each)}>It disputes it</Button>
                </StudyPassage>
              </li>
            ))}
          </List>
        </section>
      )}
      {shared.length > 0 && (
        <section aria-label="What several sources say">
          <h3>What several sources say</h3>
          <List>
            {shared.map((each) => (
              <li
                key={each.statements.map((s) => `${s.passage.source} ${s.passage.start}`).join(" ")}
              >
                <Sides>
                  {each.statements.map((statement) => (
                    <StudyPassage
                      key={`${statement.passage.source} ${statement.passage.start}`}
                      passage={statement.passage}
                      told={statement.speaker}
                      {...told}
                    />
                  ))}
                </Sides>
                <Said>alike {each.strength.toFixed(2)}</Said>
              </li>
            ))}
          </List>
        </section>
      )}
      <Lost
        lost={data.lost.map(({ key, quote, settled }) => ({
          key,
          words: [quote, settled].filter(Boolean).join(" – "),
        }))}
        onForget={(key) => send("POST", "/unmark", { keys: [key] }, "Forgotten")}
      />
      {data.disputed.length - off + data.doubted.length > 0 && (
        <Onward
          tree={tree}
          selected={selected}
          what="what is disputed"
          path={path}
          file="disputed.csv"
          body={{}}
          onSelect={onSelect}
          say={say}
        />
      )}
    </>
  );
}

type PairProps = Pick<PaneProps, "tree" | "onOpen" | "onSelect"> & {
  disputed: Disputed;
  onChange: (against: boolean, settled: string, told: string) => void;
  onUnmark: () => void;
};

function Pair({ disputed, onChange, onUnmark, ...told }: PairProps) {
  const { against, byHand } = disputed;
  const [settled, setSettled] = useState(disputed.settled);
  return (
    <>
      <h4>
        {disputed.reason}{" "}
        <small>
          sure {disputed.strength.toFixed(2)}
          {!against && ", said to be no contradiction"}
          {byHand && ", by hand"}
        </small>
      </h4>
      <Sides>
        {[disputed.one, disputed.other].map((side) => (
          <StudyPassage
            key={`${side.passage.source} ${side.passage.start}`}
            passage={side.passage}
            told={side.speaker}
            {...told}
          />
        ))}
      </Sides>
      <Settling
        onSubmit={(submitted) => {
          submitted.preventDefault();
          onChange(against, settled, "Kept");
        }}
      >
        <Field value={settled} onChange={setSettled} maxLength={2000}>
          <Label>What I found</Label>
          <Input placeholder="Which of them is right, and why" />
        </Field>
        <Button type="submit">Keep it</Button>
      </Settling>
      <Row>
        <TextButton
          onPress={() =>
            onChange(!against, settled, against ? "Said to be none" : "A contradiction")
          }
        >
          {against ? "It is no contradiction" : "It is one after all"}
        </TextButton>
        {byHand && <TextButton onPress={onUnmark}>Back to what the sources tell</TextButton>}
      </Row>
    </>
  );
}
