import { type ReactNode, useState } from "react";
import styled from "styled-components";
import type { Desk } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import { Button } from "../ui/Button";
import { Choice } from "../ui/Choice";
import { Row } from "../ui/Field";
import { Bring } from "./Bring";
import type { Gathering } from "./useGather";

const Column = styled.div`
  display: grid;
  gap: 20px;
  align-content: start;
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
  onOpen: (source: string) => void;
  onOutline: () => void;
};

/** Brings sources together and distils them. */
export function Gather(props: GatherProps) {
  const { desk, gathering, actions, heading, onDistil, onOpen, onOutline } = props;
  const [levels, setLevels] = useState("3");
  const [branches, setBranches] = useState("0");
  const ready = desk.sources.filter((source) => source.length > 0).length;
  const reading = desk.jobs.some(
    (job) => job.kind === "READ" && (job.state === "WAITING" || job.state === "RUNNING"),
  );
  const again = desk.topics.length > 1;

  return (
    <Column>
      {heading}
      <Bring gathering={gathering} onOpen={onOpen} onOutline={onOutline} />
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
      <Row>
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
      </Row>
    </Column>
  );
}
