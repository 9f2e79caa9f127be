import { useQuery } from "@tanstack/react-query";
import styled from "styled-components";
import { request } from "../api/client";
import type { DraftsCompared } from "../api/types";
import type { Tree } from "../map/tree";
import { counted, percent } from "../ui/words";
import { Waiting } from "./Waiting";

const Frame = styled.section`
  display: grid;
  gap: 8px;
  padding: 10px 0 14px;
  border-block: 1px solid ${({ theme }) => theme.rule};
  table { border-collapse: collapse; width: 100%; }
  th, td { text-align: left; padding: 3px 10px 3px 0; font: 400 15px/22px ${({ theme }) => theme.control}; vertical-align: baseline; }
  th { font-weight: 600; }
  li { font: 400 16px/24px ${({ theme }) => theme.reading}; }
  ul { list-style: none; display: grid; gap: 6px; }
  small { font: 400 14px/20px ${({ theme }) => theme.control}; color: ${({ theme }) => theme.softInk}; }
  del, ins { text-decoration-thickness: 1px; }
`;

function carried(strength: number): string {
  return strength < 0 ? "not asked for" : strength === 0 ? "missing" : percent(strength);
}

/** What changed from one version of a draft to another. */
export function DraftSince({ tree, path }: { tree: Tree; path: string }) {
  const since = useQuery({
    queryKey: ["since", path, tree.desk.facts.revision],
    queryFn: () => request<DraftsCompared>("GET", path),
  });
  const { data } = since;
  if (!data) {
    return <Waiting problem={since.error} words="Holding both versions…" />;
  }
  const more = data.wordsAfter - data.wordsBefore;
  const changed = data.rooms.filter((room) => room.before !== room.after);
  return (
    <Frame aria-label="Since the other version">
      <p>
        {data.wordsBefore.toLocaleString("en")} words then, {data.wordsAfter.toLocaleString("en")}{" "}
        now ({more >= 0 ? "+" : "−"}
        {Math.abs(more)}). {counted(data.came.length, "sentence")} came, {data.gone.length} went,{" "}
        {data.reworded.length} say the same in other words.
      </p>
      {data.points.length > 0 && (
        <table>
          <thead>
            <tr>
              <th scope="col">Point</th>
              <th scope="col">Then</th>
              <th scope="col">Now</th>
            </tr>
          </thead>
          <tbody>
            {data.points.map((point) => (
              <tr key={point.words}>
                <td>{point.words}</td>
                <td>{carried(point.before)}</td>
                <td>{carried(point.after)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {changed.length > 0 && (
        <table>
          <thead>
            <tr>
              <th scope="col">Topic</th>
              <th scope="col">Words then</th>
              <th scope="col">Words now</th>
            </tr>
          </thead>
          <tbody>
            {changed.map((room) => {
              const topic = tree.get(room.topic);
              return (
                <tr key={room.topic ?? "none"}>
                  <td>{topic ? `${topic.number} ${topic.label}` : "On no topic of the map"}</td>
                  <td>{room.before}</td>
                  <td>{room.after}</td>
                </tr>
              );
            })}
          </tbody>
        </table>
      )}
      <ul>
        {data.reworded.map((each) => (
          <li key={`= ${each.before}`}>
            <small>reworded</small> <del>{each.before}</del> <ins>{each.after}</ins>
          </li>
        ))}
        {[...new Set(data.gone)].map((words) => (
          <li key={`- ${words}`}>
            <small>went</small> <del>{words}</del>
          </li>
        ))}
        {[...new Set(data.came)].map((words) => (
          <li key={`+ ${words}`}>
            <small>came</small> <ins>{words}</ins>
          </li>
        ))}
      </ul>
    </Frame>
  );
}
