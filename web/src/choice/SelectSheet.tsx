import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Input, Label } from "react-aria-components";
import styled from "styled-components";
import { request } from "../api/client";
import { INKS } from "../looks/looks";
import type { Tree } from "../map/tree";
import { Button } from "../ui/Button";
import { Field, Select, Trouble } from "../ui/Field";
import { Sheet, SheetButtons } from "../ui/Sheet";
import { counted } from "../ui/words";

const Grid = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(210px, 1fr));
  gap: 12px;
  label { display: grid; gap: 4px; font-weight: 500; }
`;

const BEARINGS = [
  ["UNSUPPORTED", "No passage bears it out"],
  ["THIN", "Thin"],
  ["ONE_SOURCE", "All passages from one source"],
  ["SEVERAL_SOURCES", "From several sources"],
  ["NOTED", "Has a note"],
  ["ASIDE", "Set aside"],
] as const;

const STANDINGS = [
  ["KEY", "Key topics: more relations than average"],
  ["END", "End topics: one relation"],
  ["CENTRAL", "The most central one"],
  ["NONE", "No relation"],
] as const;

type Wanted = {
  words: string;
  level: string;
  tag: string;
  bearing: string;
  source: string;
  standing: string;
  ink: string;
};

const NOTHING: Wanted = {
  words: "",
  level: "",
  tag: "",
  bearing: "",
  source: "",
  standing: "",
  ink: "",
};

type SelectSheetProps = {
  tree: Tree;
  isOpen: boolean;
  onOpenChange: (open: boolean) => void;
  onChoose: (topics: readonly string[]) => void;
};

/** Chooses all topics that have what is asked for. */
export function SelectSheet(props: SelectSheetProps) {
  return (
    <Sheet title="Choose all topics that…" isOpen={props.isOpen} onOpenChange={props.onOpenChange}>
      <Asking {...props} />
    </Sheet>
  );
}

/** What is asked for, as it goes into an address; empty if nothing is. */
export function asked(wanted: Wanted): string {
  const query = new URLSearchParams(
    Object.entries(wanted)
      .map(([name, value]) => [name, value.trim()])
      .filter(([, value]) => value !== ""),
  );
  return query.toString();
}

function Asking({ tree, onOpenChange, onChoose }: SelectSheetProps) {
  const { desk } = tree;
  const [wanted, setWanted] = useState(NOTHING);
  const query = asked(wanted);
  const found = useQuery({
    queryKey: ["selection", desk.id, desk.facts.revision, query],
    queryFn: () => request<string[]>("GET", `/api/maps/${desk.id}/selection?${query}`),
    enabled: query !== "",
    placeholderData: (before) => before,
    retry: false,
  });
  const set = (name: keyof Wanted) => (value: string) =>
    setWanted((before) => ({ ...before, [name]: value }));
  const pick = (name: keyof Wanted, label: string, options: readonly (readonly string[])[]) => (
    <label htmlFor={`wanted-${name}`}>
      {label}
      <Select
        id={`wanted-${name}`}
        value={wanted[name]}
        onChange={(event) => set(name)(event.target.value)}
      >
        <option value="">Does not matter</option>
        {options.map(([value, words]) => (
          <option key={value} value={value}>
            {words}
          </option>
        ))}
      </Select>
    </label>
  );
  const ids = query === "" ? [] : (found.data ?? []);
  const levels = Array.from({ length: tree.levels + 1 }, (_, i) => [
    String(i),
    i === 0 ? "The root" : i === 1 ? "Main branches" : `Level ${i}`,
  ]);
  return (
    <>
      <Field autoFocus value={wanted.words} onChange={set("words")}>
        <Label>Have these words in label, definition or note</Label>
        <Input />
      </Field>
      <Grid>
        {pick("level", "Level", levels)}
        {pick(
          "tag",
          "Tag",
          desk.facts.legend.map((tag) => [tag.id, tag.word]),
        )}
        {pick("bearing", "Support", BEARINGS)}
        {pick(
          "source",
          "A passage from",
          desk.sources.map((source) => [source.id, source.name]),
        )}
        {pick("standing", "Relations", STANDINGS)}
        {pick("ink", "Ink of the label", INKS)}
      </Grid>
      {found.error && <Trouble role="alert">{found.error.message}</Trouble>}
      <SheetButtons>
        <Button onPress={() => onOpenChange(false)}>Cancel</Button>
        <Button
          $strong
          isDisabled={ids.length === 0}
          onPress={() => {
            onChoose(ids);
            onOpenChange(false);
          }}
        >
          {query === "" ? "Choose them" : `Choose ${counted(ids.length, "topic")}`}
        </Button>
      </SheetButtons>
    </>
  );
}
