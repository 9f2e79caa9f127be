import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Input, Label } from "react-aria-components";
import styled from "styled-components";
import { request } from "../api/client";
import type { Sign, Tag } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import type { Tree } from "../map/tree";
import { Button, SignButton, TextButton } from "../ui/Button";
import { Field, Trouble } from "../ui/Field";
import { Sheet, SheetButtons } from "../ui/Sheet";
import { Sign as ButtonSign } from "../ui/Sign";
import { counted } from "../ui/words";
import { TagSign } from "./TagSign";
import { useSigns } from "./useSigns";

const List = styled.ul`
  list-style: none;
  max-height: 46vh;
  overflow: auto;
  border-block: 1px solid ${({ theme }) => theme.rule};
  li {
    display: grid;
    grid-template-columns: 34px minmax(90px, 1fr) minmax(0, 2fr) auto;
    gap: 6px;
    align-items: center;
    padding: 4px 2px;
  }
  li + li { border-top: 1px solid ${({ theme }) => theme.rule}; }
  input {
    width: 100%;
    min-width: 0;
    padding: 4px 6px;
    font: 400 15px/22px ${({ theme }) => theme.reading};
    color: ${({ theme }) => theme.ink};
    background: none;
    border: 1px solid transparent;
    border-radius: ${({ theme }) => theme.radius};
    &:hover, &:focus { border-color: ${({ theme }) => theme.rule}; background: ${({ theme }) => theme.vellum}; }
  }
  @media (max-width: 560px) {
    li { grid-template-columns: 34px minmax(0, 1fr) auto; }
    li input:nth-of-type(2) { grid-column: 2; }
  }
`;

const Signs = styled.div`
  display: grid;
  gap: 8px;
  padding: 10px;
  background: ${({ theme }) => theme.vellum};
  border: 1px solid ${({ theme }) => theme.rule};
  border-radius: ${({ theme }) => theme.radius};
  > div { display: flex; flex-wrap: wrap; gap: 2px; max-height: 150px; overflow: auto; }
`;

type LegendSheetProps = {
  tree: Tree;
  actions: DeskActions;
  isOpen: boolean;
  onOpenChange: (open: boolean) => void;
  say: (words: string) => void;
};

/** The tags of a map: their words, meanings and signs. */
export function LegendSheet(props: LegendSheetProps) {
  return (
    <Sheet title="Tags of this map" isOpen={props.isOpen} onOpenChange={props.onOpenChange} wide>
      <Tags {...props} />
    </Sheet>
  );
}

/** What is wrong with tags, or null. */
export function fault(tags: readonly Tag[]): string | null {
  const words = tags.map((tag) => tag.word.trim().toLocaleLowerCase());
  if (words.includes("")) {
    return "Every tag needs a word. Fill it in or take the tag out.";
  }
  const twice = words.find((word, i) => words.indexOf(word) < i);
  return twice === undefined ? null : `Two tags are called “${twice}”. Give one another word.`;
}

function Tags({ tree, actions, onOpenChange, say }: LegendSheetProps) {
  const [tags, setTags] = useState<readonly Tag[]>(tree.desk.facts.legend);
  const [choosing, setChoosing] = useState<string | null>(null);
  const signs = useSigns(tags.map((tag) => tag.sign));
  const set = (id: string, change: Partial<Tag>) =>
    setTags((before) => before.map((tag) => (tag.id === id ? { ...tag, ...change } : tag)));
  const kept = new Set(tags.map((tag) => tag.id));
  const losing = tree.desk.topics.filter((topic) => topic.tags.some((id) => !kept.has(id)));
  const wrong = fault(tags);
  const keep = () => {
    actions.edit({
      type: "Legend",
      tags: tags.map((tag) => ({ ...tag, word: tag.word.trim(), meaning: tag.meaning.trim() })),
    });
    say("The tags of the map are kept");
    onOpenChange(false);
  };
  return (
    <>
      <p>A topic can be marked with several of these. They are shown with it everywhere.</p>
      <List aria-label="Tags">
        {tags.map((tag) => (
          <li key={tag.id}>
            <SignButton
              aria-label={`Another sign for ${tag.word || "this tag"}`}
              onPress={() => setChoosing(choosing === tag.id ? null : tag.id)}
            >
              <TagSign path={signs.get(tag.sign)} size={20} />
            </SignButton>
            <input
              aria-label="Word"
              value={tag.word}
              maxLength={40}
              onChange={(event) => set(tag.id, { word: event.target.value })}
            />
            <input
              aria-label={`Meaning of ${tag.word || "this tag"}`}
              placeholder="When it is given"
              value={tag.meaning}
              maxLength={300}
              onChange={(event) => set(tag.id, { meaning: event.target.value })}
            />
            <SignButton
              aria-label={`Take ${tag.word || "this tag"} out`}
              onPress={() => setTags((before) => before.filter((t) => t.id !== tag.id))}
            >
              <ButtonSign name="close" />
            </SignButton>
          </li>
        ))}
      </List>
      {choosing && (
        <SignChoice
          onChoose={(sign) => {
            set(choosing, { sign });
            setChoosing(null);
          }}
        />
      )}
      <p>
        <TextButton
          onPress={() =>
            setTags((before) => [
              ...before,
              { id: crypto.randomUUID(), word: "", meaning: "", sign: "tag" },
            ])
          }
        >
          Add a tag
        </TextButton>
      </p>
      {losing.length > 0 && (
        <p>{counted(losing.length, "topic")} will lose a tag. Undo brings it back.</p>
      )}
      {wrong && <Trouble role="alert">{wrong}</Trouble>}
      <SheetButtons>
        <Button onPress={() => onOpenChange(false)}>Cancel</Button>
        <Button $strong isDisabled={wrong !== null} onPress={keep}>
          Keep these tags
        </Button>
      </SheetButtons>
    </>
  );
}

/** Finds a sign by words. */
function SignChoice({ onChoose }: { onChoose: (sign: string) => void }) {
  const [words, setWords] = useState("");
  const found = useQuery({
    queryKey: ["sign search", words.trim()],
    queryFn: () =>
      request<Sign[]>("GET", `/api/signs?words=${encodeURIComponent(words.trim() || "book")}`),
    placeholderData: (before) => before,
  });
  return (
    <Signs>
      <Field autoFocus value={words} onChange={setWords}>
        <Label>Find a sign by a word</Label>
        <Input placeholder="book" />
      </Field>
      <div>
        {found.data?.map((sign) => (
          <SignButton
            key={sign.name}
            aria-label={sign.name.replaceAll("-", " ")}
            onPress={() => onChoose(sign.name)}
          >
            <TagSign path={sign.path} size={20} />
          </SignButton>
        ))}
        {found.data?.length === 0 && <p>No sign is found for that. Try another word.</p>}
      </div>
    </Signs>
  );
}
