import { TextField, type TextFieldProps } from "react-aria-components";
import styled from "styled-components";

const Named = styled(TextField)`
  display: grid;
  gap: 4px;
  width: 100%;
  label { font-weight: 500; }
  input, textarea {
    width: 100%;
    padding: 7px 9px;
    font: 400 15px/22px ${({ theme }) => theme.reading};
    color: ${({ theme }) => theme.ink};
    background: ${({ theme }) => theme.page};
    border: 1px solid ${({ theme }) => theme.rule};
    border-radius: ${({ theme }) => theme.radius};
  }
`;

/** A field with its name above it; keys that it does not take go on, so that Escape closes what is around it. */
export function Field({ onKeyDown, ...props }: TextFieldProps) {
  return (
    <Named
      {...props}
      onKeyDown={(event) => {
        onKeyDown?.(event);
        event.continuePropagation();
      }}
    />
  );
}

/** What went wrong, in a sentence. */
export const Trouble = styled.p`
  color: ${({ theme }) => theme.rubric};
`;

/** Buttons and other small things in a row. */
export const Row = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
`;

/** A choice of one out of several, by the browser's own list. */
export const Select = styled.select`
  padding: 7px 9px;
  min-height: 36px;
  font: 400 15px/22px ${({ theme }) => theme.control};
  color: ${({ theme }) => theme.ink};
  background: ${({ theme }) => theme.page};
  border: 1px solid ${({ theme }) => theme.rule};
  border-radius: ${({ theme }) => theme.radius};
`;
