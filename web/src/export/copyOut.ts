import { answer } from "../api/client";
import { written } from "./written";

/** Copies the branches of topics to the clipboard, as Markdown or as a picture. */
export async function copyOut(
  map: string,
  topics: readonly string[],
  form: "markdown" | "picture",
) {
  const chosen = topics.map((topic) => `topic=${topic}`).join("&");
  const asked = async (file: string) =>
    (await answer(await written(map, file), { credentials: "same-origin" })).blob();
  // what is to come is promised at once, as a browser lets a page copy only right after a press
  const item: Record<string, Promise<Blob>> = form === "markdown"
    ? { "text/plain": asked(`md?${chosen}`).then(asPlain) }
    : { "image/png": asked(`png?scale=2&${chosen}`) };
  await navigator.clipboard.write([new ClipboardItem(item)]);
}

async function asPlain(blob: Blob): Promise<Blob> {
  return new Blob([await blob.text()], { type: "text/plain" });
}
