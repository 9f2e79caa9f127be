import type { Desk, Placed } from "./types";

/** The desk with a topic's new label, before the server has laid it out anew. */
export function relabelled(desk: Desk, topic: string, label: string): Desk {
  const words = label.trim();
  return {
    ...desk,
    topics: desk.topics.map((t) => (t.id === topic ? { ...t, label: words } : t)),
    scene: {
      ...desk.scene,
      topics: desk.scene.topics.map((p) => (p.id === topic ? withLabel(p, words) : p)),
    },
  };
}

function withLabel(placed: Placed, label: string): Placed {
  const first = placed.texts.findIndex((text) => text.role === "LABEL");
  return {
    ...placed,
    texts: placed.texts
      .filter((text, i) => text.role !== "LABEL" || i === first)
      .map((text) => (text.role === "LABEL" ? { ...text, text: label } : text)),
  };
}
