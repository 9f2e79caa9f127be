import styled from "styled-components";
import type { Concord } from "../api/types";
import { counted } from "../ui/words";

const Wide = styled.div`
  overflow-x: auto;
  min-height: max-content;
  table { width: 100%; min-width: 460px; border-collapse: collapse; }
  th { text-align: left; font: 600 14px/20px ${({ theme }) => theme.control}; padding: 4px 10px 4px 0; border-bottom: 1px solid ${({ theme }) => theme.rule}; }
  td { padding: 4px 10px 4px 0; vertical-align: baseline; font: 400 15px/22px ${({ theme }) => theme.control}; border-bottom: 1px solid ${({ theme }) => theme.rule}; }
  td:nth-child(n + 3) { white-space: nowrap; }
`;

const Figure = styled.strong`
  font: 600 20px/28px ${({ theme }) => theme.reading};
`;

/** How far two maps agree in what stands together, in one figure and topic by topic. */
export function ConcordTable({
  concord,
  one,
  other,
}: {
  concord: Concord;
  one: string;
  other: string;
}) {
  if (concord.sentences < 2) {
    return (
      <p>
        {concord.shared === 0
          ? "These maps have no sentence of their sources in common, so that nothing can be said of how far they agree."
          : `Of ${counted(concord.shared, "sentence")} that both maps' sources have, hardly any stands under topics of both.`}
      </p>
    );
  }
  return (
    <section aria-label="Agreement of the two maps">
      <h3>Agreement of the two maps</h3>
      <p>
        <Figure>{concord.figure.toFixed(2)}</Figure> for what stands together under a main topic: 1
        where both put the same sentences together, 0 where chance would agree as much (kappa, over{" "}
        {counted(concord.sentences, "sentence")} that both placed, of {concord.shared}).
      </p>
      <Wide tabIndex={0} role="region" aria-label="Topic by topic">
        <table>
          <thead>
            <tr>
              <th scope="col">{one}</th>
              <th scope="col">{other}</th>
              <th scope="col">Both</th>
              <th scope="col">Only one</th>
              <th scope="col">Only other</th>
              <th scope="col">Agreement</th>
            </tr>
          </thead>
          <tbody>
            {concord.topics.map((topic, at) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: labels may stand twice, the order is the map's
              <tr key={at}>
                <td>{topic.one}</td>
                <td>{topic.other || "–"}</td>
                <td>{topic.both}</td>
                <td>{topic.onlyOne}</td>
                <td>{topic.onlyOther}</td>
                <td>{topic.kappa.toFixed(2)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </Wide>
    </section>
  );
}
