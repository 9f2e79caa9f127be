import colours from "../../../formats/src/main/resources/org/pergamena/formats/picture/theme.json";

/** The colours and faces of the page, from the file that the picture exports read too. */
export const theme = {
  ...colours,
  reading: '"Literata", Georgia, serif',
  control: '"Alegreya Sans", "Segoe UI", sans-serif',
  radius: "4px",
};

export type Theme = typeof theme;

/** The branch of what is set aside. */
export const ASIDE = -2;

/** The colour of a main branch, from 0; the ink for the root, a softer one for what is aside. */
export function pigment(branch: number): string {
  const { pigments } = colours;
  return branch < 0 ? labelInk(branch) : (pigments[branch % pigments.length] ?? colours.ink);
}

/** The colour of a label on a main branch. */
function labelInk(branch: number): string {
  return branch === ASIDE ? colours.softInk : colours.ink;
}

/** The ink of a source, from 0. */
export function sourceInk(source: number): string {
  const { inks, ink } = colours;
  return inks[source % inks.length] ?? ink;
}
