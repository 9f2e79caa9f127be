import { useState } from "react";
import { Button as AriaButton, Input, Label } from "react-aria-components";
import styled from "styled-components";
import type { Figures, GivenFigure } from "../api/types";
import { sourceInk } from "../theme/tokens";
import { asWords, Button, TextButton } from "../ui/Button";
import { Field, Row, Trouble } from "../ui/Field";
import { Tick } from "../ui/Tick";
import { counted } from "../ui/words";
import { type By, type Sorting, sorted } from "./figures";
import { Lost } from "./Lost";
import { Narrow } from "./Narrow";
import { type Filter, found, useUnder } from "./narrowing";
import { Onward } from "./Onward";
import { StudyPassage } from "./StudyPassage";
import type { PaneProps } from "./study";
import { useStudied } from "./useStudied";
import { Waiting } from "./Waiting";

const Wide = styled.div`
  overflow-x: auto;
  min-height: max-content;
  table { width: 100%; min-width: 520px; border-collapse: collapse; }
  th { text-align: left; font: 600 14px/20px ${({ theme }) => theme.control}; padding: 4px 10px 4px 0; border-bottom: 1px solid ${({ theme }) => theme.rule}; }
  td { padding: 5px 10px 5px 0; vertical-align: baseline; font: 400 15px/22px ${({ theme }) => theme.control}; border-bottom: 1px solid ${({ theme }) => theme.rule}; }
  td:first-child { font: 400 16px/24px ${({ theme }) => theme.reading}; }
  td.figure { font-weight: 600; white-space: nowrap; }
  td.open { padding: 4px 0 16px; }
  tr[data-off] td { color: ${({ theme }) => theme.softInk}; text-decoration: line-through; }
`;

const Plain = styled(AriaButton)`${asWords}`;

const Stroke = styled.i`
  display: inline-block;
  width: 3px;
  height: 14px;
  margin-right: 7px;
  vertical-align: -2px;
`;

const List = styled.ol`
  list-style: none;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 18px;
  h4 { font: 600 15px/22px ${({ theme }) => theme.control}; }
  h4[data-differ] { color: ${({ theme }) => theme.rubric}; }
  > li > div { display: grid; gap: 8px; margin-top: 4px; }
`;

const Correcting = styled.form`
  display: flex;
  gap: 8px;
  align-items: end;
  margin: 10px 0 4px;
  > :first-child { flex: 1; }
`;

/** Rows that are drawn at once. */
const FIRST = 150;

const COLUMNS = [
  ["of", "Of what"],
  ["base", "Figure"],
  ["source", "Source"],
  ["topic", "Topic"],
] as const;

