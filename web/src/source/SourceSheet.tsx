import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { FileTrigger } from "react-aria-components";
import styled from "styled-components";
import { request, upload } from "../api/client";
import type { Desk, Details } from "../api/types";
import type { OpenSource } from "../reading/spot";
import { notesCiting } from "../references/citing";
import { LosingNotes } from "../references/LosingNotes";
import { useReferences } from "../references/useReferences";
import { Button, TextButton } from "../ui/Button";
import { Row, Trouble } from "../ui/Field";
import { Sheet, SheetButtons } from "../ui/Sheet";
import { clock, counted } from "../ui/words";
import { DescriptionForm } from "./DescriptionForm";
import { Parts } from "./Parts";

const Facts = styled.dl`
  display: grid;
  grid-template-columns: max-content minmax(0, 1fr);
  gap: 4px 16px;
  dt { color: ${({ theme }) => theme.softInk}; }
  dd { overflow-wrap: anywhere; }
  ul { list-style: none; }
  small { color: ${({ theme }) => theme.softInk}; font-size: 14px; }
`;

const Part = styled.section`
  display: grid;
  gap: 8px;
  padding-top: 12px;
  border-top: 1px solid ${({ theme }) => theme.rule};
  h3 { font: 700 15px/20px ${({ theme }) => theme.control}; }
  ul { padding-left: 18px; max-height: 24vh; overflow: auto; }
`;

type SourceSheetProps = {
  desk: Desk;
  source: string | null;
  onClose: () => void;
  onOpen: OpenSource;
  onSelect: (topic: string) => void;
};

/** What was read of a source, and all that a person can say of it or do with it. */
export function SourceSheet({ desk, source, onClose, onOpen, onSelect }: SourceSheetProps) {
  const shown = desk.sources.find((s) => s.id === source);
  return (
    <Sheet
      title={shown?.name ?? "Source"}
      wide
      isOpen={shown !== undefined}
      onOpenChange={(open) => !open && onClose()}
    >
      {shown && (
        <SourceDetails
          desk={desk}
          source={shown.id}
          onClose={onClose}
          onOpen={(spot) => {
            onClose();
            onOpen(spot);
          }}
          onSelect={(topic) => {
            onClose();
            onSelect(topic);
          }}
        />
      )}
    </Sheet>
  );
}

type SourceDetailsProps = Omit<SourceSheetProps, "source"> & { source: string };

