import { useQuery } from "@tanstack/react-query";
import { lazy, Suspense } from "react";
import styled from "styled-components";
import { request } from "../api/client";
import type { Passage, Topic } from "../api/types";
import type { Tree } from "../map/tree";
import { imageAddress } from "../pictures/pictures";
import { pigment, sourceInk } from "../theme/tokens";

const NoteText = lazy(() => import("../reading/NoteText"));

const Note = styled.div`
  font: 400 20px/30px ${({ theme }) => theme.reading};
  max-width: 62ch;
  p, ul, ol { margin: 0 0 10px; }
  [contenteditable] { outline: none; }
`;

const Pictures = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 16px;
  img { max-width: min(100%, 560px); max-height: 46vh; height: auto; }
`;

const Quotes = styled.div`
  display: grid;
  gap: 14px;
  max-width: 66ch;
  blockquote { margin: 0; padding-left: 14px; border-left: 3px solid; font: 400 18px/28px ${({ theme }) => theme.reading}; }
  cite { display: block; font: 400 15px/22px ${({ theme }) => theme.control}; color: ${({ theme }) => theme.softInk}; }
`;

/** The note of a topic as it is read. */
export function NoteOf({ topic }: { topic: Topic }) {
  if (!topic.note.trim()) {
    return null;
  }
  return (
    <Note>
      <Suspense fallback={<p>{topic.note}</p>}>
        <NoteText value={topic.note} />
      </Suspense>
    </Note>
  );
}

/** The pictures of a topic, large. */
export function PicturesOf({ tree, topic }: { tree: Tree; topic: Topic }) {
  return topic.pictures.length === 0 ? null : (
    <Pictures>
      {topic.pictures.map((picture) => (
        <img
          key={picture.id}
          src={imageAddress(tree.desk.id, picture.image)}
          alt={picture.alt}
          width={Math.max(320, picture.width)}
        />
      ))}
    </Pictures>
  );
}

/** The very words that bear a topic out, and where they stand. */
export function PassagesOf({ tree, topic }: { tree: Tree; topic: Topic }) {
  const { id, facts } = tree.desk;
  // a branch is borne out by what is below it
  const told = topic.own > 0 ? topic : (tree.firstBelow(topic, (each) => each.own > 0) ?? topic);
  const passages = useQuery({
    queryKey: ["passages", id, told.id, facts.revision],
    queryFn: () => request<Passage[]>("GET", `/api/maps/${id}/topics/${told.id}/passages`),
  });
  if (topic.passages === 0) {
    return <p>No passage bears this out.</p>;
  }
  return (
    <Quotes aria-busy={passages.isPending}>
      {told !== topic && (
        <p>
          Below it, under {told.number} {told.label}:
        </p>
      )}
      {passages.data?.map((passage) => {
        const source = tree.desk.sources.find((each) => each.id === passage.source);
        return (
          <blockquote
            key={passage.evidence}
            style={{ borderLeftColor: source ? sourceInk(source.ink) : pigment(topic.branch) }}
          >
            {passage.exact}
            <cite>
              {source?.name}
              {passage.place ? `, ${passage.place}` : ""}
            </cite>
          </blockquote>
        );
      })}
    </Quotes>
  );
}
