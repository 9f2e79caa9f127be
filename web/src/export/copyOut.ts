import { Problem } from "../api/client";

/** Copies the branches of topics to the clipboard, as Markdown or as a picture. */
export async function copyOut(
  map: string,
  topics: readonly string[],
  form: "markdown" | "picture",
) {
  const chosen = topics.map((topic) => `topic=${topic}`).join("&");
  const path = `/api/maps/${map}/export`;
  const asked = async (address: string) => {
    const answer = await fetch(address, { credentials: "same-origin" });
    if (!answer.ok) {
      throw new Problem("It could not be copied. Try again.", answer.status);
    }
    return answer.blob();
  };
  // what is to come is promised at once, as a browser lets a page copy only right after a press
  const item: Record<string, Promise<Blob>> = form === "markdown"
    ? { "text/plain": asked(`${path}/md?${chosen}`).then(asPlain) }
    : { "image/png": asked(`${path}/png?scale=2&${chosen}`) };
  await navigator.clipboard.write([new ClipboardItem(item)]);
}

async function asPlain(blob: Blob): Promise<Blob> {
  return new Blob([await blob.text()], { type: "text/plain" });
}
