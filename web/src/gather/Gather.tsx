import { type ReactNode, useState } from "react";
import styled from "styled-components";
import type { Desk, DistilOptions } from "../api/types";
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
  fieldset { border: 0; padding: 0; display: grid; gap: 2px; }
  legend { font-weight: 500; margin-bottom: 4px; }
  fieldset label { display: flex; gap: 8px; align-items: baseline; cursor: pointer; }
`;

const LEVELS = ["1", "2", "3", "4", "5"].map((n) => [n, n] as const);
const ORDERS = [
  ["SUBJECT", "By subject, from all sources"],
  ["SOURCES", "One for each source"],
] as const;
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
  const [order, setOrder] = useState("SUBJECT");
  const [without, setWithout] = useState<ReadonlySet<string>>(new Set());
  const readable = desk.sources.filter((source) => source.length > 0);
  const chosen = readable.filter((source) => !without.has(source.id));
  const ready = chosen.length;
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
      {readable.length > 1 && (
        <>
          <Choice label="Main branches" value={order} options={ORDERS} onChange={setOrder} />
          <fieldset>
            <legend>Sources</legend>
            {readable.map((source) => (
              <label key={source.id}>
                <input
                  type="checkbox"
                  checked={!without.has(source.id)}
                  onChange={(event) => {
                    const next = new Set(without);
                    event.target.checked ? next.delete(source.id) : next.add(source.id);
                    setWithout(next);
                  }}
                />
                {source.name}
              </label>
            ))}
          </fieldset>
        </>
      )}
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
            actions.distil.mutate({
              levels: Number(levels),
              branches: Number(branches),
              order: order as DistilOptions["order"],
              sources: chosen.length < readable.length ? chosen.map((source) => source.id) : [],
            });
            onDistil?.();
          }}
        >
          {again ? "Distil again" : "Distil"}
        </Button>
        {ready === 0 && !reading && (
          <span>{readable.length > 0 ? "Choose a source." : "Add a source first."}</span>
        )}
        {reading && <span>Sources are being read.</span>}
      </Row>
    </Column>
  );
}
