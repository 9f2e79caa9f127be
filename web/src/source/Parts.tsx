import { useState } from "react";
import styled from "styled-components";
import type { Details } from "../api/types";
import { TextButton } from "../ui/Button";
import { Row } from "../ui/Field";
import { covered, type Range, sections, withoutRange, withRange } from "./parts";

const List = styled.ul`
  && { list-style: none; padding: 0; }
  label { display: flex; gap: 8px; align-items: baseline; padding: 2px 0; cursor: pointer; }
`;

type PartsProps = {
  read: Details;
  onOpen: (start: number, end: number) => void;
  onKeep: (spans: Range[]) => void;
};

/** The sections of a source, each of which can be left out of distilling. */
export function Parts({ read, onOpen, onKeep }: PartsProps) {
  const [all, setAll] = useState(false);
  const [excluded, setExcluded] = useState<Range[]>(read.excluded);
  const keep = (spans: Range[]) => {
    setExcluded(spans);
    onKeep(spans);
  };
  const end = Math.max(...read.headings.map((h) => h.end), 0);
  const parts = sections(read.headings, Number.MAX_SAFE_INTEGER);
  const shallow = Math.min(...parts.map((part) => part.level));
  const shown = parts.filter((part) => all || part.level <= shallow + 1);
  const others = excluded.filter(
    (span) => !parts.some((part) => part.start >= span.start && part.start < span.end),
  );
  const toggle = (part: Range, out: boolean) => {
    const range = { start: part.start, end: Math.min(part.end, read.length) };
    keep(out ? withRange(excluded, range) : withoutRange(excluded, range));
  };
  if (parts.length === 0 && others.length === 0) {
    return (
      <p>
        No headings were found. To leave a part out, open the source, select its words, and choose
        “Leave out of distilling” there.
      </p>
    );
  }
  return (
    <>
      <p>Tick a bibliography, an appendix, an introduction of the speaker: it stays to be read.</p>
      <List>
        {shown.map((part) => (
          <li key={part.start} style={{ paddingLeft: 18 * (part.level - shallow) }}>
            <label>
              <input
                type="checkbox"
                checked={covered(
                  { start: part.start, end: Math.min(part.end, read.length) },
                  excluded,
                )}
                onChange={(event) => toggle(part, event.target.checked)}
              />
              {part.words}
            </label>
          </li>
        ))}
        {others.map((span) => (
          <li key={span.start}>
            <Row>
              <TextButton onPress={() => onOpen(span.start, span.end)}>A part you chose</TextButton>
              <TextButton onPress={() => keep(withoutRange(excluded, span))}>
                Take it in again
              </TextButton>
            </Row>
          </li>
        ))}
      </List>
      {shown.length < parts.length && end > 0 && (
        <TextButton onPress={() => setAll(true)}>
          Show all {parts.length.toLocaleString("en")} headings
        </TextButton>
      )}
    </>
  );
}
