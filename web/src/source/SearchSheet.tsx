import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useDeferredValue, useState } from "react";
import { Input, Label } from "react-aria-components";
import { request } from "../api/client";
import type { Hits } from "../api/types";
import type { OpenSource } from "../reading/spot";
import { Field } from "../ui/Field";
import { Sheet } from "../ui/Sheet";
import { counted } from "../ui/words";
import { Found, FoundList } from "./Found";

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
      <FoundList>
        {hits.map((source) => (
          <section key={source.source}>
            <h3>{source.name}</h3>
            {source.hits.map((hit) => (
              <Found
                key={hit.start}
                spot={{ source: source.source, start: hit.start, end: hit.end }}
                place={hit.place}
                onOpen={(spot) => {
                  onOpenChange(false);
                  onOpen(spot);
                }}
              >
                {hit.before}
                <mark>{hit.exact}</mark>
                {hit.after}
              </Found>
            ))}
          </section>
        ))}
      </FoundList>
    </Sheet>
  );
}
