import type { ReactNode } from "react";
import styled from "styled-components";
import { Button } from "../ui/Button";
import { Sign } from "../ui/Sign";

const Heading = styled.div`
  display: flex;
  align-items: start;
  justify-content: space-between;
  gap: 12px;
  h1 { font: 600 23px/30px ${({ theme }) => theme.reading}; }
`;

const ActsButton = styled(Button)`
  display: flex;
  align-items: center;
  gap: 4px;
  flex: none;
  && { @media print { display: none; } }
`;

type HeadedProps = {
  children: ReactNode;
  /** What the acts are about, as in “What to do with Old wall”. */
  of: string;
  /** Opens the menu of what can be done; null where there is none. */
  onActs: ((button: Element) => void) | null;
};

/** The heading of what is chosen, with what can be done to it. */
export function Headed({ children, of, onActs }: HeadedProps) {
  return (
    <Heading>
      <h1>{children}</h1>
      {onActs && (
        <ActsButton
          aria-label={`What to do with ${of}`}
          aria-haspopup="menu"
          onPress={(event) => onActs(event.target)}
        >
          Acts
          <Sign name="down" />
        </ActsButton>
      )}
    </Heading>
  );
}