function SourceDetails({ desk, source, onClose, onOpen, onSelect }: SourceDetailsProps) {
  const client = useQueryClient();
  const path = `/api/maps/${desk.id}/sources/${source}`;
  const [problem, setProblem] = useState<string | null>(null);
  const [leaving, setLeaving] = useState(false);
  const job = desk.jobs.findLast((j) => j.sourceId === source);
  const working = job?.state === "RUNNING" || job?.state === "WAITING";
  const details = useQuery({
    queryKey: ["details", desk.id, source, desk.facts.revision, working],
    queryFn: () => request<Details>("GET", path),
    placeholderData: (before) => before,
  });
  const changed = () => {
    for (const part of ["desk", "details", "source", "marks", "references"]) {
      client.invalidateQueries({ queryKey: [part, desk.id] });
    }
  };
  const act = (work: Promise<unknown>) => {
    setProblem(null);
    work.then(changed, (error: Error) => setProblem(error.message));
  };
  const replace = (files: FileList | null) => {
    if (files?.[0]) {
      act(upload(`${path}/file`, files[0], () => {}));
    }
  };
  const read = details.data;
  if (!read) {
    return <p>{details.error?.message ?? "Opening\u2026"}</p>;
  }
  return (
    <>
      <ReadFacts read={read} />
      {problem && <Trouble role="alert">{problem}</Trouble>}
      {working && <p role="status">{job.step}…</p>}
      {read.adrift.length > 0 && (
        <Part aria-label="Not found again">
          <h3>{counted(read.adrift.length, "passage")} not found in the newer version</h3>
          <ul>
            {read.adrift.map((lost) => (
              <li key={lost.evidence}>
                <TextButton onPress={() => onSelect(lost.topic)}>{lost.label}</TextButton>: “
                {lost.exact}”
              </li>
            ))}
          </ul>
        </Part>
      )}
      <Part aria-label="About it">
        <h3>About it</h3>
        <DescriptionForm
          key={`${read.name} ${read.chosen} ${read.language}`}
          read={read}
          onKeep={(said) => act(request<void>("PUT", path, said))}
        />
      </Part>
      <Part aria-label="Parts">
        <h3>Left out of distilling</h3>
        <Parts
          read={read}
          onOpen={(start, end) => onOpen({ source, start, end })}
          onKeep={(spans) => act(request<void>("PUT", `${path}/exclusions`, spans))}
        />
      </Part>
      {leaving ? (
        <Part aria-label="Take out" role="alert">
          <h3>Take “{read.name}” out of this map?</h3>
          <p>{losing(read)}</p>
          {read.resting.length > 0 && (
            <ul>
              {read.resting.map((topic) => (
                <li key={topic.topic}>
                  {topic.number} {topic.label}: {counted(topic.passages, "passage")}
                  {topic.alone && ", all it has"}
                </li>
              ))}
            </ul>
          )}
          <Losing source={source} />
          <p>One undo brings the source and its passages back.</p>
          <SheetButtons>
            <Button onPress={() => setLeaving(false)}>Keep it</Button>
            <Button
              $strong
              onPress={() => {
                act(request<void>("DELETE", path));
                onClose();
              }}
            >
              Take it out
            </Button>
          </SheetButtons>
        </Part>
      ) : (
        <Row>
          <Button onPress={() => onOpen({ source, start: 0, end: 0 })}>Read it</Button>
          <Button onPress={() => window.open(`${path}/original`, "_self")}>
            Download the file
          </Button>
          <FileTrigger onSelect={replace}>
            <Button>Replace by a newer version</Button>
          </FileTrigger>
          {read.durationMs > 0 && (
            <FileTrigger acceptedFileTypes={["audio/*", "video/*"]} onSelect={replace}>
              <Button>{read.sound ? "Another recording" : "Add its recording"}</Button>
            </FileTrigger>
          )}
          <Button onPress={() => setLeaving(true)}>Take it out…</Button>
        </Row>
      )}
    </>
  );
}

/** The notes that cite a source which is to be taken out. */
function Losing({ source }: { source: string }) {
  const references = useReferences().data;
  const key = references?.works.find((work) => work.id === source)?.key;
  const noted = key ? notesCiting(references?.citations ?? [], key) : [];
  return <LosingNotes noted={noted} />;
}

function losing(read: Details): string {
  const alone = read.resting.filter((topic) => topic.alone).length;
  if (read.resting.length === 0) {
    return "No topic has a passage from it.";
  }
  return `${counted(read.resting.length, "topic")} ${read.resting.length === 1 ? "loses" : "lose"} passages; ${
    alone === 0 ? "all keep others" : `${counted(alone, "topic")} would be left without any`
  }.`;
}

function ReadFacts({ read }: { read: Details }) {
  const length = [
    counted(read.words, "word"),
    read.pages > 0 ? counted(read.pages, "page") : "",
    read.durationMs > 0 ? clock(read.durationMs) : "",
  ];
  return (
    <Facts>
      <dt>File</dt>
      <dd>{read.fileName}</dd>
      {read.address && (
        <>
          <dt>From</dt>
          <dd>{read.address}</dd>
        </>
      )}
      <dt>Length</dt>
      <dd>{length.filter(Boolean).join(", ")}</dd>
      <dt>Language</dt>
      <dd>{read.languageName || "cannot be told"}</dd>
      <dt>Headings</dt>
      <dd>{read.headings.length === 0 ? "none found" : read.headings.length}</dd>
      <dt>Left out</dt>
      <dd>
        {read.omissions.length === 0 ? (
          "nothing"
        ) : (
          <ul>
            {read.omissions.map((omission) => (
              <li key={omission.reason}>
                {omission.reason}
                {omission.example && <small> such as “{omission.example}”</small>}
              </li>
            ))}
          </ul>
        )}
      </dd>
    </Facts>
  );
}
