import styled from "styled-components";
import { TextButton } from "../ui/Button";
import { counted } from "../ui/words";
import type { Pasted } from "./usePasting";

const Bar = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: start;
  gap: 4px 16px;
  padding: 6px 20px;
  background: ${({ theme }) => theme.page};
  border-block: 1px solid ${({ theme }) => theme.rule};
  ul { list-style: none; flex-basis: 100%; max-height: 20vh; overflow: auto; color: ${({ theme }) => theme.softInk}; }
`;

/** What came of text that was pasted, with the lines that were repaired. */
export function PastedBar({ pasted, onClose }: { pasted: Pasted; onClose: () => void }) {
  return (
    <Bar role="status">
      <span>
        {pasted.said}
        {pasted.repairs.length > 0 && `, ${counted(pasted.repairs.length, "line")} repaired:`}
      </span>
      <TextButton onPress={onClose}>Close</TextButton>
      {pasted.repairs.length > 0 && (
        <ul>
          {pasted.repairs.map((repair) => (
            <li key={`${repair.line} ${repair.sentence}`}>
              Line {repair.line}: {repair.sentence}
            </li>
          ))}
        </ul>
      )}
    </Bar>
  );
}
