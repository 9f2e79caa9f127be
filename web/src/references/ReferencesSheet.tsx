import { useState } from "react";
import { FileTrigger } from "react-aria-components";
import styled from "styled-components";
import { request, upload } from "../api/client";
import type { BroughtReferences, Desk, References } from "../api/types";
import { Button, TextButton } from "../ui/Button";
import { Choice } from "../ui/Choice";
import { Row, Select, Trouble } from "../ui/Field";
import { Sheet } from "../ui/Sheet";
import { counted } from "../ui/words";
import { CatalogueSearch } from "./CatalogueSearch";
import { CitationList } from "./CitationList";
import { useChangedReferences, useReferences } from "./useReferences";
import { WorkEditor } from "./WorkEditor";
import { NamedField, NO_WORK } from "./WorkFields";
import { WorkList } from "./WorkList";

const LANGUAGES = [
  ["en", "English"],
  ["de", "German"],
  ["fr", "French"],
  ["es", "Spanish"],
  ["it", "Italian"],
  ["pt", "Portuguese"],
  ["nl", "Dutch"],
] as const;

const Tools = styled(Row)`
  gap: 10px 14px;
  align-items: end;
  > span, > button:last-child { align-self: center; }
`;

const Save = styled.a`
  color: ${({ theme }) => theme.rubric};
  font: 500 15px/20px ${({ theme }) => theme.control};
  text-decoration: none;
  &:hover { text-decoration: underline; }
`;

const Faults = styled.ul`
  padding-left: 18px;
  max-height: 20vh;
  overflow: auto;
  color: ${({ theme }) => theme.rubric};
`;

type ReferencesSheetProps = {
  desk: Desk;
  isOpen: boolean;
  onOpenChange: (open: boolean) => void;
  onSelect: (topic: string) => void;
  onSource: (source: string) => void;
};

/** The works of the map: their style, their list, and where each is cited. */
export function ReferencesSheet(props: ReferencesSheetProps) {
  return (
    <Sheet title="References" wide isOpen={props.isOpen} onOpenChange={props.onOpenChange}>
      {props.isOpen && <Opened {...props} />}
    </Sheet>
  );
}

type Adding = "by hand" | "catalogue" | null;

function Opened({ desk, onOpenChange, onSelect, onSource }: ReferencesSheetProps) {
  const { data, error } = useReferences();
  const changed = useChangedReferences();
  const [shown, setShown] = useState("works");
  const [adding, setAdding] = useState<Adding>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [brought, setBrought] = useState<BroughtReferences | null>(null);
  const path = `/api/maps/${desk.id}`;
  const act = (work: Promise<unknown>) => {
    setProblem(null);
    setBrought(null);
    return work.then(changed, (fault: Error) => setProblem(fault.message));
  };
  const bring = (files: FileList | null) => {
    if (files?.[0]) {
      setAdding(null);
      const sent = upload<BroughtReferences>(`${path}/references/list`, files[0], () => {});
      act(sent).then(() => sent.then(setBrought, () => {}));
    }
  };
  if (!data) {
    return <p>{error?.message ?? "Opening\u2026"}</p>;
  }
  const notes = data.citations.filter((cited) => cited.written);
  return (
    <>
      <Style data={data} path={path} act={act} />
      <Tools>
        <Button onPress={() => setAdding("by hand")}>Add a work…</Button>
        <Button onPress={() => setAdding("catalogue")}>Find in a catalogue…</Button>
        <FileTrigger acceptedFileTypes={[".bib", ".ris", ".json"]} onSelect={bring}>
          <Button>Bring a list…</Button>
        </FileTrigger>
        <span>
          Save the list:{" "}
          {(["bib", "ris", "json"] as const).map((ending) => (
            <span key={ending}>
              <Save href={`${path}/references/list/${ending}`} download>
                {{ bib: "BibTeX", ris: "RIS", json: "CSL-JSON" }[ending]}
              </Save>{" "}
            </span>
          ))}
        </span>
      </Tools>
      {problem && <Trouble role="alert">{problem}</Trouble>}
      {brought && <Came brought={brought} />}
      {adding === "by hand" && (
        <WorkEditor
          types={data.types}
          form={NO_WORK}
          citeKey=""
          keep="Put it on the shelf"
          onKeep={(reference) =>
            act(request<void>("POST", `${path}/works`, reference)).then(() => setAdding(null))
          }
          onLeave={() => setAdding(null)}
        />
      )}
      {adding === "catalogue" && (
        <CatalogueSearch
          map={desk.id}
          types={data.types}
          onTake={(reference) => act(request<void>("POST", `${path}/works`, reference))}
          onLeave={() => setAdding(null)}
        />
      )}
      <Choice
        label="Shown"
        value={shown}
        options={[
          ["works", `Works (${data.works.length})`],
          ["citations", `Where they are cited (${data.citations.length})`],
        ]}
        onChange={setShown}
      />
      {shown === "works" ? (
        <WorkList
          data={data}
          path={path}
          act={act}
          onSource={(source) => {
            onOpenChange(false);
            onSource(source);
          }}
        />
      ) : (
        <CitationList
          citations={data.citations}
          notes={notes.length}
          onSelect={(topic) => {
            onOpenChange(false);
            onSelect(topic);
          }}
        />
      )}
    </>
  );
}

type StyleProps = {
  data: References;
  path: string;
  act: (work: Promise<unknown>) => Promise<void>;
};

function Style({ data, path, act }: StyleProps) {
  const choose = (style: string, language: string) =>
    act(request<void>("PUT", `${path}/references/style`, { style, language }));
  return (
    <Tools>
      <NamedField>
        Style
        <Select value={data.style} onChange={(event) => choose(event.target.value, data.language)}>
          {data.styles.map((style) => (
            <option key={style.key} value={style.key}>
              {style.title}
            </option>
          ))}
          {data.own && <option value="own">{data.own}</option>}
        </Select>
      </NamedField>
      <NamedField>
        Language of citations
        <Select value={data.language} onChange={(event) => choose(data.style, event.target.value)}>
          {LANGUAGES.map(([code, name]) => (
            <option key={code} value={code}>
              {name}
            </option>
          ))}
        </Select>
      </NamedField>
      <FileTrigger
        acceptedFileTypes={[".csl", ".xml"]}
        onSelect={(files) =>
          files?.[0] && act(upload(`${path}/references/style`, files[0], () => {}))
        }
      >
        <TextButton>Bring a style (.csl)…</TextButton>
      </FileTrigger>
    </Tools>
  );
}

/** What became of a list that was brought. */
function Came({ brought }: { brought: BroughtReferences }) {
  const { added, completed, there, faults } = brought;
  return (
    <div role="status">
      <p>
        {counted(added, "work")} came
        {completed > 0 && `, ${completed} that are here got what they lacked`}
        {there > 0 && `, ${there} are here already`}.
      </p>
      {faults.length > 0 && (
        <Faults aria-label="Entries that were left out">
          {faults.map((fault) => (
            <li key={`${fault.line} ${fault.problem}`}>
              Line {fault.line}: {fault.problem}
            </li>
          ))}
        </Faults>
      )}
    </div>
  );
}
