import { useEffect, useRef, useState } from "react";
import { Button as AriaButton, Input, Label, TextArea } from "react-aria-components";
import styled from "styled-components";
import { request } from "../api/client";
import type { Answered, Grade, Quiz } from "../api/types";
import { Button } from "../ui/Button";
import { Field, Row, Trouble } from "../ui/Field";
import { Tick } from "../ui/Tick";
import { type Given, GRADES, inDays, moved, nothing } from "./recall";
import { StudyPassages } from "./StudyPassage";
import type { PaneProps } from "./study";

const Card = styled.form`
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 12px;
  padding: 18px 20px;
  max-width: 680px;
  background: ${({ theme }) => theme.page};
  border: 1px solid ${({ theme }) => theme.rule};
  border-radius: ${({ theme }) => theme.radius};
  h3 { margin: 0; font: 600 19px/27px ${({ theme }) => theme.reading}; }
  blockquote { margin: 0; font: 400 17px/27px ${({ theme }) => theme.reading}; overflow-wrap: anywhere; }
`;

const Options = styled.ul`
  list-style: none;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 6px;
  li { font: 400 16px/24px ${({ theme }) => theme.reading}; display: flex; flex-wrap: wrap; gap: 4px 10px; align-items: center; }
  em { font: 600 14px/20px ${({ theme }) => theme.control}; color: ${({ theme }) => theme.rubric}; }
  strong { font: 600 14px/20px ${({ theme }) => theme.control}; }
`;

const Choice = styled(AriaButton)`
  width: 100%;
  text-align: left;
  padding: 9px 12px;
  min-height: 44px;
  font: 400 16px/24px ${({ theme }) => theme.reading};
  color: ${({ theme }) => theme.ink};
  background: ${({ theme }) => theme.vellum};
  border: 1px solid ${({ theme }) => theme.rule};
  border-radius: ${({ theme }) => theme.radius};
  cursor: pointer;
  &[data-hovered] { border-color: ${({ theme }) => theme.softInk}; }
`;

type QuizCardProps = PaneProps & { quiz: Quiz; path: string; onNext: () => Promise<void> };

/** A question, and what becomes of its answer. */
export function QuizCard(props: QuizCardProps) {
  const { quiz, path, onNext, say } = props;
  const [given, setGiven] = useState<Given>(() => nothing(quiz));
  const [answered, setAnswered] = useState<Answered | null>(null);
  const [trouble, setTrouble] = useState<Error | null>(null);
  const sending = useRef(false);
  const [busy, setBusy] = useState<string | null>(null);
  const next = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (answered) {
      next.current?.querySelector("button")?.focus();
    }
  }, [answered]);
  const send = async (answer: Given, grade: Grade | null) => {
    if (sending.current) {
      return;
    }
    sending.current = true;
    setBusy(grade ? "Kept. Getting the next question…" : "Marking…");
    try {
      const { topic, kind, seed } = quiz;
      const marked = await request<Answered>("POST", `${path}/answers`, {
        topic,
        kind,
        seed,
        ...answer,
        grade,
      });
      setTrouble(null);
      if (grade) {
        say(`Asked again ${inDays(marked.known?.due ?? "", Date.now())}`);
        await onNext();
      } else {
        setAnswered(marked);
        say(marked.known && marked.grade ? GRADES[marked.grade] : "Opened");
      }
    } catch (e) {
      setTrouble(e instanceof Error ? e : new Error(String(e)));
    } finally {
      sending.current = false;
      setBusy(null);
    }
  };
  const goOn = async () => {
    setBusy("Getting the next question…");
    await onNext();
    setBusy(null);
  };
  return (
    <Card
      aria-label="Question"
      onSubmit={(submitted) => {
        submitted.preventDefault();
        if (!answered) {
          send(given, null);
        }
      }}
    >
      <h3>{quiz.asks}</h3>
      {quiz.text && <blockquote>{quiz.text}</blockquote>}
      {answered ? (
        <Marked {...props} answered={answered} given={given} />
      ) : (
        <Answering quiz={quiz} given={given} onGiven={setGiven} onAnswer={(g) => send(g, null)} />
      )}
      {trouble && (
        <Row role="alert">
          <Trouble>{trouble.message}</Trouble>
          <Button onPress={onNext}>Another question</Button>
        </Row>
      )}
      {answered && (
        <Row ref={next}>
          {answered.known ? (
            <Button $strong isDisabled={busy !== null} onPress={goOn}>
              Next
            </Button>
          ) : (
            <>
              <span>How well did you know it?</span>
              {HOW_WELL.map(([grade, words]) => (
                <Button key={grade} isDisabled={busy !== null} onPress={() => send(given, grade)}>
                  {words}
                </Button>
              ))}
            </>
          )}
        </Row>
      )}
      {busy && <p role="status">{busy}</p>}
    </Card>
  );
}

