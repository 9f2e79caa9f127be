import type { ReactNode } from "react";
import { Checkbox } from "react-aria-components";
import styled, { css } from "styled-components";

/** The square before something that can be ticked. */
export const tickBox = css`
  &::before {
    content: "";
    flex: none;
    width: 15px;
    height: 15px;
    border: 1px solid ${({ theme }) => theme.softInk};
    border-radius: 3px;
    background: ${({ theme }) => theme.page};
  }
  &[data-selected]::before {
    border-color: ${({ theme }) => theme.ink};
    background: ${({ theme }) => theme.ink};
    box-shadow: inset 0 0 0 3px ${({ theme }) => theme.page};
  }
  @media (forced-colors: active) {
    &[data-selected]::before { background: Highlight; forced-color-adjust: none; }
  }
`;

const Box = styled(Checkbox)`
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 28px;
  cursor: pointer;
  ${tickBox}
  &[data-focus-visible] { outline: 2px solid ${({ theme }) => theme.rubric}; outline-offset: 2px; }
`;

type TickProps = {
  isSelected: boolean;
  onChange: (on: boolean) => void;
  children: ReactNode;
};

/** Something that holds or does not. */
export function Tick(props: TickProps) {
  return <Box {...props} />;
}
