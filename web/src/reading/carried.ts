import type { DragEvent } from "react";

/** A passage that is dragged, with the topic that it is dragged from. */
export type Carried = { topic: string; evidence: string };

const TYPE = "application/x-pergamena-passage";
const OVER = "data-passage-over";

/** Has a drag carry a passage; its words go where a page takes words. */
export function carry(event: DragEvent, passage: Carried, words: string) {
  event.dataTransfer.setData(TYPE, JSON.stringify(passage));
  event.dataTransfer.setData("text/plain", words);
  event.dataTransfer.effectAllowed = "copyMove";
}

function topicUnder(event: DragEvent): Element | null {
  return (event.target as Element).closest("[data-topic]");
}

function unmark() {
  for (const marked of document.querySelectorAll(`[${OVER}]`)) {
    marked.removeAttribute(OVER);
  }
}

/** Takes passages that are dropped on a topic, wherever it is shown. */
export function takesPassages(onMove: (passage: Carried, to: string) => void) {
  const carries = (event: DragEvent) => event.dataTransfer.types.includes(TYPE);
  return {
    onDragOver: (event: DragEvent) => {
      if (!carries(event)) {
        return;
      }
      const topic = topicUnder(event);
      unmark();
      if (topic) {
        event.preventDefault();
        event.dataTransfer.dropEffect = "move";
        topic.setAttribute(OVER, "");
      }
    },
    onDragLeave: unmark,
    onDrop: (event: DragEvent) => {
      const to = topicUnder(event)?.getAttribute("data-topic");
      unmark();
      if (carries(event) && to) {
        event.preventDefault();
        const passage: Carried = JSON.parse(event.dataTransfer.getData(TYPE));
        if (passage.topic !== to) {
          onMove(passage, to);
        }
      }
    },
  };
}
