import { useQuery } from "@tanstack/react-query";
import styled from "styled-components";
import { request } from "../api/client";
import type { Belonging, Topic } from "../api/types";
import { told } from "../gather/subjects";
import type { Tree } from "../map/tree";
import { TextButton } from "../ui/Button";
import { counted } from "../ui/words";

const Line = styled.p`
  font-size: 14px;
  color: ${({ theme }) => theme.softInk};
`;

/** How sure a grouping is, in a word: nearly all, most, or fewer of its paragraphs are its own. */
export function sureness(own: number, pieces: number): string {
  const share = own / pieces;
  return share >= 0.8 ? "Clearly grouped" : share >= 0.5 ? "Fairly grouped" : "Loosely grouped";
}

/** How many of its paragraphs are its own, in words. */
export function closest(own: number, pieces: number): string {
  const all = counted(pieces, "paragraph");
  if (own === pieces) {
    return `all ${all} are closest to this topic`;
  }
  return own === 0
    ? `none of its ${all} is closest to this topic`
    : `${own} of its ${all} ${own === 1 ? "is" : "are"} closest to this topic`;
}

type GroupedProps = { tree: Tree; topic: Topic; onSelect: (topic: string) => void };

/** How sure it is that the topic's paragraphs belong together, and where others would fit. */
export function Grouped({ tree, topic, onSelect }: GroupedProps) {
  const { desk } = tree;
  const grouping = useQuery({
    queryKey: ["grouping", desk.id, topic.id, desk.facts.revision],
    queryFn: () => request<Belonging>("GET", `/api/maps/${desk.id}/topics/${topic.id}/grouping`),
    enabled: topic.parent !== null,
  });
  const found = grouping.data;
  if (!found || found.pieces < 2) {
    return null;
  }
  if (found.mixed.length > 1) {
    return (
      <Line>
        Mixed: its sources speak of {found.mixed.length} different subjects:{" "}
        {told(found.mixed, desk.sources)}
      </Line>
    );
  }
  const nearest = found.nearest ? tree.get(found.nearest) : undefined;
  return (
    <Line>
      {sureness(found.own, found.pieces)}: {closest(found.own, found.pieces)}
      {nearest && (
        <>
          , {found.towards} closer to{" "}
          <TextButton onPress={() => onSelect(nearest.id)}>
            {nearest.number} {nearest.label}
          </TextButton>
        </>
      )}
    </Line>
  );
}
