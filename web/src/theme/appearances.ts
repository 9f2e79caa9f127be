import light from "../../../formats/src/main/resources/org/pergamena/formats/picture/theme.json";
import others from "../../../formats/src/main/resources/org/pergamena/formats/picture/themes.json";

/** How the application looks: as the system wishes, or as a person chose in this browser. */
export type Wished = "system" | "light" | "dark" | "contrast";
export type Appearance = Exclude<Wished, "system">;

const KEY = "pergamena-appearance";

type Colours = typeof light;

const DARK: Colours = {
  ...light,
  ...others.NIGHT,
  page: "#2A2622",
  shelf: "#272320",
  rule: "#544B40",
  gap: "#3D372F",
  highlight: "#5C4C20",
};

const CONTRAST: Colours = {
  ...light,
  ...others.CONTRAST,
  page: "#FFFFFF",
  shelf: "#F1F1F1",
  rule: "#3A3A3A",
  gap: "#C4C4C4",
  highlight: "#FFE46B",
};

/** The property that a colour is called by. */
export function house(colour: string): string {
  return `var(--house-${colour})`;
}

const PLAIN_ONES = [
  "vellum",
  "page",
  "shelf",
  "rule",
  "gap",
  "ink",
  "softInk",
  "rubric",
  "highlight",
] as const;

function named(colours: Colours): (readonly [string, string])[] {
  return [
    ...PLAIN_ONES.map((name) => [name, colours[name]] as const),
    ...colours.pigments.map((colour, i) => [`pigment-${i}`, colour] as const),
    ...colours.inks.map((colour, i) => [`source-${i}`, colour] as const),
    ...Object.entries(colours.byHand),
  ];
}

function properties(colours: Colours): string {
  return named(colours)
    .map(([name, colour]) => `--house-${name}: ${colour};`)
    .join("");
}

/** The strengths that inks of the theme have behind labels, in percent. */
const MIXED = [12, 24, 36, 48, 60];
const LEAST_MIXED = 18;

/** A colour laid over another, as the server mixes them. */
export function mixed(over: string, under: string, percent: number): string {
  const part = (colour: string, at: number) => Number.parseInt(colour.slice(at, at + 2), 16);
  const mix = (at: number) => {
    const value = (part(over, at) * percent + part(under, at) * (100 - percent)) / 100;
    return Math.round(value).toString(16).padStart(2, "0").toUpperCase();
  };
  return `#${mix(1)}${mix(3)}${mix(5)}`;
}

/** A map on vellum comes painted for light; in another appearance its paint is exchanged. */
function repainted(colours: Colours): string {
  const paints = new Map<string, string>();
  const to = new Map(named(colours));
  for (const [name, from] of named(light)) {
    const paint = to.get(name);
    if (paint && !paints.has(from)) {
      paints.set(from, paint);
    }
  }
  for (const [name, from] of Object.entries(light.byHand)) {
    for (const share of MIXED) {
      const to = colours.byHand[name as keyof typeof light.byHand];
      paints.set(
        mixed(from, light.vellum, share),
        mixed(to, colours.vellum, Math.max(share, LEAST_MIXED)),
      );
    }
  }
  const within = "[data-map-theme='VELLUM']";
  return [...paints]
    .map(
      ([from, paint]) =>
        `${within} [fill='${from}'] { fill: ${paint}; } ${within} [stroke='${from}'] { stroke: ${paint}; }`,
    )
    .join("\n");
}

/** The colours of each appearance, as a style sheet. */
export const APPEARANCES = `
  :root { ${properties(light)} color-scheme: light; }
  @media not print {
    :root[data-appearance="dark"] { ${properties(DARK)} color-scheme: dark; }
    :root[data-appearance="contrast"] { ${properties(CONTRAST)} }
    :root[data-appearance="dark"] { ${repainted(DARK)} }
    :root[data-appearance="contrast"] { ${repainted(CONTRAST)} }
  }
`;

/** What a person wishes in this browser. */
export function wished(): Wished {
  const kept = localStorage.getItem(KEY);
  return kept === "light" || kept === "dark" || kept === "contrast" ? kept : "system";
}

/** What that comes to, where the system is asked. */
export function appearance(wish: Wished, dark: boolean, strong: boolean): Appearance {
  if (wish !== "system") {
    return wish;
  }
  return dark ? "dark" : strong ? "contrast" : "light";
}

/** Shows the application as is wished, and as the system wishes whenever that changes. */
export function followAppearance(): void {
  const dark = window.matchMedia("(prefers-color-scheme: dark)");
  const strong = window.matchMedia("(prefers-contrast: more)");
  const show = () => {
    document.documentElement.dataset.appearance = appearance(
      wished(),
      dark.matches,
      strong.matches,
    );
  };
  dark.addEventListener("change", show);
  strong.addEventListener("change", show);
  window.addEventListener("storage", show); // chosen in another tab
  window.addEventListener(KEY, show);
  show();
}

/** Keeps what a person wishes, and shows it. */
export function wish(chosen: Wished): void {
  localStorage.setItem(KEY, chosen);
  window.dispatchEvent(new Event(KEY));
}
