import { useQuery } from "@tanstack/react-query";
import styled from "styled-components";
import { request } from "../api/client";
import type { MapSummary } from "../api/types";
import type { Tree } from "../map/tree";
import { Select } from "../ui/Field";
import { Tick } from "../ui/Tick";
import { type Side, sourcesOf, toggled } from "./compare";

const MOST_TOPICS = 400;

const Frame = styled.fieldset`
  border: 0;
  padding: 0;
  margin: 0;
  min-width: 0;
  display: grid;
  gap: 6px;
  align-content: start;
  legend { font: 500 14px/20px ${({ theme }) => theme.control}; padding: 0 0 3px; }
  select { width: 100%; min-width: 0; }
`;

type SidePickerProps = {
  name: string;
  tree: Tree;
  side: Side;
  onSide: (side: Side) => void;
};

/** Chooses what is compared: a topic with all below it, sources, or a map. */
export function SidePicker({ name, tree, side, onSide }: SidePickerProps) {
  const { desk } = tree;
  const maps = useQuery({
    queryKey: ["maps"],
    queryFn: () => request<MapSummary[]>("GET", "/api/maps"),
  });
  const topics = desk.topics
    .filter((topic) => topic.parent !== null && topic.children.length > 0)
    .slice(0, MOST_TOPICS);
  const leaf = tree.get(side.startsWith("topic:") ? side.slice(6) : null);
  const listed = leaf && !topics.includes(leaf) ? [leaf, ...topics] : topics;
  const sources = sourcesOf(side);
  return (
    <Frame>
      <legend>{name}</legend>
      <Select
        aria-label={name}
        value={sources.length > 1 ? "several" : side}
        onChange={({ target }) =>
          onSide(
            target.value === "several"
              ? `sources:${desk.sources.map((source) => source.id).join(",")}`
              : target.value,
          )
        }
      >
        {side === "" && <option value="">Choose…</option>}
        <optgroup label="A topic with all below it">
          {listed.map((topic) => (
            <option key={topic.id} value={`topic:${topic.id}`}>
              {topic.number} {topic.label}
            </option>
          ))}
        </optgroup>
        <optgroup label="A source">
          {desk.sources.map((source) => (
            <option key={source.id} value={`sources:${source.id}`}>
              {source.name}
            </option>
          ))}
          {desk.sources.length > 2 && <option value="several">Several sources…</option>}
        </optgroup>
        <optgroup label="A whole map">
          {(maps.data ?? []).map((map) => (
            <option key={map.id} value={`map:${map.id}`}>
              {map.id === desk.id ? `This map: ${map.title}` : map.title}
            </option>
          ))}
        </optgroup>
      </Select>
      {sources.length > 1 &&
        desk.sources.map((source) => (
          <Tick
            key={source.id}
            isSelected={sources.includes(source.id)}
            onChange={() => onSide(toggled(side, source.id))}
          >
            {source.name}
          </Tick>
        ))}
    </Frame>
  );
}