/** The quantities that the sources give: a table, and those of the same side by side. */
export function FiguresPane({ tree, selected, onOpen, onSelect, say }: PaneProps) {
  const { desk } = tree;
  const path = `/api/maps/${desk.id}/figures`;
  const studied = useStudied<Figures>("figures", desk.id, desk.facts.shelf, path, say);
  const { data, problem, send } = studied;
  const [filter, setFilter] = useState<Filter>({ source: "", topic: null, words: "" });
  const [aside, setAside] = useState(false);
  const [all, setAll] = useState(false);
  const [sorting, setSorting] = useState<Sorting>({ by: "topic", down: false });
  const [chosen, setChosen] = useState<string | null>(null);
  const under = useUnder(tree, filter);
  if (!data) {
    return <Waiting problem={problem} words="Reading the sources for figures…" />;
  }
  const sourceOf = (figure: GivenFigure) =>
    desk.sources.find((source) => source.id === figure.passage.source);
  const topicOf = (figure: GivenFigure) => tree.get(figure.passage.topics[0] ?? null);
  const name = (figure: GivenFigure, by: By) =>
    by === "source"
      ? (sourceOf(figure)?.name ?? "")
      : by === "topic"
        ? (topicOf(figure)?.number ?? "~")
        : figure.of;
  const fits = (figure: GivenFigure) =>
    (aside || !figure.off) && found([figure.of, figure.words], [figure.passage], filter, under);
  const listed = sorted(data.all.filter(fits), sorting, name);
  const off = data.all.filter((figure) => figure.off).length;
  const rows = all ? listed : listed.slice(0, FIRST);
  const byKey = new Map(listed.map((figure) => [figure.key, figure]));
  const beside = data.beside.flatMap((each) => {
    const figures = each.keys.flatMap((key) => byKey.get(key) ?? []);
    return figures.length > 1 ? [{ ...each, figures }] : [];
  });
  const told = { tree, onOpen, onSelect };
  const change = (figure: GivenFigure, of: string, gone: boolean, words: string) =>
    send("POST", "/change", { key: figure.key, of, off: gone }, words);
  return (
    <>
      <h2>Figures</h2>
      <p role="status">
        {data.all.length === 0
          ? "The sources give no figures."
          : `${counted(data.all.length - off, "figure")} that the sources give, ${counted(data.beside.length, "thing")} of which several sources give one.`}
      </p>
      {problem && <Trouble role="alert">{problem.message}</Trouble>}
      <Narrow tree={tree} selected={selected} filter={filter} onFilter={setFilter}>
        {off > 0 && (
          <Tick isSelected={aside} onChange={setAside}>
            Also the {off} taken off
          </Tick>
        )}
      </Narrow>
      {beside.length > 0 && (
        <section aria-label="Of the same in several sources">
          <h3>Of the same in several sources</h3>
          <List>
            {beside.map((each) => (
              <li key={each.keys.join(" ")}>
                <h4 data-differ={each.agree ? undefined : ""}>
                  {each.agree ? "The same" : "They differ"}:{" "}
                  {[...new Set(each.figures.map((figure) => figure.words))].join(" and ")}
                </h4>
                <div>
                  {each.figures.map((figure) => (
                    <StudyPassage
                      key={figure.key}
                      passage={figure.passage}
                      told={figure.words}
                      {...told}
                    />
                  ))}
                </div>
              </li>
            ))}
          </List>
        </section>
      )}
      {listed.length > 0 && (
        <Wide>
          <table>
            <thead>
              <tr>
                {COLUMNS.map(([by, words]) => (
                  <th
                    key={by}
                    scope="col"
                    aria-sort={
                      sorting.by !== by ? "none" : sorting.down ? "descending" : "ascending"
                    }
                  >
                    <Plain
                      onPress={() => setSorting({ by, down: sorting.by === by && !sorting.down })}
                    >
                      {words}
                      {sorting.by === by && (sorting.down ? " ↓" : " ↑")}
                    </Plain>
                  </th>
                ))}
              </tr>
            </thead>
            {rows.map((figure) => {
              const source = sourceOf(figure);
              const topic = topicOf(figure);
              return (
                <tbody key={figure.key}>
                  <tr data-off={figure.off ? "" : undefined}>
                    <td>
                      <Plain
                        aria-expanded={chosen === figure.key}
                        onPress={() => setChosen(chosen === figure.key ? null : figure.key)}
                      >
                        {figure.of || figure.kind || "–"}
                        {figure.byHand && " · by hand"}
                      </Plain>
                    </td>
                    <td className="figure">{figure.words}</td>
                    <td>
                      <Stroke style={{ background: source && sourceInk(source.ink) }} />
                      {source?.name}
                      {figure.passage.place && `, ${figure.passage.place}`}
                    </td>
                    <td>
                      {topic && (
                        <TextButton onPress={() => onSelect(topic.id)}>
                          {topic.number} {topic.label}
                        </TextButton>
                      )}
                    </td>
                  </tr>
                  {chosen === figure.key && (
                    <tr>
                      <td colSpan={4} className="open">
                        <StudyPassage passage={figure.passage} {...told} />
                        <Naming
                          figure={figure}
                          onName={(of) => change(figure, of, figure.off, "Corrected")}
                        />
                        <Row>
                          <TextButton
                            onPress={() =>
                              change(figure, "", !figure.off, figure.off ? "Listed" : "Taken off")
                            }
                          >
                            {figure.off ? "List it again" : "No figure: take it off"}
                          </TextButton>
                          {figure.byHand && (
                            <TextButton
                              onPress={() =>
                                send("POST", "/unmark", { keys: [figure.key] }, "As it was")
                              }
                            >
                              Back to what the source tells
                            </TextButton>
                          )}
                        </Row>
                      </td>
                    </tr>
                  )}
                </tbody>
              );
            })}
          </table>
        </Wide>
      )}
      {rows.length < listed.length && (
        <TextButton onPress={() => setAll(true)}>
          {counted(listed.length - rows.length, "more figure")}
        </TextButton>
      )}
      <Lost
        lost={data.lost.map(({ key, of, quote }) => ({
          key,
          words: [of, quote].filter(Boolean).join(": "),
        }))}
        onForget={(key) => send("POST", "/unmark", { keys: [key] }, "Forgotten")}
      />
      {listed.length > 0 && (
        <Onward
          tree={tree}
          selected={selected}
          what={counted(Math.min(200, listed.length), "figure")}
          path={path}
          file="figures.csv"
          body={{ keys: listed.slice(0, 200).map((figure) => figure.key) }}
          onSelect={onSelect}
          say={say}
        />
      )}
    </>
  );
}

function Naming({ figure, onName }: { figure: GivenFigure; onName: (of: string) => void }) {
  const [of, setOf] = useState(figure.of);
  return (
    <Correcting
      onSubmit={(submitted) => {
        submitted.preventDefault();
        onName(of);
      }}
    >
      <Field value={of} onChange={setOf} maxLength={300}>
        <Label>Of what it is</Label>
        <Input />
      </Field>
      <Button type="submit">Correct it</Button>
    </Correcting>
  );
}
