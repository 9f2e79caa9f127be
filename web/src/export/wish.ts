import type { Topic } from "../api/types";

/** What is published of a map, and how. */
export type Wish = {
  format: string;
  part: "whole" | "open" | "branch";
  levels: number;
  leftOut: readonly Left[];
  front: Readonly<Record<FrontLine, string>>;
  footnotes: boolean;
  template: string;
  paper: string;
  /** How large a picture is: by its scale, by dots an inch, or by its width in pixels. */
  by: "scale" | "dpi" | "width";
  size: Readonly<Record<Wish["by"], string>>;
  clear: boolean;
  captioned: boolean;
  foot: string;
};

export type Left = "notes" | "passages" | "summaries" | "marks" | "traces" | "aside";

export type FrontLine = "subtitle" | "author" | "institution" | "course" | "date";

/** What can be wished of a format beside how much of the map. */
type Part = "front" | "cites" | "template" | "paper" | "pixels" | "clear" | "caption" | "foot";

type Format = { id: string; words: string; ending: string; has: readonly Part[] };

const f = (id: string, words: string, parts: readonly Part[] = [], end = id): Format => ({
  id,
  words,
  ending: end,
  has: parts,
});

/** The formats by what they are for. */
export const FORMATS: readonly (readonly [purpose: string, formats: readonly Format[]])[] = [
  [
    "To read and hand in",
    [
      f("docx", "Word document", ["front", "cites", "template"]),
      f("odt", "Open document", ["front", "cites", "template"]),
      f("report", "PDF report", ["front", "cites"], "pdf"),
      f("pptx", "Slides", ["front"]),
      f("html", "Page that opens alone", ["front", "cites", "foot"]),
      f("md", "Markdown"),
      f("txt", "Plain text"),
      f("rtf", "RTF", ["front", "cites"]),
      f("tex", "LaTeX", ["front", "cites"]),
    ],
  ],
  [
    "A picture of the map",
    [
      f("drawing", "PDF drawing", ["paper", "caption"], "pdf"),
      f("svg", "SVG drawing", ["clear", "caption"]),
      f("png", "PNG picture", ["pixels", "clear", "caption"]),
      f("jpg", "JPEG picture", ["pixels", "caption"]),
      f("webp", "WebP picture", ["pixels", "clear", "caption"]),
    ],
  ],
  [
    "For other programs",
    [
      f("zip", "Whole map, to move it"),
      f("opml", "OPML outline"),
      f("xlsx", "Excel tables"),
      f("csv", "CSV table of topics"),
      f("json", "JSON"),
      f("jsonld", "Web annotations"),
      f("ttl", "SKOS Turtle"),
      f("graphml", "GraphML"),
    ],
  ],
];

const ALL: ReadonlyMap<string, Format> = new Map(
  FORMATS.flatMap(([, formats]) => formats).map((format) => [format.id, format]),
);

export const LEFT: readonly (readonly [Left, string])[] = [
  ["notes", "Notes and definitions"],
  ["passages", "Passages"],
  ["summaries", "Summaries"],
  ["marks", "Marks of what is thin or unsupported"],
  ["traces", "What came with replies of text assistants"],
  ["aside", "What is set aside"],
];

export const FRONT: readonly (readonly [FrontLine, string])[] = [
  ["subtitle", "Subtitle"],
  ["author", "Author"],
  ["institution", "Institution"],
  ["course", "Course or occasion"],
  ["date", "Date"],
];

/** On what a drawing is laid. */
export const PAPERS: readonly (readonly [string, string])[] = [
  ["fit", "one page as large as it needs"],
  ...["A5", "A4", "A3", "A2", "A1", "A0"].map((size) => [size, `one page ${size}`] as const),
  ...["A4", "A3", "A2"].map((size) => [`${size}-tiles`, `several pages ${size}, to join`] as const),
];

const FIRST: Wish = {
  format: "md",
  part: "whole",
  levels: 0,
  leftOut: [],
  front: { subtitle: "", author: "", institution: "", course: "", date: "" },
  footnotes: false,
  template: "reading",
  paper: "fit",
  by: "scale",
  size: { scale: "2", dpi: "300", width: "4000" },
  clear: false,
  captioned: false,
  foot: "",
};

const KEY = "pergamena.export";

/** What was wished last; the title page is that of the map alone. */
export function lastWish(map: string): Wish {
  try {
    const wish = { ...FIRST, ...JSON.parse(localStorage.getItem(KEY) ?? "{}") };
    const front = JSON.parse(localStorage.getItem(`${KEY} ${map}`) ?? "{}");
    const own = { ...wish, front: { ...FIRST.front, ...front } };
    return ALL.has(own.format) ? own : FIRST;
  } catch {
    return FIRST;
  }
}

export function keepWish(map: string, wish: Wish): void {
  localStorage.setItem(KEY, JSON.stringify({ ...wish, front: FIRST.front }));
  localStorage.setItem(`${KEY} ${map}`, JSON.stringify(wish.front));
}

/** Whether something can be wished of a format. */
export function has(format: string, what: Part): boolean {
  return ALL.get(format)?.has.includes(what) ?? false;
}

/** What the names of files of a format end in. */
export function ending(format: string): string {
  return ALL.get(format)?.ending ?? format;
}

/** What a format is called. */
export function called(format: string): string {
  return ALL.get(format)?.words ?? "file";
}

/** What is asked of the server: only what differs from everything. */
export function asked(wish: Wish, topic: Topic): string {
  const query = new URLSearchParams();
  if (wish.part === "open") {
    query.set("open", "true");
  } else if (wish.part === "branch") {
    query.set("topic", topic.id);
  }
  if (wish.levels > 0) {
    query.set("levels", String(wish.levels));
  }
  for (const left of wish.leftOut) {
    query.set(left, "false");
  }
  const { format } = wish;
  if (has(format, "pixels")) {
    query.set(wish.by, wish.size[wish.by].trim() || FIRST.size[wish.by]);
  }
  if (has(format, "clear") && wish.clear) {
    query.set("clear", "true");
  }
  if (has(format, "caption") && wish.captioned) {
    query.set("captioned", "true");
  }
  if (has(format, "paper")) {
    query.set("paper", wish.paper);
  }
  if (has(format, "cites") && wish.footnotes) {
    query.set("footnotes", "true");
  }
  if (has(format, "template") && wish.template !== FIRST.template) {
    query.set("template", wish.template);
  }
  if (has(format, "foot") && wish.foot.trim()) {
    query.set("foot", wish.foot.trim());
  }
  if (has(format, "front")) {
    for (const [line] of FRONT) {
      const words = wish.front[line].trim();
      if (words) {
        query.set(line, words);
      }
    }
  }
  return query.toString();
}
