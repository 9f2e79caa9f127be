import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { FileTrigger } from "react-aria-components";
import styled from "styled-components";
import { request } from "../api/client";
import type { Desk, Outline } from "../api/types";
import { useSession } from "../api/useSession";
import { Button, TextButton } from "../ui/Button";
import { Row, Trouble } from "../ui/Field";
import { Sheet } from "../ui/Sheet";
import { counted } from "../ui/words";

const Editor = styled.div`
  display: grid;
  grid-template-columns: 44px minmax(0, 1fr);
  height: min(46vh, 420px);
  border: 1px solid ${({ theme }) => theme.rule};
  border-radius: ${({ theme }) => theme.radius};
  background: ${({ theme }) => theme.page};
  overflow: hidden;
  font: 400 15px/22px ${({ theme }) => theme.reading};
  textarea {
    font: inherit;
    color: inherit;
    background: none;
    border: 0;
    padding: 8px 10px;
    resize: none;
    white-space: pre;
    overflow: auto;
    tab-size: 4;
  }
`;

const Numbers = styled.div`
  overflow: hidden;
  padding: 8px 6px;
  text-align: right;
  font-size: 13px;
  color: ${({ theme }) => theme.softInk};
  background: ${({ theme }) => theme.shelf};
  user-select: none;
  [data-repaired] { color: ${({ theme }) => theme.rubric}; font-weight: 700; }
`;

const Repairs = styled.ul`
  list-style: none;
  display: grid;
  gap: 2px;
  max-height: 22vh;
  overflow: auto;
  button {
    border: 0;
    background: none;
    padding: 1px 0;
    font: inherit;
    text-align: left;
    color: ${({ theme }) => theme.ink};
    cursor: pointer;
    &:hover { text-decoration: underline; }
    b { color: ${({ theme }) => theme.rubric}; }
  }
`;

type OutlineSheetProps = {
  desk: Desk;
  isOpen: boolean;
  onOpenChange: (open: boolean) => void;
};

/** The outline that the map follows: written, brought as a file, corrected in place. */
export function OutlineSheet({ desk, isOpen, onOpenChange }: OutlineSheetProps) {
  return (
    <Sheet
      title="An outline for the map to follow"
      wide
      isOpen={isOpen}
      onOpenChange={onOpenChange}
    >
      <OutlineEditor desk={desk} onClose={() => onOpenChange(false)} />
    </Sheet>
  );
}

function OutlineEditor({ desk, onClose }: { desk: Desk; onClose: () => void }) {
  const client = useQueryClient();
  const path = `/api/maps/${desk.id}/outline`;
  const kept = useQuery({
    queryKey: ["outline", desk.id],
    queryFn: () => request<Outline>("GET", path),
    staleTime: 0,
  });
  const session = useSession();
  const sample = session.data?.outline;
  const [written, setWritten] = useState<{ name: string; body: string } | null>(null);
  const [answer, setAnswer] = useState<Outline | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const field = useRef<HTMLTextAreaElement>(null);
  const numbers = useRef<HTMLDivElement>(null);
  const body = written?.body ?? kept.data?.body ?? "";
  const name = written?.name ?? (kept.data?.name || "Outline");
  const shown = answer ?? (kept.data?.body ? kept.data : null);
  const repaired = new Map(shown?.repairs.map((r) => [r.line, r.sentence]));
  const stale = shown !== null && shown.body !== body;

  useEffect(() => field.current?.focus(), []);

  const follow = async () => {
    setBusy(true);
    setProblem(null);
    try {
      setAnswer(await request<Outline>("PUT", path, { name, body }));
      client.invalidateQueries({ queryKey: ["desk", desk.id] });
      client.invalidateQueries({ queryKey: ["outline", desk.id] });
    } catch (error) {
      setProblem((error as Error).message);
    }
    setBusy(false);
  };
  const part = async () => {
    await request<void>("DELETE", path);
    client.invalidateQueries({ queryKey: ["desk", desk.id] });
    onClose();
  };
  const choose = async (files: FileList | null) => {
    const file = files?.[0];
    if (file) {
      setWritten({ name: file.name, body: await file.text() });
    }
  };
  const goTo = (line: number) => {
    const start =
      body
        .split("\n")
        .slice(0, line - 1)
        .join("\n").length + (line > 1 ? 1 : 0);
    const end = body.indexOf("\n", start);
    field.current?.focus();
    field.current?.setSelectionRange(start, end < 0 ? body.length : end);
    field.current?.scrollTo({ top: Math.max(0, (line - 5) * 22) });
  };

  return (
    <>
      <p>
        One topic a line: Markdown headings or list items, indented lines, numbered lines, or OPML.
        The map follows it as soon as you say so, and looks for passages that bear its topics out.
        What you did by hand on the map stays.
      </p>
      <Editor>
        <Numbers ref={numbers} aria-hidden="true">
          {body.split("\n").map((_, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a line is its number
            <div key={i} data-repaired={!stale && repaired.has(i + 1) ? "" : undefined}>
              {i + 1}
            </div>
          ))}
        </Numbers>
        <textarea
          ref={field}
          aria-label="Outline text"
          spellCheck={false}
          value={body}
          placeholder={"# The subject\n- A main branch\n  - A topic below it"}
          onChange={(event) => setWritten({ name, body: event.target.value })}
          onScroll={(event) => numbers.current?.scrollTo({ top: event.currentTarget.scrollTop })}
          onKeyDown={(event) => {
            if (event.key === "Enter" && (event.ctrlKey || event.metaKey)) {
              follow();
            }
          }}
        />
      </Editor>
      {sample && body === "" && (
        <TextButton onPress={() => setWritten({ name: "generated-outline.md", body: sample })}>
          Try a made-up outline with three faults and two topics that no source bears out
        </TextButton>
      )}
      {problem && <Trouble role="alert">{problem}</Trouble>}
      {shown && !stale && (
        <section aria-label="Repairs" aria-live="polite">
          <p>
            {counted(shown.topics, "topic")} on the map.{" "}
            {shown.repairs.length === 0
              ? "Nothing had to be repaired."
              : `${counted(shown.repairs.length, "repair")}:`}
          </p>
          <Repairs>
            {shown.repairs.map((repair) => (
              <li key={`${repair.line} ${repair.sentence}`}>
                <button type="button" onClick={() => goTo(repair.line)}>
                  <b>line {repair.line}:</b> {repair.sentence}
                </button>
              </li>
            ))}
          </Repairs>
          {shown.kept.length > 0 && (
            <p>
              Without a line, but kept for what was done to them by hand: {shown.kept.join(", ")}.
            </p>
          )}
        </section>
      )}
      <Row>
        <Button $strong isDisabled={busy || !body.trim()} onPress={follow}>
          {desk.facts.outlined ? "Update the map" : "Make it a map"}
        </Button>
        <FileTrigger acceptedFileTypes={[".md", ".txt", ".opml", ".xml"]} onSelect={choose}>
          <Button>Choose a file</Button>
        </FileTrigger>
        {desk.facts.outlined && <Button onPress={part}>Stop following it</Button>}
      </Row>
    </>
  );
}
