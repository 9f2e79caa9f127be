import styled from "styled-components";
import { colours, type MapTheme } from "../theme/mapLooks";

const Glyph = styled.svg`
  display: block;
  fill: none;
  stroke: ${({ theme }) => theme.softInk};
  stroke-width: 1.4;
  .topic { stroke: ${({ theme }) => theme.ink}; stroke-width: 3; }
`;

/** Topics as strokes, and the lines between them, on 48 by 30. */
const DRAWN: Record<string, readonly [topics: string, lines: string]> = {
  BRACES: [
    "M4 15h12M28 5h14M28 15h10M28 25h16",
    "M18 15h3q2 0 2-2V7q0-2 2-2M18 15h3q2 0 2 2v6q0 2 2 2M23 15h2",
  ],
  BOTH_SIDES: [
    "M19 15h10M36 7h10M36 23h10M2 7h10M2 23h10",
    "M31 15l4-8M31 15l4 8M17 15l-4-8M17 15l-4 8",
  ],
  LEFTWARD: [
    "M32 15h12M6 5h14M10 15h10M4 25h16",
    "M30 15h-3q-2 0-2-2V7q0-2-2-2M30 15h-3q-2 0-2 2v6q0 2-2 2M25 15h-2",
  ],
  DOWNWARD: [
    "M17 4h14M2 18h12M18 18h12M34 18h12M38 26h8M6 26h8",
    "M24 6v3M8 14q0-3 3-3h26q3 0 3 3M24 11v3M4 20v6h1M36 20v6h1",
  ],
  UPWARD: [
    "M17 26h14M2 12h12M18 12h12M34 12h12M38 4h8M6 4h8",
    "M24 24v-3M8 16q0 3 3 3h26q3 0 3-3M24 19v-3M4 10V4h1M36 10V4h1",
  ],
  RADIAL: [
    "M19 15h10M38 15h8M2 15h8M30 4h9M9 4h9M30 26h9M9 26h9",
    "M30 15h7M18 15h-7M26 12l6-6M22 12l-6-6M26 18l6 6M22 18l-6 6",
  ],
  INDENTED: ["M4 4h16M12 11h18M20 18h18M12 25h14", "M7 6v19h4M7 11h4M15 13v5h4"],
  BY_TIME: ["M2 15h8M16 5h9M24 25h9M33 5h9", "M12 15h34M43 12l3 3-3 3M18 8v7M26 15v7M35 8v7"],
  SIDE_BY_SIDE: [
    "M18 3h12M19 14h10M19 19h10M19 24h10M2 19h9M37 19h9",
    "M24 5v3M6 16v-5q0-3 3-3h30q3 0 3 3v5M13 19q3 0 3-3v-1q0-2 2-2M13 19q3 0 3 3v1q0 2 2 2M35 19q-3 0-3-3v-1q0-2-2-2M35 19q-3 0-3 3v1q0 2-2 2",
  ],
  AROUND: ["M14 15h20", "M10 8q-4 7 0 14M38 8q4 7 0 14"],
};

/** A small drawing of a layout. */
export function LayoutGlyph({ kind }: { kind: string }) {
  const [topics, lines] = DRAWN[kind] ?? ["", ""];
  return (
    <Glyph width={48} height={30} viewBox="0 0 48 30" aria-hidden="true">
      <path d={lines} />
      <path className="topic" d={topics} />
    </Glyph>
  );
}

/** A few strokes of a theme on its ground. */
export function ThemeGlyph({ name }: { name: MapTheme }) {
  const { vellum, ink, pigments } = colours(name);
  const [first = ink, second = ink, third = ink] = pigments;
  return (
    <svg width={48} height={30} viewBox="0 0 48 30" aria-hidden="true">
      <rect x="0.5" y="0.5" width="47" height="29" rx="2" fill={vellum} stroke={ink} />
      <path d="M6 15h10" stroke={ink} strokeWidth="3" />
      <path d="M22 8h18" stroke={first} strokeWidth="3" />
      <path d="M22 15h13" stroke={second} strokeWidth="3" />
      <path d="M22 22h16" stroke={third} strokeWidth="3" />
    </svg>
  );
}
