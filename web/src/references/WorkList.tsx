import { useState } from "react";
import { FileTrigger } from "react-aria-components";
import styled from "styled-components";
import { request, upload } from "../api/client";
import type { References, WorkView } from "../api/types";
import { Button, TextButton } from "../ui/Button";
import { Row } from "../ui/Field";
import { counted } from "../ui/words";
import { Cited } from "./Cited";
import { notesCiting } from "./citing";
import { LosingNotes } from "./LosingNotes";
import { WorkEditor } from "./WorkEditor";

const List = styled.ul`
  list-style: none;
  display: grid;
  border-block: 1px solid ${({ theme }) => theme.rule};
  li { display: grid; gap: 4px; padding: 9px 0; }
  li + li { border-top: 1px solid ${({ theme }) => theme.rule}; }
  p { overflow-wrap: anywhere; }
  ul { padding: 0; }
  ul li { padding: 2px 0; border: 0; }
`;

const Facts = styled(Row)`
  gap: 2px 14px;
  font-size: 14px;
  color: ${({ theme }) => theme.softInk};
  code { font: 500 14px/20px ${({ theme }) => theme.control}; }
`;

type WorkListProps = {
  data: References;
  path: string;
  act: (work: Promise<unknown>) => Promise<void>;
  onSource: (source: string) => void;
};

/** The list of references, with what can be done to each work. */
export function WorkList({ data, path, act, onSource }: WorkListProps) {
  const [open, setOpen] = useState<{ id: string; how: "correct" | "leave" } | null>(null);
  const close = () => setOpen(null);
  if (data.works.length === 0) {
    return <p>No work is here yet. Sources are works by themselves; others can be added.</p>;
  }
  return (
    <List aria-label="Works">
      {data.works.map((work) => (
        <li key={work.id}>
          <p>
            {work.words.length > 0 ? (
              <Cited words={work.words} />
            ) : (
              `${work.name} (this style has no entry for works of its type)`
            )}
          </p>
          <Facts>
            <code>@{work.key}</code>
            <span>cited {counted(times(data, work), "time")}</span>
            {work.source ? (
              <TextButton onPress={() => onSource(work.id)}>Its source…</TextButton>
            ) : (
              <WithoutText work={work} path={path} act={act} onLeave={setOpen} />
            )}
          </Facts>
          {open?.id === work.id && open.how === "correct" && (
            <WorkEditor
              types={data.types}
              form={work.reference}
              citeKey={work.key}
              keep="Keep this"
              onKeep={(reference, key) =>
                act(request<void>("PUT", `${path}/works/${work.id}`, { key, reference })).then(
                  close,
                )
              }
              onLeave={close}
            />
          )}
          {open?.id === work.id && open.how === "leave" && (
            <Leaving
              data={data}
              work={work}
              onLeave={() => act(request<void>("DELETE", `${path}/works/${work.id}`)).then(close)}
              onKeep={close}
            />
          )}
        </li>
      ))}
    </List>
  );
}

function times(data: References, work: WorkView): number {
  return data.citations.filter((cited) => cited.keys.includes(work.key)).length;
}

type WithoutTextProps = {
  work: WorkView;
  path: string;
  act: (work: Promise<unknown>) => Promise<void>;
  onLeave: (open: { id: string; how: "correct" | "leave" }) => void;
};

function WithoutText({ work, path, act, onLeave }: WithoutTextProps) {
  return (
    <>
      <TextButton onPress={() => onLeave({ id: work.id, how: "correct" })}>Correct…</TextButton>
      <FileTrigger
        onSelect={(files) =>
          files?.[0] && act(upload(`${path}/sources?work=${work.id}`, files[0], () => {}))
        }
      >
        <TextButton>Add its text…</TextButton>
      </FileTrigger>
      <TextButton onPress={() => onLeave({ id: work.id, how: "leave" })}>Take it out…</TextButton>
    </>
  );
}

type LeavingProps = {
  data: References;
  work: WorkView;
  onLeave: () => void;
  onKeep: () => void;
};

function Leaving({ data, work, onLeave, onKeep }: LeavingProps) {
  const losing = notesCiting(data.citations, work.key);
  return (
    <div role="alert">
      {losing.length === 0 && <p>No note cites it.</p>}
      <LosingNotes noted={losing} />
      <Row>
        <Button onPress={onKeep}>Keep it</Button>
        <Button $strong onPress={onLeave}>
          Take it out
        </Button>
      </Row>
    </div>
  );
}
