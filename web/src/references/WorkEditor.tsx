import { useState } from "react";
import type { ReferenceForm, WorkType } from "../api/types";
import { Button } from "../ui/Button";
import { Row } from "../ui/Field";
import { WorkFields, WorkFrame } from "./WorkFields";

type WorkEditorProps = {
  types: readonly WorkType[];
  form: ReferenceForm;
  citeKey: string;
  keep: string;
  onKeep: (reference: ReferenceForm, key: string) => void;
  onLeave: () => void;
};

/** Corrects what is known of a work. */
export function WorkEditor({ types, form, citeKey, keep, onKeep, onLeave }: WorkEditorProps) {
  const [said, setSaid] = useState(form);
  const [key, setKey] = useState(citeKey);
  return (
    <WorkFrame role="group" aria-label="The work">
      <WorkFields types={types} said={said} onSay={setSaid} citeKey={key} onKey={setKey} />
      <Row>
        <Button $strong onPress={() => onKeep(said, key)}>
          {keep}
        </Button>
        <Button onPress={onLeave}>Leave it</Button>
      </Row>
    </WorkFrame>
  );
}
