import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Input, Label } from "react-aria-components";
import styled from "styled-components";
import { request } from "../api/client";
import type { Desk, Topic } from "../api/types";
import type { Tree } from "../map/tree";
import { useReferences } from "../references/useReferences";
import { Button } from "../ui/Button";
import { Choice } from "../ui/Choice";
import { Field, Select, Trouble } from "../ui/Field";
import { Progress } from "../ui/Progress";
import { Sheet, SheetButtons, SheetFoot } from "../ui/Sheet";
import { Tick } from "../ui/Tick";
import { counted } from "../ui/words";
import { FirstPage } from "./FirstPage";
import { Looks } from "./Looks";
import { useSaving } from "./useSaving";
import {
  asked,
  called,
  ending,
  FORMATS,
  FRONT,
  has,
  keepWish,
  LEFT,
  lastWish,
  type Wish,
} from "./wish";

const Columns = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 16px 32px;
  @media (max-width: 700px) { grid-template-columns: minmax(0, 1fr); }
  > div { display: grid; gap: 14px; align-content: start; }
`;

const Ticks = styled.div`
  display: grid;
  gap: 4px;
  > span { font-weight: 500; }
`;

const Lines = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 8px;
`;

type ExportSheetProps = {
  tree: Tree;
  /** The chosen topic. */
  topic: Topic;
  isOpen: boolean;
  onOpenChange: (open: boolean) => void;
};

/** Takes the map along as a file: the same few questions whatever the format. */
export function ExportSheet({ tree, topic, isOpen, onOpenChange }: ExportSheetProps) {
  return (
    <Sheet title="Export" isOpen={isOpen} onOpenChange={onOpenChange} wide>
      <Questions tree={tree} topic={topic} onTaken={() => onOpenChange(false)} />
    </Sheet>
  );
}

type QuestionsProps = { tree: Tree; topic: Topic; onTaken: () => void };

function Questions({ tree, topic, onTaken }: QuestionsProps) {
  const { desk } = tree;
  const [wish, setWish] = useState<Wish>(() => lastWish(desk.id));
  const change = (to: Partial<Wish>) => {
    const next = { ...wish, ...to };
    setWish(next);
    keepWish(desk.id, next);
  };
  const parts = [
    ["whole", "The whole map"],
    ["open", "What is open now"],
    ...(topic.parent === null ? [] : [["branch", `“${topic.label}” and below`] as const]),
  ] as const;
  const part = topic.parent === null && wish.part === "branch" ? "whole" : wish.part;
  const query = asked({ ...wish, part }, topic);
  const path = `/api/maps/${desk.id}/export`;
  const file = `${ending(wish.format)}${query && "?"}${query}`;
  const saving = useSaving();
  const size = usePictureSize(desk, path, query, wish.format);
  const impossible = has(wish.format, "pixels") && size.isError;
  return (
    <>
      {FORMATS.map(([purpose, formats]) => (
        <Choice
          key={purpose}
          label={purpose}
          value={wish.format}
          options={formats.map((format) => [format.id, format.words] as const)}
          onChange={(format) => change({ format })}
        />
      ))}
      <Columns>
        <div>
          <Choice
            label="How much"
            value={part}
            options={parts}
            onChange={(value) => change({ part: value as Wish["part"] })}
          />
          <Levels tree={tree} levels={wish.levels} onLevels={(levels) => change({ levels })} />
          <Looks map={desk.id} wish={wish} change={change} />
        </div>
        <Ticks role="group" aria-label="With">
          <span>With</span>
          {LEFT.map(([left, words]) => (
            <Tick
              key={left}
              isSelected={!wish.leftOut.includes(left)}
              onChange={(kept) =>
                change({
                  leftOut: kept
                    ? wish.leftOut.filter((other) => other !== left)
                    : [...wish.leftOut, left],
                })
              }
            >
              {words}
            </Tick>
          ))}
        </Ticks>
      </Columns>
      {has(wish.format, "front") && (
        <Lines role="group" aria-label="Title page">
          {FRONT.map(([line, words]) => (
            <Field
              key={line}
              value={wish.front[line]}
              maxLength={300}
              onChange={(value) => change({ front: { ...wish.front, [line]: value } })}
            >
              <Label>{words}</Label>
              <Input />
            </Field>
          ))}
        </Lines>
      )}
      <FirstPage
        path={`${path}/${ending(wish.format)}/preview${query && "?"}${query}`}
        revision={desk.facts.revision}
        off={impossible}
      />
      <UnknownWorks />
      <SheetFoot>
        {saving.state && <Progress label={saving.state.step} share={saving.state.share} />}
        <p role="status">
          {has(wish.format, "pixels") &&
            size.data &&
            `The picture will be ${size.data.width.toLocaleString("en")} \u00d7 ${size.data.height.toLocaleString("en")} pixels.`}
          {impossible && size.error?.message}
        </p>
        {saving.problem && <Trouble role="alert">{saving.problem}</Trouble>}
        <SheetButtons>
          {saving.stop ? (
            <Button onPress={saving.stop}>Stop</Button>
          ) : (
            <Button
              $strong
              isDisabled={impossible}
              onPress={() => saving.save(desk.id, file).then(onTaken, () => {})}
            >
              Save the {called(wish.format)}
            </Button>
          )}
        </SheetButtons>
      </SheetFoot>
    </>
  );
}

/** Says which citations in notes name no work of the map, as the report cannot word them. */
function UnknownWorks() {
  const citations = useReferences(true).data?.citations ?? [];
  const unknown = citations.filter((each) => each.unknown.length > 0);
  if (unknown.length === 0) {
    return null;
  }
  return (
    <Trouble role="status">
      {counted(unknown.length, "citation")} without a work, left as written:{" "}
      {unknown
        .slice(0, 5)
        .map((each) => `@${each.unknown.join(", @")} in “${each.label}”`)
        .join("; ")}
      {unknown.length > 5 && " …"}
    </Trouble>
  );
}

function usePictureSize(desk: Desk, path: string, query: string, format: string) {
  const end = ending(format);
  return useQuery({
    queryKey: ["picture", desk.id, desk.facts.revision, format, query, desk.scene.height],
    queryFn: () =>
      request<{ width: number; height: number }>("GET", `${path}/size?ending=${end}&${query}`),
    enabled: has(format, "pixels"),
    retry: false,
  });
}

type LevelsProps = { tree: Tree; levels: number; onLevels: (levels: number) => void };

function Levels({ tree, levels, onLevels }: LevelsProps) {
  const below = Array.from({ length: Math.max(0, tree.levels - 1) }, (_, i) => i + 1);
  return (
    <p>
      <Select
        aria-label="Down to which level"
        value={String(levels)}
        onChange={(event) => onLevels(Number(event.target.value))}
      >
        <option value="0">All levels</option>
        {below.map((level) => (
          <option key={level} value={level}>
            {level === 1 ? "Main branches only" : `Down to level ${level}`}
          </option>
        ))}
      </Select>
    </p>
  );
}
