import { useQuery } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import styled from "styled-components";
import { request } from "../api/client";
import type { Ask, Assistant } from "../api/types";
import type { Asked } from "../reply/useReply";
import { Button } from "../ui/Button";
import { Row, Trouble } from "../ui/Field";
import { Tick } from "../ui/Tick";
import { counted } from "../ui/words";
import { lengthOf } from "./brief";

const LOOK_MS = 300;

const Frame = styled.section`
  display: grid;
  gap: 8px;
  padding: 12px 16px;
  border: 1px solid ${({ theme }) => theme.rule};
  border-radius: ${({ theme }) => theme.radius};
  pre {
    max-height: 26vh;
    overflow: auto;
    white-space: pre-wrap;
    font: 400 15px/21px ${({ theme }) => theme.reading};
  }
`;

const unasked = (map: string) => `asks without showing ${map}`;

type AskingProps = {
  map: string;
  assistant: Assistant;
  asked: Asked;
  /** Whether it is to be sent now. */
  wanted: boolean;
  onDone: () => void;
  onReply: (reply: string) => void;
};

/** Sends a brief to the assistant that is set, once the person has agreed to what goes there. */
export function Asking({ map, assistant, asked, wanted, onDone, onReply }: AskingProps) {
  const [id, setId] = useState<string | null>(null);
  const [trouble, setTrouble] = useState<Error | null>(null);
  const [always, setAlways] = useState(false);
  const path = `/api/maps/${map}/asks`;
  const ask = useQuery({
    queryKey: ["ask", id],
    queryFn: () => request<Ask>("GET", `${path}/${id}`),
    enabled: id !== null,
    refetchInterval: (query) => (query.state.data && over(query.state.data) ? false : LOOK_MS),
  });
  const name = assistant.name || assistant.model;
  const send = async () => {
    setTrouble(null);
    if (always) {
      localStorage.setItem(unasked(map), "yes");
    }
    try {
      const { text, wish, about } = asked;
      setId((await request<Ask>("POST", path, { text, wish, about })).id);
    } catch (e) {
      setTrouble(e instanceof Error ? e : new Error(String(e)));
    }
  };
  const free = wanted && id === null && localStorage.getItem(unasked(map)) === "yes";
  // biome-ignore lint/correctness/useExhaustiveDependencies: sent once when it is wanted
  useEffect(() => {
    if (free) {
      send();
    }
  }, [free]);
  const now = ask.data;
  const reply = now?.state === "DONE" ? now.reply : null;
  useEffect(() => {
    if (reply) {
      onReply(reply);
    }
  }, [reply, onReply]);
  const frame = useRef<HTMLElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: into sight whenever it changes its shape
  useEffect(() => {
    frame.current?.scrollIntoView({ block: "nearest" });
  }, [wanted, id, ask.data?.state, Boolean(ask.data?.text)]);
  if (!wanted) {
    return null;
  }
  const again = () => {
    setId(null);
    setTrouble(null);
  };
  if (id === null) {
    return (
      <Frame ref={frame} aria-label="What is sent">
        <p>
          The brief goes to <b>{new URL(assistant.address).host}</b> as it stands above:{" "}
          {counted(lengthOf(asked.text).words, "word")}, about{" "}
          {counted(lengthOf(asked.text).tokens, "token")}. Nothing else goes with it.
        </p>
        {trouble && <Trouble role="alert">{trouble.message}</Trouble>}
        <Tick isSelected={always} onChange={setAlways}>
          Send without asking again for this map
        </Tick>
        <Row>
          <Button $strong onPress={send}>
            Send it
          </Button>
          <Button onPress={onDone}>Not now</Button>
        </Row>
      </Frame>
    );
  }
  const going = !now || now.state === "GOING";
  const cost =
    now && now.promptTokens + now.answerTokens > 0
      ? ` ${counted(now.promptTokens, "token")} asked, ${now.answerTokens} answered.`
      : "";
  const problem = trouble ?? ask.error;
  return (
    <Frame ref={frame} aria-label="The answer">
      <p role="status">
        {going
          ? now?.text
            ? `${name} is answering: ${counted(lengthOf(now.text).words, "word")} so far…`
            : `Waiting for ${name}…`
          : now.state === "CANCELLED"
            ? "Broken off."
            : ""}
        {cost}
      </p>
      {now?.sentence && now.state === "FAILED" && <Trouble role="alert">{now.sentence}</Trouble>}
      {problem && <Trouble role="alert">{problem.message}</Trouble>}
      {now?.text && <pre>{now.text}</pre>}
      <Row>
        {going && !problem && (
          <Button
            onPress={() =>
              request<void>("POST", `${path}/${id}/cancel`).then(() => ask.refetch(), setTrouble)
            }
          >
            Break it off
          </Button>
        )}
        {!going && now.reply && (
          <Button $strong onPress={() => onReply(now.reply ?? "")}>
            Look at what came
          </Button>
        )}
        {(!going || problem) && <Button onPress={again}>Ask again</Button>}
        {(!going || problem) && <Button onPress={onDone}>Close this</Button>}
      </Row>
    </Frame>
  );
}

/** Whether nothing more will come. */
function over(ask: Ask): boolean {
  return ask.state !== "GOING" && (ask.reply !== null || ask.text === "" || ask.sentence !== "");
}
