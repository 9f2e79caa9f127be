import type { ReactNode } from "react";
import styled from "styled-components";
import type { Difference } from "../api/types";
import { asWords } from "../ui/Button";
import { Trouble } from "../ui/Field";
import { detail, kindOf } from "./words";

const Part = styled.section`
  min-height: 0;
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
  gap: 6px;
  ul { list-style: none; overflow: auto; border-top: 1px solid ${({ theme }) => theme.rule}; }
  select { max-width: 320px; }
`;

const One = styled.li`
  display: grid;
  grid-template-columns: 120px minmax(0, 1fr) minmax(0, 1.6fr);
  gap: 4px 10px;
  padding: 3px 2px;
  border-bottom: 1px solid ${({ theme }) => theme.rule};
  font: 400 15px/22px ${({ theme }) => theme.reading};
  em { font: italic 400 14px/22px ${({ theme }) => theme.reading}; color: ${({ theme }) => theme.rubric}; }
  small { font: 400 14px/22px ${({ theme }) => theme.control}; color: ${({ theme }) => theme.softInk}; overflow-wrap: anywhere; }
  button {
    ${asWords}
  }
  @media (max-width: 620px) { grid-template-columns: 90px minmax(0, 1fr); small { grid-column: 2; } }
`;

const MOST = 500;

type DifferencesProps = {
  differences: readonly Difference[] | undefined;
  problem: Error | null;
  heading: ReactNode;
  onChoose: (topic: string) => void;
};

/** In what two states of a map differ, as a list. */
export function Differences({ differences, problem, heading, onChoose }: DifferencesProps) {
  return (
    <Part aria-label="Differences">
      {heading}
      {problem && <Trouble role="alert">{problem.message}</Trouble>}
      {differences?.length === 0 && <p>Nothing is different.</p>}
      {differences && differences.length > 0 && (
        <ul>
          {differences.slice(0, MOST).map((each) => (
            <One key={`${each.kind} ${each.topic} ${each.was} ${each.is}`}>
              <em>{kindOf(each)}</em>
              <button type="button" onClick={() => onChoose(each.topic)}>
                {each.label}
              </button>
              <small>{detail(each)}</small>
            </One>
          ))}
        </ul>
      )}
    </Part>
  );
}
