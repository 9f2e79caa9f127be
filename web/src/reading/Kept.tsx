import styled from "styled-components";
import { type SaveTyped, useTypedWords } from "../ui/typing";

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
  onKeep: SaveTyped;
};

/** Words of the person's own, saved while they are typed. */
export function Kept({ label, placeholder, value, longest, line = false, onKeep }: KeptProps) {
  const tidy = (words: string) => (line ? words.replace(/\s+/g, " ").trim() : words);
  const { words, type, leave } = useTypedWords(value, (typed, how) => onKeep(tidy(typed), how));
  return (
    <Area
      aria-label={label}
      placeholder={placeholder}
      rows={1}
      maxLength={longest}
      value={words}
      onChange={(event) => type(event.target.value)}
      onBlur={leave}
      onKeyDown={(event) => {
        if (event.key === "Escape" || (event.key === "Enter" && line)) {
          event.preventDefault();
          event.stopPropagation();
          event.currentTarget.blur();
        }
      }}
    />
  );
}
