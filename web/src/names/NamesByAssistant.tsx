import { useQuery } from "@tanstack/react-query";
import { useCallback, useState } from "react";
import styled from "styled-components";
import { request } from "../api/client";
import type { Assistant, ProposedNames, Topic, WrittenBrief } from "../api/types";
import { Asking } from "../brief/Asking";
import { AssistantSetting } from "../brief/AssistantSetting";
import { BLANK } from "../brief/brief";
import type { Tree } from "../map/tree";
import type { Asked } from "../reply/useReply";
import { TextButton } from "../ui/Button";
import { Trouble } from "../ui/Field";
import { TakeList } from "../ui/TakeList";
import { counted } from "../ui/words";
import { aboutAnswer, faultOf } from "./faults";
import { lineOf, TakeNames } from "./TakeNames";

const WORDS = 6;

const BriefText = styled.pre`
  max-height: 26vh;
  overflow: auto;
  white-space: pre-wrap;
  font: 400 15px/21px ${({ theme }) => theme.reading};
  border-left: 3px solid ${({ theme }) => theme.rule};
  padding-left: 10px;
`;

type NamesByAssistantProps = {
  tree: Tree;
  of: Topic;
  alone: boolean;
  assistant: Assistant;
  /** The reply to begin with, or null. */
  first: string | null;
  onClose: () => void;
  say: (words: string) => void;
};

/** Asks an assistant for names, and shows what it proposes beside what stands. */
export function NamesByAssistant(props: NamesByAssistantProps) {
  const { tree, of, alone, assistant, first, onClose, say } = props;
  const [reply, setReply] = useState(first);
  const [setting, setSetting] = useState(false);
  const answered = useCallback((id: string) => setReply(id), []);
  if (!assistant.set || setting) {
    return <AssistantSetting assistant={assistant} onClose={() => setSetting(false)} />;
  }
  if (reply !== null) {
    return <Proposed tree={tree} reply={reply} onClose={onClose} say={say} />;
  }
  return (
    <>
      <Question
        tree={tree}
        of={of}
        alone={alone}
        assistant={assistant}
        onReply={answered}
        onClose={onClose}
      />
      <TextButton onPress={() => setSetting(true)}>Another assistant…</TextButton>
    </>
  );
}

type QuestionProps = Omit<NamesByAssistantProps, "first" | "say"> & {
  onReply: (reply: string) => void;
};

function Question({ tree, of, alone, assistant, onReply, onClose }: QuestionProps) {
  const { id, facts } = tree.desk;
  const about = of.parent === null && !alone ? [] : [of.id];
  const wish = "WORDING" as const;
  const brief = useQuery({
    queryKey: ["brief for names", id, facts.revision, of.id, alone],
    queryFn: () =>
      request<WrittenBrief>("POST", `/api/maps/${id}/brief`, {
        ...BLANK,
        wish,
        topics: about,
        levels: alone ? 1 : 0,
        words: WORDS,
        along: ["PASSAGES"],
      }),
    retry: false,
  });
  const text = brief.data?.text ?? "";
  const asked: Asked = { wish, about, text };
  return (
    <>
      {!alone && (
        <p>What you named yourself and what an author's heading names is not asked for.</p>
      )}
      {brief.isPending && <p role="status">Writing the brief…</p>}
      {brief.isError && <Trouble role="alert">{brief.error.message}</Trouble>}
      {text && (
        <BriefText tabIndex={0} aria-label="The brief">
          {text}
        </BriefText>
      )}
      <Asking
        map={id}
        assistant={assistant}
        asked={asked}
        wanted={text !== ""}
        onDone={onClose}
        onReply={onReply}
      />
    </>
  );
}

type ProposedProps = {
  tree: Tree;
  reply: string;
  onClose: () => void;
  say: (words: string) => void;
};

function Proposed({ tree, reply, onClose, say }: ProposedProps) {
  const { id, facts } = tree.desk;
  const path = `/api/maps/${id}/replies/${reply}/names`;
  const [ticks, setTicks] = useState<ReadonlySet<string> | null>(null);
  const [trouble, setTrouble] = useState<Error | null>(null);
  const [busy, setBusy] = useState(false);
  const names = useQuery({
    queryKey: ["proposed names", reply, facts.revision],
    queryFn: () => request<ProposedNames>("GET", path),
    placeholderData: (before) => before,
    retry: false,
  });
  const all = (names.data?.names ?? []).filter((name) => tree.get(name.topic));
  const faulty = all.filter(({ fault }) => fault !== "NONE").map(({ topic }) => topic);
  const left = ticks ?? new Set(faulty);
  const taken = all.filter(({ topic }) => !left.has(topic)).map(({ topic }) => topic);
  const take = async () => {
    setBusy(true);
    setTrouble(null);
    try {
      await request<void>("POST", path, { id: crypto.randomUUID(), topics: taken });
      say(`${counted(taken.length, "topic")} renamed; undo takes that back`);
      onClose();
    } catch (e) {
      setTrouble(e instanceof Error ? e : new Error(String(e)));
    }
    setBusy(false);
  };
  const problem = trouble ?? names.error;
  return (
    <>
      <p role="status">
        {names.isPending ? "Checking the names against the sources…" : ""}
        {names.data && aboutAnswer(names.data)} The answer is kept among the replies of this map.
      </p>
      {problem && <Trouble role="alert">{problem.message}</Trouble>}
      {all.length > 0 && (
        <TakeList
          label="Names that were proposed"
          lines={all.map((name) => ({ ...lineOf(tree, name), fault: faultOf(name) }))}
          left={left}
          onLeft={setTicks}
        />
      )}
      <TakeNames count={busy ? 0 : taken.length} onTake={take} onClose={onClose} />
    </>
  );
}
