import { useState } from "react";
import { Button as AriaButton } from "react-aria-components";
import styled from "styled-components";
import type { CarriedPoint, HeldDraft } from "../api/types";
import { mainNumbers } from "../shelf/mainNumbers";
import { Ribbon } from "../shelf/Ribbon";
import { pigment } from "../theme/tokens";
import { asWords, ButtonLink, TextButton } from "../ui/Button";
import { Row } from "../ui/Field";
import { counted, percent } from "../ui/words";
import { pieces, spoken, stretches } from "./draft";
import { OnTheMap } from "./OnTheMap";
import { StudyPassages } from "./StudyPassage";
import type { PaneProps } from "./study";

const Along = styled.div`
  display: grid;
  gap: 4px;
  > :first-child { height: 16px; }
`;

const Ticks = styled.div`
  position: relative;
  height: 20px;
  span {
    position: absolute;
    top: 0;
    padding-left: 2px;
    border-left: 1px solid ${({ theme }) => theme.softInk};
    font: 600 13px/18px ${({ theme }) => theme.control};
  }
`;

const Points = styled.ol`
  list-style: none;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 10px;
  > li { font: 400 16px/24px ${({ theme }) => theme.reading}; }
  > li > div { display: grid; gap: 8px; padding: 4px 0 0 20px; }
  b { font: 600 14px/20px ${({ theme }) => theme.control}; margin-right: 6px; }
  small { font: 400 14px/20px ${({ theme }) => theme.control}; color: ${({ theme }) => theme.softInk}; }
  em { font: 600 14px/20px ${({ theme }) => theme.control}; color: ${({ theme }) => theme.rubric}; }
`;

const Words = styled(AriaButton)`${asWords}`;

const Rooms = styled.table`
  width: 100%;
  border-collapse: collapse;
  td, th { padding: 3px 10px 3px 0; text-align: left; font: 400 15px/22px ${({ theme }) => theme.control}; vertical-align: baseline; }
  th { font-weight: 600; }
  td:nth-child(n + 2) { white-space: nowrap; }
  td:last-child { width: 34%; padding-right: 0; }
  i { display: block; height: 9px; min-width: 2px; }
`;

const Text = styled.div`
  max-width: 640px;
  font: 400 17px/27px ${({ theme }) => theme.reading};
  white-space: pre-line;
  overflow-wrap: anywhere;
  mark { color: inherit; background: none; scroll-margin: 40px; }
  mark[data-shown] { background: ${({ theme }) => theme.gap}; }
  sup { font: 700 12px/12px ${({ theme }) => theme.control}; margin-right: 2px; }
`;

const STATES = { CARRIED: "carried", TOUCHED: "only touched", MISSING: "missing" };

type DraftHeldProps = PaneProps & { draft: HeldDraft; path: string };

