import type { CSSProperties } from "react";
import light from "../../../formats/src/main/resources/org/pergamena/formats/picture/theme.json";
import others from "../../../formats/src/main/resources/org/pergamena/formats/picture/themes.json";
import type { Desk, Facts } from "../api/types";
import { ASIDE, theme } from "./tokens";

export type MapTheme = Facts["theme"];

/** The colours of a map's theme, from the files that the pictures are painted by. */
export function colours(name: MapTheme): typeof others.PLAIN | typeof theme {
  return name === "VELLUM" ? theme : others[name];
}

/**
 * What a drawing on some ground stands in: on vellum it goes along with the person's appearance,
 * else it is as it was painted.
 */
export function painted(ground: string) {
  const house = ground.toUpperCase() === light.vellum;
  return {
    "data-map-theme": house ? "VELLUM" : "OWN",
    style: { background: house ? theme.vellum : ground },
  };
}

/**
 * The colours of a map as properties of the page around it, for what the page draws over the scene:
 * the scene itself comes with its paint.
 *
 * @param own the ground that the map has instead of the theme's
 */
export function mapLooks(name: MapTheme, own: string | null = null): CSSProperties {
  const { ink, softInk, pigments } = own && name === "VELLUM" ? light : colours(name);
  const vellum = own ?? colours(name).vellum;
  const house = name === "VELLUM" && !own;
  const looks: Record<string, string> = {
    "--ground": vellum,
    "--ink": ink,
    "--soft-ink": softInk,
    "--raised": house ? theme.page : `color-mix(in srgb, ${vellum} 92%, ${ink})`,
  };
  pigments.forEach((pigment, i) => {
    looks[`--pigment-${i}`] = pigment;
  });
  return { ...looks, background: house ? undefined : vellum } as CSSProperties;
}

/** What a page that shows a map has: its colours, and the name by which its paint is exchanged. */
export function pageOf({ facts, scene }: Desk) {
  const own = facts.paper.ground ? scene.backdrop.ground : null;
  return { style: mapLooks(facts.theme, own), "data-map-theme": own ? "OWN" : facts.theme };
}

/** The colour of a main branch within such a page. */
export function pigmentHere(name: MapTheme, branch: number): string {
  if (branch < 0) {
    return branch === ASIDE ? "var(--soft-ink)" : "var(--ink)";
  }
  return `var(--pigment-${branch % colours(name).pigments.length})`;
}
