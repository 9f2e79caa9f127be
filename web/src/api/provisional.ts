import { added, carrying, laid, moved, painted, put, relabelled, removed } from "./redrawn";
import type { CrossLink, Desk, Edit, Remark } from "./types";

/**
 * The desk as it will be after edits that are on their way, as far as that can be shown before the
 * server has laid the map out anew. What cannot be shown yet stays as it is.
 */
export function provisional(desk: Desk, edits: readonly Edit[]): Desk {
  return edits.reduce(after, desk);
}

function after(desk: Desk, edit: Edit): Desk {
  switch (edit.type) {
    case "Rename":
      return carrying(relabelled(desk, edit.topic, edit.label.trim()), edit.topic, (topic) => ({
        ...topic,
        label: edit.label.trim(),
      }));
    case "Several":
      return edit.edits.reduce(after, desk);
    case "Note":
      return carrying(desk, edit.topic, (topic) => ({ ...topic, note: edit.note }));
    case "SetAside":
      return carrying(desk, edit.topic, (topic) => ({ ...topic, aside: edit.aside }));
    case "Put":
      return put(desk, edit);
    case "Widen":
      return carrying(desk, edit.topic, (topic) => ({ ...topic, wide: edit.width ?? null }));
    case "Paint":
      return painted(desk, edit);
    case "Add":
      return added(desk, edit);
    case "Remove":
      return removed(desk, edit.topic);
    case "Move":
      return moved(desk, edit);
    case "Connect":
      return {
        ...desk,
        links: [
          ...desk.links.filter((link) => link.id !== edit.link),
          {
            id: edit.link,
            from: edit.from,
            to: edit.to,
            phrase: edit.phrase,
            direction: "ONE",
            supposed: false,
            note: "",
            grounds: 0,
            bend: null,
          },
        ],
      };
    case "Rephrase":
      return linked(desk, edit.link, (link) => ({ ...link, phrase: edit.phrase }));
    case "Reattach":
      return linked(desk, edit.link, (link) => ({ ...link, from: edit.from, to: edit.to }));
    case "Qualify":
      return linked(desk, edit.link, (link) => ({
        ...link,
        direction: edit.direction,
        supposed: edit.supposed,
      }));
    case "Remark":
      return linked(desk, edit.link, (link) => ({ ...link, note: edit.note }));
    case "Define":
      return carrying(desk, edit.topic, (topic) => ({
        ...topic,
        definition: edit.definition,
        pinned: edit.pinned && edit.definition.trim() !== "",
      }));
    case "Lead":
      return carrying(desk, edit.topic, (topic) => ({ ...topic, lead: edit.phrase }));
    case "Mark":
      return carrying(desk, edit.topic, (topic) => ({ ...topic, tags: edit.tags }));
    case "Illustrate":
      return carrying(desk, edit.topic, (topic) => ({ ...topic, pictures: edit.pictures }));
    case "Bow":
      return linked(desk, edit.link, (link) => ({ ...link, bend: edit.bend ?? null }));
    case "ShowAlso":
      return {
        ...desk,
        also: [...desk.also, { id: edit.also, topic: edit.topic, parent: edit.parent }],
      };
    case "HideAlso":
      return {
        ...desk,
        also: desk.also.filter((a) => a.id !== edit.also),
        scene: { ...desk.scene, topics: desk.scene.topics.filter((p) => p.id !== edit.also) },
      };
    case "Say":
      return {
        ...desk,
        comments: [
          ...desk.comments,
          {
            id: edit.comment,
            subject: edit.subject,
            author: "",
            at: new Date().toISOString(),
            text: edit.text,
            resolved: false,
          },
        ],
      };
    case "Unsay":
      return { ...desk, comments: desk.comments.filter((c) => c.id !== edit.comment) };
    case "Reword":
      return remarked(desk, edit.comment, { text: edit.text });
    case "Settle":
      return remarked(desk, edit.comment, { resolved: edit.resolved });
    case "Lay":
      return laid(desk, edit);
    case "Disconnect":
      return {
        ...desk,
        links: desk.links.filter((link) => link.id !== edit.link),
        scene: { ...desk.scene, links: desk.scene.links.filter((l) => l.id !== edit.link) },
      };
    default:
      return desk;
  }
}

function remarked(desk: Desk, id: string, change: Partial<Remark>): Desk {
  return {
    ...desk,
    comments: desk.comments.map((c) => (c.id === id ? { ...c, ...change } : c)),
  };
}

function linked(desk: Desk, id: string, change: (link: CrossLink) => CrossLink): Desk {
  return { ...desk, links: desk.links.map((l) => (l.id === id ? change(l) : l)) };
}
