import { useState } from "react";
import styled from "styled-components";
import type { People, Somebody } from "../api/types";
import { Trouble } from "../ui/Field";
import { Tick } from "../ui/Tick";
import { counted } from "../ui/words";
import { Lost } from "./Lost";
import { Narrow } from "./Narrow";
import { Network } from "./Network";
import { type Filter, found, useUnder } from "./narrowing";
import { Onward } from "./Onward";
import { tiesOf } from "./people";
import { SomebodyRow } from "./SomebodyRow";
import type { PaneProps } from "./study";
import { useStudied } from "./useStudied";
import { Waiting } from "./Waiting";

const Beside = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 330px);
  gap: 8px 24px;
  align-items: start;
  > :last-child { position: sticky; top: 0; }
  @container (max-width: 720px) {
    grid-template-columns: minmax(0, 1fr);
    > :last-child { position: static; grid-row: 1; }
  }
`;

const List = styled.ol`
  list-style: none;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
`;

/** Who is in the sources, and who occurs with whom. */
export function PeoplePane({ tree, selected, onOpen, onSelect, say }: PaneProps) {
  const { desk } = tree;
  const path = `/api/maps/${desk.id}/people`;
  const studied = useStudied<People>("people", desk.id, desk.facts.shelf, path, say);
  const { data, problem, send } = studied;
  const [filter, setFilter] = useState<Filter>({ source: "", topic: null, words: "" });
  const [aside, setAside] = useState(false);
  const [chosen, setChosen] = useState<string | null>(null);
  const under = useUnder(tree, filter);
  if (!data) {
    return <Waiting problem={problem} words="Reading the sources for names…" />;
  }
  const fits = (each: Somebody) =>
    (aside || !each.off) &&
    found([each.name, ...each.forms.map((form) => form.words)], each.places, filter, under);
  const listed = data.all.filter(fits);
  const off = data.all.filter((each) => each.off).length;
  const bodies = data.all.filter((each) => !each.person).length;
  const onMap = listed.filter((each) => !each.off);
  const choose = (key: string) => {
    setChosen(key);
    requestAnimationFrame(() =>
      document.getElementById(`somebody-${key}`)?.scrollIntoView({ block: "nearest" }),
    );
  };
  return (
    <>
      <h2>People and bodies</h2>
      <p role="status">
        {data.all.length === 0
          ? "The sources name nobody, as far as their words go."
          : `${counted(data.all.length - bodies, "person", "people")} and ${counted(bodies, "body", "bodies")} that the sources name, the most named first.`}
      </p>
      {problem && <Trouble role="alert">{problem.message}</Trouble>}
      <Narrow tree={tree} selected={selected} filter={filter} onFilter={setFilter}>
        {off > 0 && (
          <Tick isSelected={aside} onChange={setAside}>
            Also the {off} taken off
          </Tick>
        )}
      </Narrow>
      <Beside>
        <List>
          {listed.map((each) => (
            <li key={each.key}>
              <SomebodyRow
                somebody={each}
                everybody={data.all}
                ties={tiesOf(data.ties, each.key)}
                tree={tree}
                open={chosen === each.key}
                onToggle={() => setChosen(chosen === each.key ? null : each.key)}
                onChoose={choose}
                onChange={(change, told) => send("POST", "/change", change, told)}
                onUnmark={() => {
                  const words = [each.key, ...each.forms.map((form) => form.words)];
                  send("POST", "/unmark", { keys: words }, "As the sources tell it");
                }}
                onOpen={onOpen}
                onSelect={onSelect}
              />
            </li>
          ))}
        </List>
        {onMap.length > 1 && (
          <Network people={onMap} ties={data.ties} chosen={chosen} onChoose={choose} />
        )}
      </Beside>
      <Lost
        lost={data.lost.map(({ words, name }) => ({ key: words, words: name || words }))}
        onForget={(words) => send("POST", "/unmark", { keys: [words] }, "Forgotten")}
      />
      {onMap.length > 0 && (
        <Onward
          tree={tree}
          selected={selected}
          what={counted(onMap.length, "name")}
          path={path}
          file="people.csv"
          body={{ keys: onMap.slice(0, 200).map((each) => each.key) }}
          onSelect={onSelect}
          say={say}
        />
      )}
    </>
  );
}
