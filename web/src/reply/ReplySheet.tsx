import { useRef, useState } from "react";
import { FileTrigger, Input, Label } from "react-aria-components";
import styled from "styled-components";
import { request } from "../api/client";
import type { Tree } from "../map/tree";
import { LineEditor, type Lines } from "../outline/LineEditor";
import { ToldLines } from "../outline/ToldLines";
import type { OpenSource } from "../reading/spot";
import { Button, TextButton } from "../ui/Button";
import { Choice } from "../ui/Choice";
import { Field, Row, Trouble } from "../ui/Field";
import { Sheet } from "../ui/Sheet";
import { StrengthSlider } from "../ui/StrengthSlider";
import { counted } from "../ui/words";
import { BesideView } from "./BesideView";
import { Offers } from "./Offers";
import { OnMap } from "./OnMap";
import { ReplyList } from "./ReplyList";
import { foundIn, freely, strength, takeable, toldLines } from "./reply";
import { Unsaid } from "./Unsaid";
import { type Asked, useReply } from "./useReply";

const Columns = styled.div`
  min-height: 0;
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(0, 3fr);
  gap: 20px;
  @media (max-width: 800px) {
    grid-template-columns: minmax(0, 1fr);
    grid-auto-rows: max-content;
    overflow: auto;
  }
`;

const Side = styled.div`
  min-height: 0;
  display: flex;
  flex-direction: column;
  overflow: auto;
  gap: 8px;
`;

const Grow = styled.div`
  flex: 1;
  min-height: 160px;
`;

const Main = styled.div`
  min-height: 0;
  display: grid;
  grid-template-rows: auto minmax(0, 1fr) auto;
  gap: 10px;
`;

const Foot = styled.div`
  display: grid;
  gap: 8px;
  border-top: 1px solid ${({ theme }) => theme.rule};
  padding-top: 8px;
`;

const AskedText = styled.div`
  pre {
    max-height: 24vh;
    overflow: auto;
    white-space: pre-wrap;
    font: 400 14px/20px ${({ theme }) => theme.reading};
    border-left: 3px solid ${({ theme }) => theme.rule};
    padding-left: 10px;
  }
`;

type View = "offers" | "map" | "unsaid" | "beside";

function WhatWasAsked({ text }: { text: string }) {
  const [open, setOpen] = useState(false);
  return (
    <AskedText>
      <TextButton aria-expanded={open} onPress={() => setOpen(!open)}>
        What was asked
      </TextButton>
      {open && <pre>{text}</pre>}
    </AskedText>
  );
}

export type ReplySheetProps = {
  tree: Tree;
  asked: Asked;
  /** The reply to begin with, or none for a new one. */
  first: string | null;
  isOpen: boolean;
  onOpenChange: (open: boolean) => void;
  onOpen: OpenSource;
  onOpenMap: (map: string) => void;
  /** Shows the names that a reply proposes for topics. */
  onNames: (about: readonly string[], reply: string) => void;
  say: (words: string) => void;
};

/** Replies of text assistants: read, checked, compared with the map and taken in piece by piece. */
export function ReplySheet(props: ReplySheetProps) {
  return (
    <Sheet
      title="Replies of text assistants"
      isOpen={props.isOpen}
      onOpenChange={props.onOpenChange}
      full
    >
      <Working {...props} />
    </Sheet>
  );
}

