import { css } from "styled-components";

/** A list that floats over the desk. */
export const menuList = css`
  min-width: 200px;
  max-width: 420px;
  max-height: 60vh;
  overflow: auto;
  padding: 4px;
  background: ${({ theme }) => theme.page};
  border: 1px solid ${({ theme }) => theme.rule};
  border-radius: ${({ theme }) => theme.radius};
  box-shadow: 0 4px 16px rgb(42 37 33 / 0.16);
  outline: none;
`;

/** A line of such a list. */
export const menuItem = css`
  padding: 7px 10px;
  border-radius: 3px;
  cursor: pointer;
  outline: none;
  &[data-focused] { background: ${({ theme }) => theme.shelf}; }
`;
