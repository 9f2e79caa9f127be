import light from "../../../formats/src/main/resources/org/pergamena/formats/picture/theme.json";
import { house } from "./appearances";

/** Families for scripts that the others do not have. */
const OTHERS = '"Noto Sans Hebrew", "Noto Naskh Arabic"';

/**
 * The colours and faces of the page: properties that stand for what the person's appearance has, so
 * that nothing is drawn anew when it changes.
 */
export const theme = {
  vellum: house("vellum"),
  page: house("page"),
  shelf: house("shelf"),
  rule: house("rule"),
  gap: house("gap"),
  ink: house("ink"),
  softInk: house("softInk"),
  rubric: house("rubric"),
  highlight: house("highlight"),
  pigments: light.pigments.map((_, i) => house(`pigment-${i}`)),
  inks: light.inks.map((_, i) => house(`source-${i}`)),
  byHand: {
    MADDER: house("MADDER"),
    VERDIGRIS: house("VERDIGRIS"),
    WOAD: house("WOAD"),
    OCHRE: house("OCHRE"),
    MULBERRY: house("MULBERRY"),
    WALNUT: house("WALNUT"),
    SLATE: house("SLATE"),
    MOSS: house("MOSS"),
  },
  reading: `"Literata", ${OTHERS}, Georgia, serif`,
  control: `"Alegreya Sans", ${OTHERS}, "Segoe UI", sans-serif`,
  fine: `"EB Garamond", ${OTHERS}, Georgia, serif`,
  narrow: `"Fira Sans Condensed", ${OTHERS}, "Segoe UI", sans-serif`,
  typed: `"JetBrains Mono", ${OTHERS}, monospace`,
  radius: "4px",
};

export type Theme = typeof theme;

/** The branch of what is set aside. */
export const ASIDE = -2;

/** The colour of a main branch, from 0; the ink for the root, a softer one for what is aside. */
export function pigment(branch: number): string {
  const { pigments } = theme;
  return branch < 0 ? labelInk(branch) : (pigments[branch % pigments.length] ?? theme.ink);
}

/** The colour of a label on a main branch. */
function labelInk(branch: number): string {
  return branch === ASIDE ? theme.softInk : theme.ink;
}

/** The ink of a source, from 0. */
export function sourceInk(source: number): string {
  const { inks, ink } = theme;
  return inks[source % inks.length] ?? ink;
}