/** What a draft carries: its points, the room of the topics, its order, what is on no point. */
export function DraftHeld(props: DraftHeldProps) {
  const { draft, path, tree, selected, onOpen, onSelect, say } = props;
  const [shown, setShown] = useState<number | null>(null);
  const { lines, points, text, rooms } = draft;
  const branchOf = (topic: string) => tree.get(topic)?.branch;
  const state = (wanted: CarriedPoint["state"]) =>
    points.filter((point) => point.state === wanted).length;
  const show = (line: number) => {
    setShown(line);
    requestAnimationFrame(() =>
      document.getElementById(`draft-${line}`)?.scrollIntoView({ block: "center" }),
    );
  };
  const at = (start: number) =>
    show(
      Math.max(
        0,
        lines.findLastIndex((line) => line.start <= start),
      ),
    );
  const loose = lines.flatMap((line, place) => (line.point < 0 ? [{ line, place }] : []));
  const words = (place: number) => {
    const line = lines[place];
    return line ? text.slice(line.start, line.end).trim() : "";
  };
  const most = Math.max(1, ...rooms.map((room) => room.words));
  return (
    <>
      <p role="status">
        {counted(draft.words, "word")}, {spoken(draft.minutes)} when spoken.{" "}
        {points.length > 0 &&
          `${state("CARRIED")} of ${counted(points.length, "point")} carried, ${state("TOUCHED")} only touched, ${state("MISSING")} missing.`}
      </p>
      {lines.length > 0 && (
        <Along>
          <Ribbon
            source={{
              id: draft.id,
              name: draft.name,
              length: text.length,
              ribbon: stretches(lines, branchOf),
            }}
            numbers={mainNumbers(tree.desk)}
            onOpen={({ start }) => at(start)}
          />
          {points.length > 0 && (
            <Ticks aria-hidden="true">
              {points.flatMap((point, place) => {
                const line = lines[point.lines[0] ?? -1];
                return line ? (
                  <span key={point.words} style={{ left: `${(98 * line.start) / text.length}%` }}>
                    {place + 1}
                  </span>
                ) : (
                  []
                );
              })}
            </Ticks>
          )}
        </Along>
      )}
      {points.length > 0 && (
        <section aria-label="Points">
          <h3>Points</h3>
          <Points>
            {points.map((point, place) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: a point may stand twice, its place is what it is
              <li key={place}>
                <b>{place + 1}</b>
                {point.words}{" "}
                {point.state === "MISSING" ? (
                  <em>missing</em>
                ) : (
                  <small>
                    {STATES[point.state]} ({percent(point.strength)}),{" "}
                    {counted(point.lines.length, "sentence")}, {spoken(point.minutes)}
                  </small>
                )}
                <div>
                  {point.lines.slice(0, 3).map((line) => (
                    <small key={line}>
                      <Words onPress={() => show(line)}>“{words(line)}”</Words>
                    </small>
                  ))}
                  {point.state !== "CARRIED" && (
                    <StudyPassages
                      passages={point.sources.slice(0, 2)}
                      told="what a source says to it"
                      tree={tree}
                      onOpen={onOpen}
                      onSelect={onSelect}
                    />
                  )}
                </div>
              </li>
            ))}
          </Points>
        </section>
      )}
      <section aria-label="Room">
        <h3>Room</h3>
        <Rooms>
          <thead>
            <tr>
              <th scope="col">Topic</th>
              <th scope="col">Words</th>
              <th scope="col">Spoken</th>
              <th scope="col">Share</th>
            </tr>
          </thead>
          <tbody>
            {rooms.map((room) => {
              const topic = tree.get(room.topic);
              return (
                <tr key={room.topic ?? "none"}>
                  <td style={{ paddingLeft: topic ? 16 * (topic.level - 1) : 0 }}>
                    {topic ? (
                      <TextButton onPress={() => onSelect(topic.id)}>
                        {topic.number} {topic.label}
                      </TextButton>
                    ) : (
                      "On no topic of the map"
                    )}
                  </td>
                  <td>{room.words}</td>
                  <td>{spoken(room.minutes)}</td>
                  <td>
                    {percent(room.words / Math.max(1, draft.words))}
                    <i
                      style={{
                        width: `${(100 * room.words) / most}%`,
                        background: topic ? pigment(topic.branch) : "currentcolor",
                      }}
                    />
                  </td>
                </tr>
              );
            })}
          </tbody>
        </Rooms>
      </section>
      {points.length > 0 && (
        <section aria-label="On no point">
          <h3>On no point {loose.length > 0 && `(${counted(loose.length, "sentence")})`}</h3>
          {loose.length === 0 ? (
            <p>Every sentence carries a point.</p>
          ) : (
            <details>
              <summary>
                {counted(
                  loose.reduce((sum, { line }) => sum + line.words, 0),
                  "word",
                )}
              </summary>
              <Points>
                {loose.map(({ place }) => (
                  <li key={place}>
                    <Words onPress={() => show(place)}>{words(place)}</Words>
                  </li>
                ))}
              </Points>
            </details>
          )}
        </section>
      )}
      <section aria-label="The draft">
        <h3>The draft</h3>
        <Text>
          {pieces(text, lines).map(({ words: piece, line }, place) => {
            const topic = tree.get(lines[line]?.topic ?? null);
            return line < 0 ? (
              piece
            ) : (
              // biome-ignore lint/suspicious/noArrayIndexKey: pieces of a text that does not change
              <mark key={place} id={`draft-${line}`} data-shown={shown === line ? "" : undefined}>
                {topic && <sup style={{ color: pigment(topic.branch) }}>{topic.number}</sup>}
                {piece}
              </mark>
            );
          })}
        </Text>
      </section>
      <Row>
        {points.length > 0 && (
          <OnTheMap
            tree={tree}
            selected={selected}
            what={state("MISSING") > 0 ? "the missing points" : "the points"}
            path={`${path}/branch`}
            body={{ draft: draft.id, missing: state("MISSING") > 0 }}
            onSelect={onSelect}
            say={say}
          />
        )}
        <ButtonLink href={`${path}/${draft.id}/table`} download="draft.csv">
          Save as a table
        </ButtonLink>
      </Row>
    </>
  );
}
