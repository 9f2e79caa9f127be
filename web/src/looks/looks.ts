import type { Ink, Rule, Style } from "../api/types";
import { house } from "../theme/appearances";

/** A look that says nothing. */
export const NOTHING: Style = {
  face: null,
  size: null,
  bold: null,
  italic: null,
  ink: null,
  ground: null,
  outline: null,
  line: null,
  strength: null,
  form: null,
  arrows: null,
};

/** The inks by the names that a person sees. */
export const INKS: readonly (readonly [Ink, string])[] = [
  ["MADDER", "Madder"],
  ["VERDIGRIS", "Verdigris"],
  ["WOAD", "Woad"],
  ["OCHRE", "Ochre"],
  ["MULBERRY", "Mulberry"],
  ["WALNUT", "Walnut"],
  ["SLATE", "Slate"],
  ["MOSS", "Moss"],
];

/** How strong an ink of the theme can be, in percent. */
export const STRENGTHS = [100, 60, 36, 24, 12] as const;

export const FACES = [
  ["BOOK", "Book"],
  ["PLAIN", "Plain"],
  ["FINE", "Fine"],
  ["NARROW", "Narrow"],
  ["TYPED", "Typewriter"],
] as const;

export const SIZES = [
  ["SMALLER", "Smaller"],
  ["SMALL", "Small"],
  ["USUAL", "Usual"],
  ["LARGE", "Large"],
  ["LARGER", "Larger"],
  ["LARGEST", "Largest"],
] as const;

export const OUTLINES = [
  ["NONE", "Nothing"],
  ["UNDERLINE", "A line below"],
  ["BOX", "A box"],
  ["ROUNDED", "A rounded box"],
  ["BRACE", "Braces"],
  ["OVAL", "An oval"],
] as const;

export const LINE_STRENGTHS = [
  ["FINE", "Fine"],
  ["USUAL", "Usual"],
  ["STRONG", "Strong"],
  ["HEAVY", "Heavy"],
] as const;

export const LINE_FORMS = [
  ["BRACE", "Braces"],
  ["ELBOW", "Elbows"],
  ["CURVE", "Curves"],
  ["STRAIGHT", "Straight"],
] as const;

export const GRAINS = [
  ["NONE", "Nothing"],
  ["PAPER", "Paper"],
  ["GRID", "Grid"],
  ["LINES", "Lines"],
] as const;

/** A colour as it is written: an ink of the theme at a strength, or a free one. */
export type Colour = { ink: Ink; strength: number } | { free: string } | null;

export function readColour(written: string | null): Colour {
  if (!written) {
    return null;
  }
  if (written.startsWith("#")) {
    return { free: written };
  }
  const [ink, strength] = written.split("/");
  return { ink: ink as Ink, strength: strength ? Number(strength) : 100 };
}

export function writeColour(colour: Colour): string | null {
  if (!colour) {
    return null;
  }
  if ("free" in colour) {
    return colour.free;
  }
  return colour.strength === 100 ? colour.ink : `${colour.ink}/${colour.strength}`;
}

/** A colour as a page shows it. */
export function shownColour(written: string | null): string | undefined {
  const colour = readColour(written);
  if (!colour) {
    return undefined;
  }
  return "free" in colour
    ? colour.free
    : `color-mix(in srgb, ${house(colour.ink)} ${colour.strength}%, ${house("vellum")})`;
}

/** Whether a look says something. */
export function given(style: Style | null): style is Style {
  return style !== null && Object.values(style).some((value) => value !== null);
}

export const RULES_BY: readonly (readonly [Rule["by"], string])[] = [
  ["BRANCH", "main branch"],
  ["LEVEL", "level"],
  ["SUPPORT", "how well borne out"],
  ["SOURCE", "source"],
  ["RELATIONS", "number of links"],
  ["TIME", "year"],
  ["TAG", "tag"],
  ["WORDS", "words"],
];
