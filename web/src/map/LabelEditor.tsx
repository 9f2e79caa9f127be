import { type CSSProperties, type KeyboardEvent, useEffect, useId, useRef, useState } from "react";
import styled from "styled-components";
import type { Placed } from "../api/types";
import { theme } from "../theme/tokens";
import { type SaveTyped, useTyping } from "../ui/typing";

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

const Offers = styled.ul`
  position: absolute;
  z-index: 3;
  list-style: none;
  padding: 4px 0;
  min-width: 200px;
  background: ${({ theme }) => theme.page};
  border: 1px solid ${({ theme }) => theme.rule};
  border-radius: ${({ theme }) => theme.radius};
  box-shadow: 0 4px 16px rgb(42 37 33 / 0.15);
  font: 400 15px/22px ${({ theme }) => theme.reading};
  color: ${({ theme }) => theme.ink};
  li { padding: 3px 10px; cursor: default; white-space: nowrap; }
  li:hover, li[aria-selected="true"] { background: ${({ theme }) => theme.highlight}; }
  &::before {
    content: "From its passages" / "";
    padding: 3px 10px;
    font: 400 13px/24px ${({ theme }) => theme.control};
    color: ${({ theme }) => theme.softInk};
  }
`;

/** How editing ended: with the keys that also go on, or otherwise. */
export type Ended = "enter" | "tab" | "escape" | "blur";

/** Where a label is edited: the look of its field, and of the list of offers under it. */
export type FieldPlace = { field: CSSProperties; list: CSSProperties };

/** Over the label of a topic on the map. */
export function overLabel(placed: Placed): (words: string) => FieldPlace {
  const first = placed.drawn.texts.find((text) => text.role === "LABEL");
  const size = first?.size ?? 16;
  const weight = { READING_SEMIBOLD: 600, READING_MEDIUM: 500 } as Record<string, number>;
  const left = placed.x + (first?.x ?? 0) - 2;
  const top = placed.y + (first?.y ?? 0) - size * 1.05;
  return (words) => ({
    field: {
      left,
      top,
      width: Math.max(180, Math.min(460, words.length * size * 0.55 + 24)),
      height: size * 1.35,
      font: `${weight[first?.face ?? ""] ?? 400} ${size}px ${theme.reading}`,
    },
    list: { left, top: top + size * 1.35 + 6 },
  });
}

type LabelEditorProps = {
  /** Where it stands, by the words in it. */
  place: (words: string) => FieldPlace;
  label: string;
  /** What the first key typed, or null to begin with the label as it is. */
  typed: string | null;
  /** Labels that the topic's passages offer, the best first; unknown while they are looked for. */
  offers: readonly string[] | undefined;
  /** Whether the best offer is put in first. */
  named: boolean;
  /** Takes a key that means something else there; told what is written. */
  onKey?: (event: KeyboardEvent<HTMLInputElement>, words: string) => boolean;
  /** Saves a label, also while it is being typed. */
  onSave: SaveTyped;
  /** Told once, when all is saved; the label is empty if none was written. */
  onDone: (label: string, ended: Ended) => void;
};

/** Edits a label where it stands. */
export function LabelEditor(props: LabelEditorProps) {
  const { place, label, typed, offers = [], named, onKey, onSave, onDone } = props;
  const input = useRef<HTMLInputElement>(null);
  const list = useId();
  const [own, setOwn] = useState(typed ?? label);
  // the offer that stands in the field, or -1 for what the person wrote
  const [at, setAt] = useState(named ? 0 : -1);
  const words = offers[at] ?? own;
  const over = useRef(false);
  const { typed: type, left } = useTyping((label, how) => label && onSave(label, how));
  const begun = useRef(label);
  const write = (to: string) => type(to.trim() || begun.current, begun.current);
  // the key that opened it has typed already
  const first = useRef(typed);
  useEffect(() => {
    if (first.current) {
      type(first.current, begun.current);
    }
  }, [type]);

  useEffect(() => {
    input.current?.focus({ preventScroll: true });
    if (typed === null) {
      input.current?.select();
    }
  }, [typed]);

  const done = (result: string, ended: Ended) => {
    if (!over.current) {
      over.current = true;
      write(result);
      left();
      onDone(result.trim(), ended);
    }
  };

  const where = place(words);
  return (
    <>
      <Input
        ref={input}
        role="combobox"
        aria-label="Label"
        aria-autocomplete="list"
        aria-expanded={offers.length > 0}
        aria-controls={offers.length > 0 ? list : undefined}
        aria-activedescendant={offers[at] ? `${list}-${at}` : undefined}
        value={words}
        maxLength={LONGEST}
        style={where.field}
        onChange={(event) => {
          setOwn(event.target.value);
          setAt(-1);
          write(event.target.value);
        }}
        onPointerDown={(event) => event.stopPropagation()}
        onKeyDown={(event) => {
          event.stopPropagation();
          if (onKey?.(event, words)) {
            event.preventDefault();
          } else if (event.key === "Enter") {
            done(words, "enter");
          } else if (event.key === "Tab" && !event.shiftKey) {
            event.preventDefault();
            done(words, "tab");
          } else if (event.key === "Escape") {
            event.preventDefault();
            done(own, "escape"); // what was typed is saved, an offer that was only looked at is not
          } else if (event.key === "ArrowDown" || event.key === "ArrowUp") {
            event.preventDefault();
            setAt(offerAfter(at, offers.length, event.key === "ArrowDown" ? 1 : -1));
          }
        }}
        onBlur={() => done(words, "blur")}
      />
      {offers.length > 0 && (
        <Offers id={list} role="listbox" aria-label="Names from its passages" style={where.list}>
          {offers.map((offer, i) => (
            // biome-ignore lint/a11y/useKeyWithClickEvents: the arrow keys of the field choose it
            <li
              key={offer}
              id={`${list}-${i}`}
              role="option"
              aria-selected={i === at}
              onPointerDown={(event) => {
                event.preventDefault();
                event.stopPropagation();
              }}
              onClick={() => done(offer, "enter")}
            >
              {offer}
            </li>
          ))}
        </Offers>
      )}
    </>
  );
}

/** The next of so many offers, down or up, what the person wrote (-1) between the last and the first. */
export function offerAfter(at: number, offers: number, step: 1 | -1): number {
  const next = at + step;
  return next < -1 ? offers - 1 : next >= offers ? -1 : next;
}
