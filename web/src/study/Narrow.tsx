import type { ReactNode } from "react";
import { Input } from "react-aria-components";
import styled from "styled-components";
import type { Tree } from "../map/tree";
import { Field, Select } from "../ui/Field";
import { Tick } from "../ui/Tick";
import type { Filter } from "./narrowing";

const Frame = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: center;
  > :first-child { flex: 0 1 200px; }
  > select { flex: 0 1 190px; min-width: 0; }
`;

type NarrowProps = {
  tree: Tree;
  selected: string;
  filter: Filter;
  onFilter: (filter: Filter) => void;
  children?: ReactNode;
};

/** Narrows what was found: by words, source and branch. */
export function Narrow({ tree, selected, filter, onFilter, children }: NarrowProps) {
  const { sources } = tree.desk;
  const branch = tree.get(filter.topic ?? selected);
  return (
    <Frame>
      <Field
        aria-label="With the words or name"
        value={filter.words}
        onChange={(words) => onFilter({ ...filter, words })}
      >
        <Input placeholder="Words or a name" />
      </Field>
      {sources.length > 1 && (
        <Select
          aria-label="Source"
          value={filter.source}
          onChange={(event) => onFilter({ ...filter, source: event.target.value })}
        >
          <option value="">All sources</option>
          {sources.map((source) => (
            <option key={source.id} value={source.id}>
              {source.name}
            </option>
          ))}
        </Select>
      )}
      {branch && (branch.parent !== null || filter.topic) && (
        <Tick
          isSelected={filter.topic !== null}
          onChange={(on) => onFilter({ ...filter, topic: on ? selected : null })}
        >
          Only under “{branch.label}”
        </Tick>
      )}
      {children}
    </Frame>
  );
}
