import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import styled from "styled-components";
import { request } from "../api/client";
import type { Desk, DistilOptions } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import { Button } from "../ui/Button";
import { Row } from "../ui/Field";
import { SheetFoot } from "../ui/Sheet";
import { type Choices, choices, options, USUAL } from "./options";
import { Preview } from "./Preview";
import { Wanted } from "./Wanted";

const Column = styled.div`
  display: grid;
  gap: 20px;
  align-content: start;
  fieldset { border: 0; padding: 0; display: grid; gap: 2px; }
  legend { font-weight: 500; margin-bottom: 4px; }
  fieldset label { display: flex; gap: 8px; align-items: baseline; cursor: pointer; }
`;

type DistillingProps = { desk: Desk; actions: DeskActions; onDistil?: () => void };

/** What the map should be, how much that comes to, and the button that makes it. */
export function Distilling({ desk, actions, onDistil }: DistillingProps) {
  const again = desk.topics.length > 1;
  const [own, setOwn] = useState<Choices | null>(null);
  const readable = desk.sources.filter((source) => source.length > 0);
  const ids = readable.map((source) => source.id);
  const last = useQuery({
    queryKey: ["distilled-with", desk.id, desk.facts.revision],
    queryFn: () => request<DistilOptions>("GET", `/api/maps/${desk.id}/distil`),
    enabled: again,
  });
  const wanted = own ?? (last.data ? choices(last.data, ids) : USUAL);
  const ready = ids.filter((id) => !wanted.without.has(id)).length;
  const reading = desk.jobs.some(
    (job) => job.kind === "READ" && (job.state === "WAITING" || job.state === "RUNNING"),
  );

  return (
    <Column>
      {readable.length > 0 && (!again || !last.isPending) && (
        <Wanted choices={wanted} severalSources={readable.length > 1} onChange={setOwn} />
      )}
      {readable.length > 1 && (
        <fieldset>
          <legend>Sources</legend>
          {readable.map((source) => (
            <label key={source.id}>
              <input
                type="checkbox"
                checked={!wanted.without.has(source.id)}
                onChange={(event) => {
                  const without = new Set(wanted.without);
                  event.target.checked ? without.delete(source.id) : without.add(source.id);
                  setOwn({ ...wanted, without });
                }}
              />
              {source.name}
            </label>
          ))}
        </fieldset>
      )}
      <SheetFoot>
        {ready > 0 && !reading && (
          <Preview
            map={desk.id}
            options={options(wanted, ids)}
            sources={readable}
            onEach={() => setOwn({ ...wanted, order: "SOURCES" })}
          />
        )}
        {again && (
          <p>
            The map stays as it is until you have seen what would change, and taken all, only what
            is new, or nothing.
          </p>
        )}
        <Row>
          <Button
            $strong
            isDisabled={ready === 0 || reading || actions.distilling}
            onPress={() => {
              actions.distil(options(wanted, ids));
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
      </SheetFoot>
    </Column>
  );
}
