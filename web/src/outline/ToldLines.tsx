import styled from "styled-components";
import { asWords } from "../ui/Button";

const List = styled.ul`
  list-style: none;
  display: grid;
  gap: 2px;
  max-height: 22vh;
  overflow: auto;
  button {
    ${asWords}
    padding: 1px 0;
    b { color: ${({ theme }) => theme.rubric}; }
  }
`;

type ToldLinesProps = {
  lines: readonly { line: number; words: string }[];
  onGo: (line: number) => void;
};

/** What is told of lines; a press goes to the line. */
export function ToldLines({ lines, onGo }: ToldLinesProps) {
  return (
    <List>
      {lines.map(({ line, words }) => (
        <li key={`${line} ${words}`}>
          <button type="button" onClick={() => onGo(line)}>
            <b>line {line}:</b> {words}
          </button>
        </li>
      ))}
    </List>
  );
}
