import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import styled from "styled-components";
import { request } from "../api/client";
import type { Recall } from "../api/types";
import { useKnownShown } from "../known/known";
import { Button, ButtonLink, TextButton } from "../ui/Button";
import { Row, Select, Trouble } from "../ui/Field";
import { SureButton } from "../ui/SureButton";
import { Tick } from "../ui/Tick";
import { counted, percent } from "../ui/words";
import { QuizCard } from "./QuizCard";
import { inDays } from "./recall";
import type { PaneProps } from "./study";
import { Waiting } from "./Waiting";

const KEY = "pergamena.recall";
const A_DAY = [5, 10, 20, 40];

const Known = styled.ul`
  list-style: none;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 4px;
  small { font: 400 14px/20px ${({ theme }) => theme.control}; color: ${({ theme }) => theme.softInk}; }
`;

const SHOWN = 8;

/** Questions made from the map, asked again before their answers are forgotten. */
export function RecallPane(props: PaneProps) {
  const { tree, selected, onSelect, say } = props;
  const client = useQueryClient();
  const { id } = tree.desk;
  const path = `/api/maps/${id}/recall`;
  const [most, setMost] = useState(() => Number(localStorage.getItem(KEY)) || 10);
  const [under, setUnder] = useState<string | null>(null);
  const [more, setMore] = useState(false);
  const [all, setAll] = useState(false);
  const [trouble, setTrouble] = useState<Error | null>(null);
  const [shown, show] = useKnownShown();
  const asked = new URLSearchParams({
    most: String(most),
    more: String(more),
    zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
    ...(under === null ? {} : { under }),
  });
  const recall = useQuery({
    queryKey: ["recall", id, most, more, under],
    queryFn: () => request<Recall>("GET", `${path}?${asked}`),
    refetchOnWindowFocus: false, // the question stays while it is thought about
  });
  const { data } = recall;
  if (!data) {
    return <Waiting problem={recall.error} words="Making questions from the map…" />;
  }
  const next = async () => {
    await client.invalidateQueries({ queryKey: ["recall", id] });
    client.invalidateQueries({ queryKey: ["known", id] });
  };
  const forget = async () => {
    try {
      await request("DELETE", path);
      setTrouble(null);
      say("Forgotten");
      await next();
    } catch (e) {
      setTrouble(e instanceof Error ? e : new Error(String(e)));
    }
  };
  const branch = tree.get(under ?? selected);
  const known = data.known.flatMap((each) => {
    const topic = tree.get(each.topic);
    return topic ? [{ ...each, label: topic.label, number: topic.number }] : [];
  });
  const soonest = data.known.map((each) => each.due).sort()[0];
  return (
    <>
      <h2>Recall</h2>
      <p role="status">
        {counted(data.answered, "answer")} today. {counted(data.due, "topic")} about to be
        forgotten, {data.fresh} never asked.
      </p>
      {trouble && <Trouble role="alert">{trouble.message}</Trouble>}
      <Row>
        <Select
          aria-label="How many a day"
          value={String(most)}
          onChange={(event) => {
            localStorage.setItem(KEY, event.target.value);
            setMost(Number(event.target.value));
          }}
        >
          {A_DAY.map((count) => (
            <option key={count} value={count}>
              {count} a day
            </option>
          ))}
        </Select>
        {branch && (branch.parent !== null || under) && (
          <Tick isSelected={under !== null} onChange={(on) => setUnder(on ? selected : null)}>
            Only under “{branch.label}”
          </Tick>
        )}
      </Row>
      {data.quiz ? (
        <QuizCard
          key={`${data.quiz.topic} ${data.quiz.seed} ${data.quiz.kind}`}
          {...props}
          quiz={data.quiz}
          path={path}
          onNext={next}
        />
      ) : data.due + data.fresh > 0 ? (
        <Row>
          <p>That is enough for today.</p>
          <Button onPress={() => setMore(true)}>Go on all the same</Button>
        </Row>
      ) : data.known.length > 0 ? (
        <p>
          Nothing is about to be forgotten.{" "}
          {soonest && `The next is due ${inDays(soonest, Date.now())}.`}
        </p>
      ) : (
        <p>
          Nothing can be asked yet: a topic needs two below it, a definition, or a passage of one of
          several sources.
        </p>
      )}
      {known.length > 0 && (
        <section aria-label="What you know">
          <h3>What you know</h3>
          <p>How likely it is that you still know it in a week, the least likely first.</p>
          <Row>
            <Tick isSelected={shown} onChange={show}>
              Show it on the map
            </Tick>
          </Row>
          <Known>
            {(all ? known : known.slice(0, SHOWN)).map((each) => (
              <li key={each.topic}>
                <TextButton onPress={() => onSelect(each.topic)}>
                  {each.number} {each.label}
                </TextButton>{" "}
                <small>
                  {percent(each.lasting)} in a week; asked {counted(each.answers, "time")},{" "}
                  {each.right} known; again {inDays(each.due, Date.now())}
                </small>
              </li>
            ))}
          </Known>
          {!all && known.length > SHOWN && (
            <TextButton onPress={() => setAll(true)}>{known.length - SHOWN} more</TextButton>
          )}
        </section>
      )}
      <Row>
        <ButtonLink
          href={`${path}/cards${under === null ? "" : `?under=${under}`}`}
          download="cards.csv"
        >
          Save questions as cards
        </ButtonLink>
        {known.length > 0 && (
          <SureButton
            words="Forget all answers…"
            sure={`Yes, forget what was asked of ${counted(known.length, "topic")}`}
            onPress={forget}
          />
        )}
      </Row>
    </>
  );
}
