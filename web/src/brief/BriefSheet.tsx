import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useRef, useState } from "react";
import { Input, Label, TextArea } from "react-aria-components";
import styled from "styled-components";
import { request } from "../api/client";
import type { BriefChoices, KeptBrief, Topic, WrittenBrief } from "../api/types";
import type { Tree } from "../map/tree";
import type { Asked } from "../reply/useReply";
import { Button, TextButton } from "../ui/Button";
import { Field, Row, Select, Trouble } from "../ui/Field";
import { Sheet, SheetButtons } from "../ui/Sheet";
import { Tick } from "../ui/Tick";
import { counted } from "../ui/words";
import { Asking } from "./Asking";
import { AssistantSetting } from "./AssistantSetting";
import { ALONG, BLANK, lengthOf, WISHES } from "./brief";
import { useAssistant } from "./useAssistant";

const Two = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.25fr);
  gap: 20px;
  @media (max-width: 800px) { grid-template-columns: minmax(0, 1fr); }
`;

const Choices = styled.div`
  display: grid;
  align-content: start;
  gap: 10px;
  label:has(> select) { display: grid; gap: 4px; font-weight: 500; }
`;

const Limits = styled.div`
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 8px;
`;

const Text = styled(Field)`
  grid-template-rows: auto minmax(0, 1fr);
  textarea { min-height: min(46vh, 420px); font-size: 15px; line-height: 22px; resize: vertical; }
