import { useQuery } from "@tanstack/react-query";
import { useDeferredValue, useRef, useState } from "react";
import { Label, TextArea } from "react-aria-components";
import styled from "styled-components";
import { request } from "../api/client";
import type { Brought } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import type { Tree } from "../map/tree";
import { Button, TextButton } from "../ui/Button";
import { Field, Trouble } from "../ui/Field";
import { Sheet, SheetButtons } from "../ui/Sheet";
import { counted } from "../ui/words";

const Both = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(260px, 1fr));
  gap: 14px;
  textarea { height: 200px; resize: vertical; white-space: pre; font-size: 14px; }
  p { font-size: 14px; color: ${({ theme }) => theme.softInk}; }
`;

const Faults = styled.ul`
  list-style: none;
  max-height: 24vh;
  overflow: auto;
  color: ${({ theme }) => theme.rubric};
`;

const LONGEST = 400_000;

type TablesSheetProps = {
  tree: Tree;
  actions: DeskActions;
  /** The topic under which topics without a parent come. */
  under: string | null;
  /** A table of topics that was pasted already. */
  text: string;
  onClose: () => void;
  say: (words: string) => void;
};

/** Brings tables that are pasted from a spreadsheet: topics or terms, and relations. */
export function TablesSheet({ under, ...props }: TablesSheetProps) {
  return (
    <Sheet
      title="Paste tables"
      isOpen={under !== null}
      onOpenChange={(open) => !open && props.onClose()}
      wide
    >
      {under !== null && <Pasting {...props} under={under} />}
    </Sheet>
  );
}

function Pasting(props: TablesSheetProps & { under: string }) {
  const { tree, actions, under, onClose, say } = props;
  const { desk } = tree;
  const [topics, setTopics] = useState(props.text);
  const [relations, setRelations] = useState("");
  const bring = { type: "Bring" as const, under, topics, relations };
  const settled = useDeferredValue(bring);
  const empty = !topics.trim() && !relations.trim();
  const read = useQuery({
    queryKey: ["tables", desk.id, desk.facts.revision, settled.topics, settled.relations],
    queryFn: () => request<Brought>("POST", `/api/maps/${desk.id}/tables/read`, settled),
    enabled: !empty,
    retry: false,
    gcTime: 0,
    placeholderData: (before) => before,
  });
  const come = read.data && !empty ? read.data : null;
  const faults = come
    ? [
        ...come.topicFaults.map((fault) => ({ ...fault, table: "Topics" })),
        ...come.relationFaults.map((fault) => ({ ...fault, table: "Relations" })),
      ]
    : [];
  const fields = useRef<HTMLDivElement>(null);
  /** Selects a row in its field, so that it can be corrected there. */
  const showRow = (table: string, row: number) => {
    const field = fields.current?.querySelectorAll("textarea")[table === "Topics" ? 0 : 1];
    if (field) {
      const lines = field.value.split("\n");
      const start = lines.slice(0, row - 1).join("\n").length + (row > 1 ? 1 : 0);
      field.focus();
      field.setSelectionRange(start, start + (lines[row - 1]?.length ?? 0));
      field.scrollTop = (field.scrollHeight / lines.length) * Math.max(0, row - 3);
    }
  };
  return (
    <>
      <p>
        Copy rows from a spreadsheet and paste them. What is on the map already is not doubled; rows
        with faults are listed below and left out until they are corrected.
      </p>
      <Both ref={fields}>
        <div>
          <Field autoFocus value={topics} maxLength={LONGEST} onChange={setTopics}>
            <Label>Topics or terms</Label>
            <TextArea spellCheck={false} />
          </Field>
          <p>
            Columns such as <i>topic</i>, <i>parent</i>, <i>number</i>, <i>definition</i>,{" "}
            <i>note</i>, <i>tags</i>; without names, a term and its definition. What has no parent
            comes under “{tree.get(under)?.label}”.
          </p>
        </div>
        <div>
          <Field value={relations} maxLength={LONGEST} onChange={setRelations}>
            <Label>Relations</Label>
            <TextArea spellCheck={false} />
          </Field>
          <p>
            Columns <i>from</i>, <i>linking phrase</i>, <i>to</i>. The ends are found by their
            labels.
          </p>
        </div>
      </Both>
      {read.error && !empty && <Trouble role="alert">{read.error.message}</Trouble>}
      {come && (
        <p role="status">
          {counted(come.topics, "topic")} and {counted(come.links, "relation")} will come
          {come.there > 0 && `; ${counted(come.there, "row")} there already`}
          {faults.length > 0 &&
            `; ${counted(faults.length, "row")} left out (press one to correct it above):`}
        </p>
      )}
      {faults.length > 0 && (
        <Faults aria-label="Rows that are left out">
          {faults.slice(0, 200).map((fault) => (
            <li key={`${fault.table} ${fault.row} ${fault.sentence}`}>
              <TextButton onPress={() => showRow(fault.table, fault.row)}>
                {fault.table}, row {fault.row}
              </TextButton>
              : {fault.sentence}
            </li>
          ))}
        </Faults>
      )}
      <SheetButtons>
        <Button onPress={onClose}>Cancel</Button>
        <Button
          $strong
          isDisabled={
            !come || read.isPlaceholderData || come.topics + come.links + come.there === 0
          }
          onPress={() => {
            actions.edit(bring);
            say("The tables are on the map");
            onClose();
          }}
        >
          {faults.length > 0 ? `Import, without ${counted(faults.length, "row")}` : "Import"}
        </Button>
      </SheetButtons>
    </>
  );
}
