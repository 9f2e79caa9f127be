import { useState } from "react";
import styled from "styled-components";
import type { ReferenceForm, WorkType } from "../api/types";
import { Button } from "../ui/Button";
import { Row } from "../ui/Field";
import { WorkFields } from "./WorkFields";

const Frame = styled.div`
  display: grid;
  gap: 12px;
  padding: 12px 14px;
  border: 1px solid ${({ theme }) => theme.rule};
  border-radius: ${({ theme }) => theme.radius};
  background: ${({ theme }) => theme.vellum};
`;

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
    <Frame role="group" aria-label="The work">
      <WorkFields types={types} said={said} onSay={setSaid} citeKey={key} onKey={setKey} />
      <Row>
        <Button $strong onPress={() => onKeep(said, key)}>
          {keep}
        </Button>
        <Button onPress={onLeave}>Leave it</Button>
      </Row>
    </Frame>
  );
}