`;

type BriefSheetProps = {
  tree: Tree;
  /** The topics that it is about, the root for the whole map. */
  topics: readonly Topic[];
  isOpen: boolean;
  onOpenChange: (open: boolean) => void;
  /** Goes on to the reply to what was asked, to a new one if none is named. */
  onReply: (asked: Asked, reply: string | null) => void;
};

/** Writes out what is wanted of a text assistant, to be copied; nothing is sent. */
export function BriefSheet(props: BriefSheetProps) {
  return (
    <Sheet
      title="Brief for a text assistant"
      wide
      isOpen={props.isOpen}
      onOpenChange={props.onOpenChange}
    >
      <Writing {...props} />
    </Sheet>
  );
}

function Writing({ tree, topics, onOpenChange, onReply }: BriefSheetProps) {
  const client = useQueryClient();
  const [brief, setBrief] = useState<BriefChoices>(BLANK);
  const [edited, setEdited] = useState<string | null>(null);
  const [name, setName] = useState("");
  const [copied, setCopied] = useState(false);
  const [setting, setSetting] = useState(false);
  const [asking, setAsking] = useState(false);
  const [trouble, setTrouble] = useState<Error | null>(null);
  const change = (part: Partial<BriefChoices>) => {
    setBrief((before) => ({ ...before, ...part }));
    setEdited(null);
  };
  const about = topics.filter((topic) => topic.parent !== null).map(({ id }) => id);
  const asked = { ...brief, topics: about };
  const { id, facts } = tree.desk;
  const written = useQuery({
    queryKey: ["brief", id, facts.revision, asked],
    queryFn: () => request<WrittenBrief>("POST", `/api/maps/${id}/brief`, asked),
    placeholderData: (before) => before,
  });
  const kept = useQuery({
    queryKey: ["briefs"],
    queryFn: () => request<KeptBrief[]>("GET", "/api/briefs"),
  });
  const text = edited ?? written.data?.text ?? "";
  const { words, tokens } = lengthOf(text);
  useEffect(() => {
    if (text) {
      setCopied(false);
    }
  }, [text]);
  const fail = (e: unknown) => setTrouble(e instanceof Error ? e : new Error(String(e)));
  const keep = async () => {
    try {
      const all = await request<KeptBrief[]>("POST", "/api/briefs", { name: name.trim(), brief });
      client.setQueryData(["briefs"], all);
      setName("");
      setTrouble(null);
    } catch (e) {
      fail(e);
    }
  };
  const forget = async (which: string) => {
    try {
      await request<void>("DELETE", `/api/briefs/${which}`);
      await kept.refetch();
    } catch (e) {
      fail(e);
    }
  };
  const limit = (label: string, key: "levels" | "points" | "words") => (
    <Field
      value={brief[key] === 0 ? "" : String(brief[key])}
      onChange={(value) => {
        const count = Math.round(Number(value));
        if (Number.isFinite(count) && count >= 0 && count <= 200) {
          change({ [key]: count });
        }
      }}
    >
      <Label>{label}</Label>
      <Input inputMode="numeric" placeholder="any" />
    </Field>
  );
  const spoken = (
    label: string,
    key: "subject" | "audience" | "role" | "language",
    hint: string,
  ) => (
    <Field value={brief[key]} onChange={(value) => change({ [key]: value })} maxLength={500}>
      <Label>{label}</Label>
      <Input placeholder={hint} />
    </Field>
  );
  const assistant = useAssistant();
  const question: Asked = { wish: brief.wish, about, text };
  const goOn = useRef(onReply);
  goOn.current = onReply;
  const sent = useRef(question);
  sent.current = question;
  const answered = useCallback((reply: string) => goOn.current(sent.current, reply), []);
  const problem = trouble ?? written.error ?? assistant.error;
  return (
    <>
      <p>
        {about.length === 0
          ? "About the whole map. "
          : `About ${topics.length === 1 ? `“${topics[0]?.label}”` : counted(topics.length, "topic")}. `}
        Copy the text and bring the reply, or ask an assistant that you have set.
      </p>
      <Two>
        <Choices>
          {(kept.data?.length ?? 0) > 0 && (
            <Row>
              {kept.data?.map((each) => (
                <Row key={each.id}>
                  <Button onPress={() => change({ ...each.brief, topics: [] })}>{each.name}</Button>
                  <TextButton aria-label={`Forget ${each.name}`} onPress={() => forget(each.id)}>
                    Forget
                  </TextButton>
                </Row>
              ))}
            </Row>
          )}
          <label htmlFor="brief-wish">
            What is wanted
            <Select
              id="brief-wish"
              value={brief.wish}
              onChange={(e) => change({ wish: e.target.value as BriefChoices["wish"] })}
            >
              {WISHES.map(([wish, label]) => (
                <option key={wish} value={wish}>
                  {label}
                </option>
              ))}
            </Select>
          </label>
          {spoken("Subject", "subject", "as the topic is called")}
          <Limits>
            {limit("Levels", "levels")}
            {limit("Points each", "points")}
            {limit("Words a point", "words")}
          </Limits>
          {spoken("For whom", "audience", "nobody in particular")}
          {spoken("Written as", "role", "nobody in particular")}
          {spoken("Language", "language", "as the map")}
          {ALONG.map(([what, label]) => (
            <Tick
              key={what}
              isSelected={brief.along.includes(what)}
              onChange={(on) =>
                change({
                  along: on
                    ? [...brief.along, what]
                    : brief.along.filter((other) => other !== what),
                })
              }
            >
              {label}
            </Tick>
          ))}
        </Choices>
        <Text value={text} onChange={setEdited}>
          <Label>The brief</Label>
          <TextArea />
        </Text>
      </Two>
      <p role="status">
        {counted(words, "word")}, about {counted(tokens, "token")}
        {edited !== null && " · changed by hand"}
      </p>
      {problem && <Trouble role="alert">{problem.message}</Trouble>}
      {setting && assistant.data && (
        <AssistantSetting assistant={assistant.data} onClose={() => setSetting(false)} />
      )}
      {assistant.data?.set && (
        <Asking
          map={id}
          assistant={assistant.data}
          asked={question}
          wanted={asking && !setting}
          onDone={() => setAsking(false)}
          onReply={answered}
        />
      )}
      {assistant.data?.set && !setting && (
        <TextButton onPress={() => setSetting(true)}>Another assistant…</TextButton>
      )}
      <SheetButtons>
        <Field value={name} onChange={setName} maxLength={60} style={{ width: "auto" }}>
          <Input aria-label="Name to keep it under" placeholder="Keep these choices as…" />
        </Field>
        <Button isDisabled={!name.trim()} onPress={keep}>
          Keep
        </Button>
        <Button onPress={() => onOpenChange(false)}>Close</Button>
        <Button isDisabled={!text} onPress={() => onReply(question, null)}>
          Bring the reply…
        </Button>
        <Button
          isDisabled={!text || !assistant.data}
          onPress={() => (assistant.data?.set ? setAsking(true) : setSetting(true))}
        >
          {assistant.data?.set
            ? `Ask ${assistant.data.name || assistant.data.model}`
            : "Ask from here…"}
        </Button>
        <Button
          $strong
          isDisabled={!text}
          onPress={() => navigator.clipboard?.writeText(text).then(() => setCopied(true), fail)}
        >
          {copied ? "Copied" : "Copy the brief"}
        </Button>
      </SheetButtons>
    </>
  );
}
