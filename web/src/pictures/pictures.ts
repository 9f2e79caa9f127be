import type { Edit, Picture, Topic } from "../api/types";

/** The most pictures on one topic. */
export const MOST_PICTURES = 4;

/** The narrowest and the widest, and highest, in scene pixels. */
const NARROWEST = 16;
const WIDEST = 640;

/** How long the longer side of a picture is at first, and that of a drawing. */
const FIRST_SIDE = 160;
const DRAWN_SIDE = 56;

export const PLACES = [
  ["BEFORE", "Before the label"],
  ["AFTER", "After the label"],
  ["ABOVE", "Above the label"],
  ["BELOW", "Below the label"],
] as const;

/** An image that can be shown, with its size in pixels. */
export type Shown = { image: string; width: number; height: number };

/** Whether an image is one of the drawings that ship. */
export function isDrawing(image: string): boolean {
  return image.startsWith("ink/");
}

/** Where an image for the screen is. */
export function imageAddress(map: string, image: string): string {
  return isDrawing(image) ? `/api/drawings/${image}` : `/api/maps/${map}/pictures/${image}`;
}

/** The width that a picture of a shape may have, to the tenth of a pixel. */
export function allowed(width: number, ratio: number): number {
  const most = Math.min(WIDEST, WIDEST / ratio);
  return Math.round(Math.max(Math.min(NARROWEST, most), Math.min(most, width)) * 10) / 10;
}

/** A picture of an image, as large and where it is put at first. */
export function pictureOf(shown: Shown, alt: string): Picture {
  const ratio = shown.height / shown.width;
  const drawn = isDrawing(shown.image);
  const side = drawn ? DRAWN_SIDE : Math.min(FIRST_SIDE, Math.max(shown.width, shown.height));
  return {
    id: crypto.randomUUID(),
    image: shown.image,
    alt,
    where: drawn ? "BEFORE" : "ABOVE",
    width: allowed(ratio > 1 ? side / ratio : side, ratio),
    ratio,
  };
}

/** A topic with other pictures. */
export function illustrated(topic: Topic, pictures: readonly Picture[]): Edit {
  return { type: "Illustrate", topic: topic.id, pictures: [...pictures] };
}

/** The pictures of a topic, one of them changed. */
export function changed(topic: Topic, id: string, change: Partial<Picture>): Edit {
  return illustrated(
    topic,
    topic.pictures.map((each) => (each.id === id ? { ...each, ...change } : each)),
  );
}

/** The files that are pictures, and the others. */
export function sorted(files: readonly File[]): { images: File[]; others: File[] } {
  const images = files.filter((file) => file.type.startsWith("image/"));
  return { images, others: files.filter((file) => !images.includes(file)) };
}
