import { Label, ProgressBar } from "react-aria-components";
import styled from "styled-components";

const Frame = styled(ProgressBar)`
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 2px 8px;
  font-size: 14px;
  min-width: 0;
`;

const Track = styled.div`
  grid-column: 1 / -1;
  height: 4px;
  border-radius: 2px;
  background: ${({ theme }) => theme.gap};
  overflow: hidden;
`;

const Bar = styled.div`
  height: 100%;
  background: ${({ theme }) => theme.rubric};
  transition: width 120ms linear;
`;

/** How far a piece of work is, with the name of the step; the share runs from 0 to 1. */
export function Progress({ label, share }: { label: string; share: number }) {
  const percent = Math.round(share * 100);
  return (
    <Frame value={percent}>
      <Label>{label}</Label>
      <span>{percent}%</span>
      <Track>
        <Bar style={{ width: `${percent}%` }} />
      </Track>
    </Frame>
  );
}
