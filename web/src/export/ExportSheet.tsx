import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Input, Label } from "react-aria-components";
import styled from "styled-components";
import { request } from "../api/client";
import type { Desk, Topic } from "../api/types";
import type { Tree } from "../map/tree";
import { Choice } from "../ui/Choice";
import { Field, Select } from "../ui/Field";
import { Sheet, SheetButtons } from "../ui/Sheet";
import { Tick } from "../ui/Tick";
import {
  asked,
  FORMATS,
  FRONT,
  hasFront,
  keepWish,
  LEFT,
  lastWish,
  ofPixels,
  type Wish,
} from "./wish";

const Take = styled.a`
  padding: 8px 14px;
  border-radius: ${({ theme }) => theme.radius};
  background: ${({ theme }) => theme.ink};
  color: ${({ theme }) => theme.page};
  font: 500 15px/20px ${({ theme }) => theme.control};
  text-decoration: none;
  &[aria-disabled="true"] { opacity: 0.45; pointer-events: none; }
`;

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

const SCALES = ["1", "2", "3", "4", "6", "8"].map((n) => [n, `${n}\u00d7`] as const);

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
  const [wish, setWish] = useState<Wish>(lastWish);
  const change = (to: Partial<Wish>) => {
    const next = { ...wish, ...to };
    setWish(next);
    keepWish(next);
  };
  const parts = [
    ["whole", "The whole map"],
    ["open", "What is open now"],
    ...(topic.parent === null ? [] : [["branch", `“${topic.label}” and below`] as const]),
  ] as const;
  const part = topic.parent === null && wish.part === "branch" ? "whole" : wish.part;
  const query = asked({ ...wish, part }, topic);
  const path = `/api/maps/${desk.id}/export`;
  const size = usePictureSize(desk, path, query, wish.format);
  const impossible = ofPixels(wish.format) && size.isError;
  return (
    <>
      {FORMATS.map(([purpose, formats]) => (
        <Choice
          key={purpose}
          label={purpose}
          value={wish.format}
          options={formats}
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
      {ofPixels(wish.format) && (
        <Choice
          label="Scale"
          value={wish.scale}
          options={SCALES}
          onChange={(scale) => change({ scale })}
        />
      )}
      {hasFront(wish.format) && (
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
      <p role="status">
        {ofPixels(wish.format) &&
          size.data &&
          `The picture will be ${size.data.width.toLocaleString("en")} \u00d7 ${size.data.height.toLocaleString("en")} pixels.`}
        {ofPixels(wish.format) && size.isError && size.error.message}
      </p>
      <SheetButtons>
        <Take
          href={`${path}/${wish.format}${query && "?"}${query}`}
          download
          aria-disabled={impossible}
          onClick={onTaken}
        >
          Save the {name(wish.format)}
        </Take>
      </SheetButtons>
    </>
  );
}

function name(format: string): string {
  const all = FORMATS.flatMap(([, formats]) => formats);
  return all.find(([ending]) => ending === format)?.[1] ?? "file";
}

function usePictureSize(desk: Desk, path: string, query: string, format: string) {
  return useQuery({
    queryKey: ["picture", desk.id, desk.facts.revision, format, query, desk.scene.height],
    queryFn: () =>
      request<{ width: number; height: number }>("GET", `${path}/size?ending=${format}&${query}`),
    enabled: ofPixels(format),
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