function Working(props: ReplySheetProps) {
  const { tree, asked, first, onOpenChange, onOpen, onOpenMap, say } = props;
  const { desk } = tree;
  const work = useReply(desk.id, desk.facts.revision, asked, first);
  const { reply, check } = work;
  const [view, setView] = useState<View>("offers");
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const [least, setLeast] = useState(60);
  const [trouble, setTrouble] = useState<Error | null>(null);
  const [busy, setBusy] = useState(false);
  const lines = useRef<Lines>(null);
  const told = reply ? toldLines(reply) : [];
  const offers = reply?.differences.filter(takeable) ?? [];
  const taking = offers.filter(({ id, refused }) => chosen.has(id) && !refused);
  const choose = (ids: readonly string[], on: boolean) =>
    setChosen((before) => {
      const now = new Set(before);
      for (const id of ids) {
        if (on) {
          now.add(id);
        } else {
          now.delete(id);
        }
      }
      return now;
    });
  const strong = offers.filter((each) => freely(each) && strength(each, check) * 100 >= least);
  const doing = async (what: () => Promise<void>) => {
    setBusy(true);
    setTrouble(null);
    try {
      await what();
    } catch (e) {
      setTrouble(e instanceof Error ? e : new Error(String(e)));
    }
    setBusy(false);
  };
  const take = () =>
    doing(async () => {
      const differences = taking.map(({ id }) => id);
      await request<void>("POST", `${work.path}/take`, { id: crypto.randomUUID(), differences });
      setChosen(new Set());
      say(`${counted(differences.length, "difference")} taken in; undo takes that back`);
    });
  const refuse = (ids: readonly string[], refused: boolean) =>
    doing(async () => {
      await request<void>("POST", `${work.path}/refuse`, { differences: ids, refused });
      choose(ids, false);
      await work.again();
    });
  const merge = (others: readonly string[]) =>
    doing(async () => {
      const title = desk.topics.find((topic) => topic.parent === null)?.label ?? "";
      const replies = [work.id, ...others];
      const path = `/api/maps/${desk.id}/merged-replies`;
      onOpenMap((await request<{ id: string }>("POST", path, { replies, title })).id);
    });
  const open = (id: string | null) => {
    setChosen(new Set());
    work.open(id);
  };
  const bring = async (files: FileList | null) => {
    const file = files?.[0];
    if (file) {
      work.write({ body: await file.text() });
    }
  };
  const read: OpenSource = (spot) => {
    onOpenChange(false);
    onOpen(spot);
  };
  const about = (reply?.about ?? asked.about).flatMap((id) => tree.get(id) ?? []);
  const problem = trouble ?? work.problem;
  const naming = reply?.wish === "WORDING";
  const ready = reply && !naming && reply.differences.length > 0;
  return (
    <Columns>
      <Side
        onDragOver={(event) => event.preventDefault()}
        onDrop={(event) => {
          event.preventDefault();
          event.stopPropagation();
          const text = event.dataTransfer.getData("text/plain");
          if (event.dataTransfer.files.length > 0) {
            bring(event.dataTransfer.files);
          } else if (text) {
            work.write({ body: text });
          }
        }}
      >
        <ReplyList all={work.all} id={work.id} onOpen={open} />
        <Field
          value={work.assistant}
          onChange={(assistant) => work.write({ assistant })}
          maxLength={300}
        >
          <Label>Which assistant, if you wish to keep it</Label>
          <Input placeholder="not said" />
        </Field>
        {about.length > 0 && (
          <p>Compared with {about.map((topic) => `“${topic.label}”`).join(", ")} and below.</p>
        )}
        {reply?.asked && <WhatWasAsked text={reply.asked} />}
        <Grow>
          <LineEditor
            ref={lines}
            high
            label="The reply"
            value={work.body}
            told={new Set(told.map(({ line }) => line))}
            placeholder={
              "Paste the reply as it is, with all that stands around it,\nor drop a file here."
            }
            onChange={(body) => work.write({ body })}
          />
        </Grow>
        <section aria-label="What was read">
          <p role="status">
            {reply ? foundIn(reply) : work.body ? "Reading…" : "Nothing is here yet."}
          </p>
          <ToldLines lines={told} onGo={(line) => lines.current?.goTo(line)} />
          <Row>
            <FileTrigger
              acceptedFileTypes={[".md", ".txt", ".rtf", ".json", ".csv", ".tsv", ".opml", ".xml"]}
              onSelect={bring}
            >
              <Button>Choose a file</Button>
            </FileTrigger>
            {work.id && <TextButton onPress={work.forget}>Throw this reply away</TextButton>}
          </Row>
        </section>
      </Side>
      <Main>
        {!naming && (
          <Choice
            label="What is shown"
            value={view}
            options={[
              ["offers", "What it offers"],
              ["map", "On the map"],
              ["unsaid", "What it leaves out"],
              ["beside", "Beside another"],
            ]}
            onChange={(value) => setView(value as View)}
          />
        )}
        {!reply && <p>A reply is compared with the map and the sources as soon as it is here.</p>}
        {naming && (
          <div>
            <p>These are names for topics of the map.</p>
            <Button $strong onPress={() => props.onNames(reply.about, reply.id)}>
              See them beside those that stand…
            </Button>
          </div>
        )}
        {reply && !naming && !ready && (
          <p>No line of this is a topic. What is not understood is listed with its line.</p>
        )}
        {ready && view === "offers" && (
          <Offers
            reply={reply}
            check={check}
            sources={desk.sources}
            chosen={chosen}
            onChoose={choose}
            onRefuse={(id, refused) => refuse([id], refused)}
            onOpen={read}
          />
        )}
        {ready && view === "map" && (
          <OnMap
            reply={reply}
            path={work.path}
            revision={desk.facts.revision}
            chosen={chosen}
            onChoose={choose}
          />
        )}
        {reply && !naming && view === "unsaid" && (
          <Unsaid reply={reply} check={check} sources={desk.sources} onOpen={read} />
        )}
        {reply && !naming && view === "beside" && work.id && (
          <BesideView id={work.id} path={work.path} all={work.all} onMerge={merge} />
        )}
        <Foot>
          {problem && <Trouble role="alert">{problem.message}</Trouble>}
          {ready && (
            <Row>
              <StrengthSlider value={least} least={0} onChange={setLeast} />
              <Button onPress={() => setChosen(new Set(strong.map(({ id }) => id)))}>
                Choose the {strong.length} of this strength
              </Button>
            </Row>
          )}
          {ready && (
            <Row>
              <Button $strong onPress={() => !busy && taking.length > 0 && take()}>
                Take in {counted(taking.length, "difference")}
              </Button>
              <Button
                onPress={() =>
                  !busy &&
                  taking.length > 0 &&
                  refuse(
                    taking.map(({ id }) => id),
                    true,
                  )
                }
              >
                Refuse them
              </Button>
              {work.checking && <span role="status">Checking against the sources…</span>}
            </Row>
          )}
        </Foot>
      </Main>
    </Columns>
  );
}
