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

/** How editing ended: with the keys that also go on, or otherwise. */
export type Ended = "enter" | "tab" | "escape" | "blur";

type LabelEditorProps = {
  placed: Placed;
  label: string;
  /** What the first key typed, or null to begin with the label as it is. */
  typed: string | null;
  /** Told once; the label is null if it is to stay as it was. */
  onDone: (label: string | null, ended: Ended) => void;
};

/** Edits a label where it stands on the map. */
export function LabelEditor({ placed, label, typed, onDone }: LabelEditorProps) {
  const input = useRef<HTMLInputElement>(null);
  const [words, setWords] = useState(typed ?? label);
  const over = useRef(false);
  const first = placed.drawn.texts.find((text) => text.role === "LABEL");

  useEffect(() => {
    input.current?.focus({ preventScroll: true });
    if (typed === null) {
      input.current?.select();
    }
  }, [typed]);

  const done = (result: string | null, ended: Ended) => {
    if (!over.current) {
      over.current = true;
      onDone(result?.trim() ? result.trim() : null, ended);
    }
  };

  if (!first) {
    return null;
  }
  const weight = { READING_SEMIBOLD: 600, READING_MEDIUM: 500 } as Record<string, number>;
  return (
    <Input
      ref={input}
      aria-label="Label"
      value={words}
      maxLength={LONGEST}
      style={{
        left: placed.x + first.x - 2,
        top: placed.y + first.y - first.size * 1.05,
        width: Math.max(180, Math.min(460, words.length * first.size * 0.55 + 24)),
        height: first.size * 1.35,
        font: `${weight[first.face] ?? 400} ${first.size}px ${theme.reading}`,
      }}
      onChange={(event) => setWords(event.target.value)}
      onPointerDown={(event) => event.stopPropagation()}
      onKeyDown={(event) => {
        event.stopPropagation();
        if (event.key === "Enter") {
          done(words, "enter");
        } else if (event.key === "Tab" && !event.shiftKey) {
          event.preventDefault();
          done(words, "tab");
        } else if (event.key === "Escape") {
          done(null, "escape");
        }
      }}
      onBlur={() => done(words, "blur")}
    />
  );
}