const HOW_WELL = [
  ["NO", "Not"],
  ["PARTLY", "Partly"],
  ["YES", "Well"],
] as const;

type AnsweringProps = {
  quiz: Quiz;
  given: Given;
  onGiven: (given: Given) => void;
  onAnswer: (given: Given) => void;
};

function Answering({ quiz, given, onGiven, onAnswer }: AnsweringProps) {
  const { chosen, written } = given;
  if (quiz.kind === "ORDER") {
    return (
      <>
        <Options>
          {chosen.map((place, at) => (
            <li key={place}>
              <Button
                aria-label={`Earlier: ${quiz.options[place]}`}
                onPress={() => onGiven({ ...given, chosen: moved(chosen, at, -1) })}
              >
                ↑
              </Button>
              <Button
                aria-label={`Later: ${quiz.options[place]}`}
                onPress={() => onGiven({ ...given, chosen: moved(chosen, at, 1) })}
              >
                ↓
              </Button>
              <span>{quiz.options[place]}</span>
            </li>
          ))}
        </Options>
        <Row>
          <Button type="submit" $strong>
            That is the order
          </Button>
        </Row>
      </>
    );
  }
  if (quiz.several) {
    return (
      <>
        <Options>
          {quiz.options.map((option, place) => (
            <li key={option}>
              <Tick
                isSelected={chosen.includes(place)}
                onChange={(on) =>
                  onGiven({
                    ...given,
                    chosen: on ? [...chosen, place] : chosen.filter((each) => each !== place),
                  })
                }
              >
                {option}
              </Tick>
            </li>
          ))}
        </Options>
        <Row>
          <Button type="submit" $strong>
            Answer
          </Button>
        </Row>
      </>
    );
  }
  if (quiz.options.length > 0) {
    return (
      <Options>
        {quiz.options.map((option, place) => (
          <li key={option}>
            <Choice onPress={() => onAnswer({ ...given, chosen: [place] })}>{option}</Choice>
          </li>
        ))}
      </Options>
    );
  }
  const write = (at: number, words: string) =>
    onGiven({ ...given, written: written.map((each, i) => (i === at ? words : each)) });
  return (
    <>
      {quiz.kind === "FREE" ? (
        <Field value={written[0] ?? ""} onChange={(words) => write(0, words)}>
          <Label>What you remember of it</Label>
          <TextArea rows={4} />
        </Field>
      ) : (
        written.map((words, at) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: the covered words stand in their order
          <Field key={at} value={words} onChange={(next) => write(at, next)}>
            <Label>{written.length > 1 ? `Covered, ${at + 1}` : "Covered"}</Label>
            <Input autoComplete="off" />
          </Field>
        ))
      )}
      <Row>
        <Button type="submit" $strong>
          {quiz.judged ? "Open it" : "Answer"}
        </Button>
      </Row>
    </>
  );
}

function Marked(props: QuizCardProps & { answered: Answered; given: Given }) {
  const { quiz, answered, given, tree, onOpen, onSelect } = props;
  const { right, expected, met, wrong, grade, known, grounds } = answered;
  const listed =
    quiz.options.length > 0 ? right.map((place) => quiz.options[place] ?? "") : expected;
  return (
    <>
      {known && grade && (
        <p>
          <strong>{GRADES[grade]}</strong> Asked again {inDays(known.due, Date.now())}.
        </p>
      )}
      <Options>
        {listed.map((words, at) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: what is right stands in its order
          <li key={at}>
            <span>{words}</span>
            {met[at] !== undefined && (met[at] ? <strong>had it</strong> : <em>missed</em>)}
          </li>
        ))}
        {wrong.map((place) => (
          <li key={`wrong ${place}`}>
            <del>{quiz.options[place]}</del> <em>does not belong there</em>
          </li>
        ))}
        {quiz.kind === "FREE" && given.written[0]?.trim() && (
          <li>
            <span>You wrote: {given.written[0]}</span>
          </li>
        )}
        {quiz.kind === "COVERED" &&
          given.written.map((words, at) =>
            words && !met[at] ? (
              // biome-ignore lint/suspicious/noArrayIndexKey: the covered words stand in their order
              <li key={`written ${at}`}>
                <del>{words}</del> <em>was written</em>
              </li>
            ) : null,
          )}
      </Options>
      <StudyPassages
        passages={grounds.slice(0, 3)}
        tree={tree}
        onOpen={onOpen}
        onSelect={onSelect}
      />
    </>
  );
}
