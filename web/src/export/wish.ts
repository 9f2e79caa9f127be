import type { Topic } from "../api/types";

/** What is published of a map, and how. */
export type Wish = {
  format: string;
  part: "whole" | "open" | "branch";
  levels: number;
  leftOut: readonly Left[];
  scale: string;
  front: Readonly<Record<FrontLine, string>>;
};

export type Left = "notes" | "passages" | "summaries" | "marks" | "aside";

export type FrontLine = "subtitle" | "author" | "institution" | "course" | "date";

/** The formats by what they are for. */
export const FORMATS: readonly (readonly [
  purpose: string,
  formats: readonly (readonly [ending: string, words: string])[],
])[] = [
  [
    "To read",
    [
      ["docx", "Word document"],
      ["html", "Page that opens alone"],
      ["md", "Markdown"],
      ["txt", "Plain text"],
      ["tex", "LaTeX"],
    ],
  ],
  [
    "A picture of the map",
    [
      ["pdf", "PDF drawing"],
      ["svg", "SVG drawing"],
      ["png", "PNG picture"],
      ["jpg", "JPEG picture"],
    ],
  ],
  [
    "For other programs",
    [
      ["opml", "OPML outline"],
      ["xlsx", "Excel tables"],
      ["csv", "CSV table of topics"],
      ["graphml", "GraphML"],
      ["json", "JSON"],
    ],
  ],
];

export const LEFT: readonly (readonly [Left, string])[] = [
  ["notes", "Notes and definitions"],
  ["passages", "Passages"],
  ["summaries", "Summaries"],
  ["marks", "Marks of what is thin or unsupported"],
  ["aside", "What is set aside"],
];

export const FRONT: readonly (readonly [FrontLine, string])[] = [
  ["subtitle", "Subtitle"],
  ["author", "Author"],
  ["institution", "Institution"],
  ["course", "Course or occasion"],
  ["date", "Date"],
];

const FIRST: Wish = {
  format: "md",
  part: "whole",
  levels: 0,
  leftOut: [],
  scale: "2",
  front: { subtitle: "", author: "", institution: "", course: "", date: "" },
};

const KEY = "pergamena.export";

/** What was wished last. */
export function lastWish(): Wish {
  try {
    return { ...FIRST, ...JSON.parse(localStorage.getItem(KEY) ?? "{}") };
  } catch {
    return FIRST;
  }
}

export function keepWish(wish: Wish): void {
  localStorage.setItem(KEY, JSON.stringify(wish));
}

/** Whether a format is one of pixels. */
export function ofPixels(format: string): boolean {
  return format === "png" || format === "jpg";
}

/** Whether a format has a title page, or what stands for one. */
export function hasFront(format: string): boolean {
  return format === "docx" || format === "html" || format === "tex";
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
  if (ofPixels(wish.format)) {
    query.set("scale", wish.scale);
  }
  if (hasFront(wish.format)) {
    for (const [line] of FRONT) {
      const words = wish.front[line].trim();
      if (words) {
        query.set(line, words);
      }
    }
  }
  return query.toString();
}
