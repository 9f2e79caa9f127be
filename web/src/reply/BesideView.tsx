import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import styled from "styled-components";
import { request } from "../api/client";
import type { Beside, KeptReply } from "../api/types";
import { Button } from "../ui/Button";
import { Row, Select } from "../ui/Field";
import { counted } from "../ui/words";
import { named } from "./ReplyList";

const Frame = styled.div`
  display: grid;
  grid-template-rows: auto auto minmax(0, 1fr);
  gap: 8px;
  min-height: 0;
  div:last-child { overflow: auto; }
  table { border-collapse: collapse; width: 100%; font: 400 16px/22px ${({ theme }) => theme.reading}; }
  th { text-align: left; font-weight: 600; position: sticky; top: 0; background: ${({ theme }) => theme.page}; }
  td, th { padding: 3px 10px 3px 0; border-bottom: 1px solid ${({ theme }) => theme.rule}; width: 50%; }
  td:empty { background: ${({ theme }) => theme.shelf}; }
`;

/** So many become one map at once. */
const MOST = 20;

type BesideViewProps = {
  id: string;
  path: string;
  all: readonly KeptReply[];
  /** Makes a map of this and others. */
  onMerge: (others: readonly string[]) => void;
};

/** Two replies in two columns: what both have, what only one has. */
export function BesideView({ id, path, all, onMerge }: BesideViewProps) {
  const others = all.filter((reply) => reply.id !== id);
  const [chosen, setChosen] = useState<string | null>(null);
  const other = chosen ?? others[0]?.id ?? null;
  const beside = useQuery({
    queryKey: ["beside", id, other],
    queryFn: () => request<Beside>("GET", `${path}/beside/${other}`),
    enabled: other !== null,
  });
  if (other === null) {
    return (
      <p>There is no other reply yet. Bring a second one to the same brief to compare them.</p>
    );
  }
  const rows = beside.data?.rows ?? [];
  const both = rows.filter((row) => row.one >= 0 && row.two >= 0).length;
  const first = rows.filter((row) => row.two < 0).length;
  const name = (of: string) => {
    const found = all.find((reply) => reply.id === of);
    return found ? named(found) : "";
  };
  return (
    <Frame>
      <Row>
        <label htmlFor="beside-other">Beside</label>
        <Select id="beside-other" value={other} onChange={(e) => setChosen(e.target.value)}>
          {others.map((reply) => (
            <option key={reply.id} value={reply.id}>
              {named(reply)}
            </option>
          ))}
        </Select>
        <Button onPress={() => onMerge([other])}>Make a new map of both</Button>
        {others.length > 1 && (
          <Button onPress={() => onMerge(others.slice(0, MOST - 1).map((reply) => reply.id))}>
            Make a new map of all {Math.min(MOST, all.length)}
          </Button>
        )}
      </Row>
      <p role="status">
        {beside.error?.message ??
          (beside.data
            ? `${counted(both, "topic")} in both, ${first} only in this one, ${rows.length - both - first} only in the other.`
            : "Comparing…")}
      </p>
      <div>
        <table>
          <thead>
            <tr>
              <th>{name(id)}</th>
              <th>{name(other)}</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <tr key={`${row.one} ${row.two}`}>
                <td style={{ paddingLeft: (row.level - 1) * 16 }}>{row.first}</td>
                <td style={{ paddingLeft: (row.level - 1) * 16 }}>{row.second}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </Frame>
  );
}
