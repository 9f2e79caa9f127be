import { useState } from "react";
import styled from "styled-components";

const Area = styled.textarea`
  font: 400 15px/22px ${({ theme }) => theme.reading};
  color: ${({ theme }) => theme.ink};
  background: none;
  border: 1px solid transparent;
  border-radius: ${({ theme }) => theme.radius};
  padding: 4px 8px;
  margin: 0 -9px;
  width: calc(100% + 18px);
  resize: none;
  field-sizing: content;
  &::placeholder { color: ${({ theme }) => theme.softInk}; opacity: 1; }
  &:hover, &:focus { border-color: ${({ theme }) => theme.rule}; background: ${({ theme }) => theme.vellum}; }
`;

type KeptProps = {
  label: string;
  placeholder: string;
  value: string;
  longest: number;
  /** Whether it is one line, that Enter ends. */
  line?: boolean;
  onKeep: (words: string) => void;
};

/** Words of the person's own, kept when the field is left; Escape leaves them as they were. */
export function Kept({ label, placeholder, value, longest, line = false, onKeep }: KeptProps) {
  const [words, setWords] = useState<string | null>(null);
  const keep = () => {
    if (words !== null && words !== value) {
      onKeep(line ? words.replace(/\s+/g, " ").trim() : words);
    }
    setWords(null);
  };
  return (
    <Area
      aria-label={label}
      placeholder={placeholder}
      rows={1}
      maxLength={longest}
      value={words ?? value}
      onChange={(event) => setWords(event.target.value)}
      onBlur={keep}
      onKeyDown={(event) => {
        if (event.key === "Escape" && words !== null) {
          event.stopPropagation();
          setWords(null);
        } else if (event.key === "Enter" && line) {
          event.preventDefault();
          event.currentTarget.blur();
        }
      }}
    />
  );
}
