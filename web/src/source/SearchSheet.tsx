import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useDeferredValue, useState } from "react";
import { Input, Label } from "react-aria-components";
import styled from "styled-components";
import { request } from "../api/client";
import type { Hits } from "../api/types";
import type { OpenSource } from "../reading/spot";
import { Field } from "../ui/Field";
import { Sheet } from "../ui/Sheet";
import { counted } from "../ui/words";

const List = styled.div`
  max-height: 56vh;
  overflow: auto;
  display: grid;
  gap: 14px;
  h3 { font: 700 15px/22px ${({ theme }) => theme.control}; }
  button {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 12px;
    width: 100%;
    border: 0;
    background: none;
    padding: 4px 0;
    text-align: left;
    cursor: pointer;
    color: ${({ theme }) => theme.softInk};
    font: 400 16px/24px ${({ theme }) => theme.reading};
    &:hover { background: ${({ theme }) => theme.shelf}; }
    small { font: 400 14px/24px ${({ theme }) => theme.control}; }
  }
  mark { background: ${({ theme }) => theme.highlight}; color: ${({ theme }) => theme.ink}; }
`;

type SearchSheetProps = {
  mapId: string;
  isOpen: boolean;
  onOpenChange: (open: boolean) => void;
  onOpen: OpenSource;
};

/** Searches all sources at once. */
export function SearchSheet({ mapId, isOpen, onOpenChange, onOpen }: SearchSheetProps) {
  const [words, setWords] = useState("");
  const sought = useDeferredValue(words.trim());
  const found = useQuery({
    queryKey: ["search", mapId, sought],
    queryFn: () =>
      request<Hits[]>("GET", `/api/maps/${mapId}/search?words=${encodeURIComponent(sought)}`),
    enabled: isOpen && sought.length > 1,
    placeholderData: keepPreviousData,
  });
  const hits = sought.length > 1 ? (found.data ?? []) : [];
  const count = hits.reduce((sum, source) => sum + source.hits.length, 0);
  return (
    <Sheet title="Search all sources" wide isOpen={isOpen} onOpenChange={onOpenChange}>
      <Field value={words} onChange={setWords} autoFocus>
        <Label>Words</Label>
        <Input placeholder="a word, a phrase, or several words of a paragraph" />
      </Field>
      <p role="status">
        {sought.length > 1 &&
          found.isFetched &&
          (count === 0
            ? "These words stand in none of the sources."
            : `${counted(count, "place")} in ${counted(hits.length, "source")}`)}
      </p>
      <List>
        {hits.map((source) => (
          <section key={source.source}>
            <h3>{source.name}</h3>
            {source.hits.map((hit) => (
              <button
                key={hit.start}
                type="button"
                onClick={() => {
                  onOpenChange(false);
                  onOpen({ source: source.source, start: hit.start, end: hit.end });
                }}
              >
                <span>
                  {hit.before}
                  <mark>{hit.exact}</mark>
                  {hit.after}
                </span>
                <small>{hit.place}</small>
              </button>
            ))}
          </section>
        ))}
      </List>
    </Sheet>
  );
}
