import { type ReactNode, useState } from "react";
import { FileTrigger, Input, Label, TextArea, TextField } from "react-aria-components";
import styled from "styled-components";
import type { Desk } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import { Button, TextButton } from "../ui/Button";
import { Choice } from "../ui/Choice";
import { Progress } from "../ui/Progress";
import type { Gathering } from "./useGather";

const Column = styled.div`
  display: grid;
  gap: 20px;
  align-content: start;
`;

const Drop = styled.div`
  display: grid;
  gap: 12px;
  justify-items: start;
  padding: 20px;
  border: 1px dashed ${({ theme }) => theme.softInk};
  border-radius: ${({ theme }) => theme.radius};
  background: ${({ theme }) => theme.page};
  p { color: ${({ theme }) => theme.softInk}; max-width: 58ch; }
`;

const Buttons = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
`;

const Field = styled(TextField)`
  display: grid;
  gap: 4px;
  width: 100%;
  label { font-weight: 500; }
  input, textarea {
    width: 100%;
    padding: 7px 9px;
    font: 400 15px/22px ${({ theme }) => theme.reading};
    color: ${({ theme }) => theme.ink};
    background: ${({ theme }) => theme.page};
    border: 1px solid ${({ theme }) => theme.rule};
    border-radius: ${({ theme }) => theme.radius};
  }
`;

const Trouble = styled.p`
  color: ${({ theme }) => theme.rubric};
`;

const LEVELS = ["1", "2", "3", "4", "5"].map((n) => [n, n] as const);
const BRANCHES = [
  ["0", "As the sources need"],
  ["3", "3"],
  ["5", "5"],
  ["7", "7"],
  ["12", "12"],
] as const;

type GatherProps = {
  desk: Desk;
  gathering: Gathering;
  actions: DeskActions;
  heading: ReactNode;
  onDistil?: () => void;
};

/** Brings sources together and distils them. */
export function Gather({ desk, gathering, actions, heading, onDistil }: GatherProps) {
  const [levels, setLevels] = useState("3");
  const [branches, setBranches] = useState("0");
  const [pasting, setPasting] = useState(false);
  const ready = desk.sources.filter((source) => source.length > 0).length;
  const reading = desk.jobs.some(
    (job) => job.kind === "READ" && (job.state === "WAITING" || job.state === "RUNNING"),
  );
  const again = desk.topics.length > 1;

  return (
    <Column>
      {heading}
      <Drop>
        <p>
          Drop files anywhere on this page: PDF, office documents, e-books, web pages, Markdown,
          plain text, tables, and transcripts as WebVTT or SRT. They are read here and go nowhere
          else.
        </p>
        <Buttons>
          <FileTrigger allowsMultiple onSelect={(files) => files && gathering.addFiles([...files])}>
            <Button>Choose files</Button>
          </FileTrigger>
          <Button onPress={() => setPasting(!pasting)}>Paste text</Button>
        </Buttons>
        {pasting && <Paste gathering={gathering} onDone={() => setPasting(false)} />}
        {gathering.sending.map((file) =>
          file.problem ? (
            <Trouble key={file.key} role="alert">
              {file.name}: {file.problem}{" "}
              <TextButton onPress={() => gathering.dismiss(file.key)}>Dismiss</TextButton>
            </Trouble>
          ) : (
            <div key={file.key} style={{ width: "100%" }}>
              <Progress label={`Sending ${file.name}`} share={file.share} />
            </div>
          ),
        )}
      </Drop>
      <Choice
        label="Levels below the subject"
        value={levels}
        options={LEVELS}
        onChange={setLevels}
      />
      <Choice
        label="Most topics under one topic"
        value={branches}
        options={BRANCHES}
        onChange={setBranches}
      />
      {again && (
        <p>
          Distilling again replaces the topics that are on the map now. One undo brings them back.
        </p>
      )}
      <Buttons>
        <Button
          $strong
          isDisabled={ready === 0 || reading || actions.distil.isPending}
          onPress={() => {
            actions.distil.mutate({ levels: Number(levels), branches: Number(branches) });
            onDistil?.();
          }}
        >
          {again ? "Distil again" : "Distil"}
        </Button>
        {ready === 0 && !reading && <span>Add a source first.</span>}
        {reading && <span>Sources are being read.</span>}
      </Buttons>
    </Column>
  );
}

function Paste({ gathering, onDone }: { gathering: Gathering; onDone: () => void }) {
  const [title, setTitle] = useState("");
  const [text, setText] = useState("");
  const [problem, setProblem] = useState<string | null>(null);
  const add = () => {
    gathering
      .paste(title.trim() || "Pasted text", text)
      .then(onDone, (error: Error) => setProblem(error.message));
  };
  return (
    <>
      <Field value={title} onChange={setTitle}>
        <Label>Title</Label>
        <Input placeholder="Pasted text" />
      </Field>
      <Field value={text} onChange={setText}>
        <Label>Text</Label>
        <TextArea rows={6} />
      </Field>
      {problem && <Trouble role="alert">{problem}</Trouble>}
      <Button isDisabled={!text.trim()} onPress={add}>
        Add this text
      </Button>
    </>
  );
}
