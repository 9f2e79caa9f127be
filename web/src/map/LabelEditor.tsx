import { useEffect, useRef, useState } from "react";
import styled from "styled-components";
import type { Placed } from "../api/types";
import { theme } from "../theme/tokens";

const LONGEST = 300;

const Input = styled.input`
  position: absolute;
  border: 0;
  margin: 0;
  padding: 0 2px;
  background: ${({ theme }) => theme.page};
  color: ${({ theme }) => theme.ink};
  outline: 2px solid ${({ theme }) => theme.rubric};
  border-radius: 2px;
`;

type LabelEditorProps = {
  placed: Placed;
  label: string;
  /** What the first key typed, or null to begin with the label as it is. */
  typed: string | null;
  onDone: (label: string | null) => void;
};

/** Edits a label where it stands on the map. */
export function LabelEditor({ placed, label, typed, onDone }: LabelEditorProps) {
  const input = useRef<HTMLInputElement>(null);
  const [words, setWords] = useState(typed ?? label);
  const over = useRef(false);
  const first = placed.texts.find((text) => text.role === "LABEL");

  useEffect(() => {
    input.current?.focus({ preventScroll: true });
    if (typed === null) {
      input.current?.select();
    }
  }, [typed]);

  const done = (result: string | null) => {
    if (!over.current) {
      over.current = true;
      onDone(result?.trim() ? result.trim() : null);
    }
  };

  if (!first) {
    return null;
  }
  const height = first.size * 1.35;
  return (
    <Input
      ref={input}
      aria-label="Label"
      value={words}
      maxLength={LONGEST}
      style={{
        left: first.x - 2,
        top: first.y - first.size * 1.05,
        width: Math.max(180, Math.min(460, words.length * first.size * 0.55 + 24)),
        height,
        font: `${first.face === "READING_SEMIBOLD" ? 600 : first.face === "READING_MEDIUM" ? 500 : 400} ${first.size}px ${theme.reading}`,
      }}
      onChange={(event) => setWords(event.target.value)}
      onPointerDown={(event) => event.stopPropagation()}
      onKeyDown={(event) => {
        event.stopPropagation();
        if (event.key === "Enter") {
          done(words);
        } else if (event.key === "Escape") {
          done(null);
        }
      }}
      onBlur={() => done(words)}
    />
  );
}
