import { Button as AriaButton, Link as AriaLink } from "react-aria-components";
import styled, { css } from "styled-components";

const shared = css`
  font: 500 15px/20px ${({ theme }) => theme.control};
  color: ${({ theme }) => theme.ink};
  border-radius: ${({ theme }) => theme.radius};
  cursor: pointer;
  &[data-disabled] { opacity: 0.45; cursor: default; }
  @media print { color: inherit; }
`;

/** A button that looks like the words around it, until a pointer is over it. */
export const asWords = css`
  border: 0;
  background: none;
  padding: 0;
  font: inherit;
  color: inherit;
  text-align: left;
  cursor: pointer;
  &:hover { text-decoration: underline; }
`;

const framed = css<{ $strong?: boolean }>`
  ${shared}
  padding: 7px 12px;
  min-height: 36px;
  border: 1px solid ${({ theme, $strong }) => ($strong ? theme.ink : theme.rule)};
  background: ${({ theme, $strong }) => ($strong ? theme.ink : theme.page)};
  color: ${({ theme, $strong }) => ($strong ? theme.page : theme.ink)};
  &[data-hovered] { border-color: ${({ theme }) => theme.softInk}; }
  @media print { display: none; }
`;

/** A button with words. */
export const Button = styled(AriaButton)<{ $strong?: boolean }>`${framed}`;

/** The same that leads somewhere, or to a file. */
export const ButtonLink = styled(AriaLink)<{ $strong?: boolean }>`
  ${framed}
  display: inline-block;
  text-decoration: none;
`;

/** A button that reads as part of the text. */
export const TextButton = styled(AriaButton)`
  ${shared}
  border: 0;
  background: none;
  padding: 2px 0;
  color: ${({ theme }) => theme.rubric};
  text-align: left;
  &[data-hovered] { text-decoration: underline; }
`;

/** A small square button with a sign; it needs an aria-label. */
export const SignButton = styled(AriaButton)`
  ${shared}
  width: 32px;
  height: 32px;
  padding: 0;
  display: grid;
  place-items: center;
  border: 1px solid transparent;
  background: none;
  &[data-hovered] { border-color: ${({ theme }) => theme.rule}; background: ${({ theme }) => theme.page}; }
  @media print { display: none; }
  &[aria-pressed="true"] { border-color: ${({ theme }) => theme.ink}; background: ${({ theme }) => theme.page}; }
  @media (forced-colors: active) {
    border-color: Canvas;
    &[data-hovered] { border-color: ButtonText; }
    &[aria-pressed="true"] { border: 2px solid Highlight; }
  }
`;
