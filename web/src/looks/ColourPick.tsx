import styled from "styled-components";
import { Select } from "../ui/Field";
import { INKS, readColour, STRENGTHS, shownColour, writeColour } from "./looks";

const Box = styled.fieldset`
  display: grid;
  grid-template-columns: 92px minmax(0, 1fr);
  align-items: start;
  gap: 4px 8px;
  border: 0;
  padding: 0;
  margin: 0;
  font-size: 15px;
  legend { float: left; padding: 2px 0 0; }
`;

const Inks = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 3px;
`;

const Ink = styled.button`
  width: 24px;
  height: 24px;
  padding: 0;
  border: 1px solid ${({ theme }) => theme.rule};
  border-radius: ${({ theme }) => theme.radius};
  cursor: pointer;
  forced-color-adjust: none;
  &[aria-pressed="true"] { outline: 2px solid ${({ theme }) => theme.ink}; outline-offset: 1px; }
  &[data-none] {
    background:
      linear-gradient(to top right, transparent 46%, ${({ theme }) => theme.softInk} 46% 54%, transparent 54%);
  }
`;

const Others = styled.div`
  grid-column: 2;
  display: flex;
  gap: 6px;
  align-items: center;
  select { padding: 2px 4px; min-height: 28px; font-size: 14px; }
  input { width: 40px; height: 26px; padding: 0; border: 1px solid ${({ theme }) => theme.rule}; background: none; }
  label { display: flex; gap: 5px; align-items: center; color: ${({ theme }) => theme.softInk}; font-size: 14px; }
`;

type ColourPickProps = {
  label: string;
  value: string | null;
  onChange: (value: string | null) => void;
};

/** A colour of the theme at some strength, a free one, or none. */
export function ColourPick({ label, value, onChange }: ColourPickProps) {
  const colour = readColour(value);
  const ink = colour && "ink" in colour ? colour : null;
  const free = colour && "free" in colour ? colour.free : null;
  return (
    <Box>
      <legend>{label}</legend>
      <Inks>
        <Ink
          type="button"
          data-none=""
          aria-pressed={colour === null}
          aria-label={`${label}: as the theme has it`}
          title="As the theme has it"
          onClick={() => onChange(null)}
        />
        {INKS.map(([name, words]) => (
          <Ink
            key={name}
            type="button"
            aria-pressed={ink?.ink === name}
            aria-label={`${label}: ${words}`}
            title={words}
            style={{ background: shownColour(name) }}
            onClick={() => onChange(writeColour({ ink: name, strength: ink?.strength ?? 100 }))}
          />
        ))}
      </Inks>
      <Others>
        {ink && (
          <Select
            aria-label={`${label}: strength`}
            value={ink.strength}
            onChange={(e) => onChange(writeColour({ ...ink, strength: Number(e.target.value) }))}
          >
            {[...new Set([...STRENGTHS, ink.strength])].map((strength) => (
              <option key={strength} value={strength}>
                {strength === 100 ? "Full strength" : `${strength}% strong`}
              </option>
            ))}
          </Select>
        )}
        <label>
          <input
            type="color"
            aria-label={`${label}: another colour`}
            value={free ?? "#888888"}
            onChange={(e) => onChange(e.target.value)}
          />
          {free ?? "another"}
        </label>
      </Others>
    </Box>
  );
}
