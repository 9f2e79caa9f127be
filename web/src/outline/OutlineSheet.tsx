import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { FileTrigger } from "react-aria-components";
import { request } from "../api/client";
import type { Desk, Outline } from "../api/types";
import { useSession } from "../api/useSession";
import { Button, TextButton } from "../ui/Button";
import { Row, Trouble } from "../ui/Field";
import { Sheet } from "../ui/Sheet";
import { counted } from "../ui/words";
import { LineEditor, type Lines } from "./LineEditor";
import { ToldLines } from "./ToldLines";

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
  const field = useRef<Lines>(null);
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
  return (
    <>
      <p>
        One topic a line: Markdown headings or list items, indented lines, numbered lines, or OPML.
        The map follows it as soon as you say so, and looks for passages that bear its topics out.
        What you did by hand on the map stays.
      </p>
      <LineEditor
        ref={field}
        label="Outline text"
        value={body}
        told={new Set(stale ? [] : repaired.keys())}
        placeholder={"# The subject\n- A main branch\n  - A topic below it"}
        onChange={(value) => setWritten({ name, body: value })}
        onKeyDown={(event) => {
          if (event.key === "Enter" && (event.ctrlKey || event.metaKey)) {
            follow();
          }
        }}
      />
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
          <ToldLines
            lines={shown.repairs.map(({ line, sentence }) => ({ line, words: sentence }))}
            onGo={(line) => field.current?.goTo(line)}
          />
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
