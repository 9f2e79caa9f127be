import styled from "styled-components";
import type { CitedWords } from "../api/types";

const Leads = styled.a`
  color: ${({ theme }) => theme.rubric};
`;

/** Words of a citation or an entry, with their slant. */
export function Cited({ words }: { words: readonly CitedWords[] }) {
  return (
    <>
      {words.map((run, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: words have no identity, they stand in order
        <Run key={i} run={run} />
      ))}
    </>
  );
}

function Run({ run }: { run: CitedWords }) {
  const said = run.italic ? <i>{run.words}</i> : run.bold ? <b>{run.words}</b> : run.words;
  return run.address && /^https?:/i.test(run.address) ? (
    <Leads href={run.address} target="_blank" rel="noreferrer">
      {said}
    </Leads>
  ) : (
    said
  );
}
