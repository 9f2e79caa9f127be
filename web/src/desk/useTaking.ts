import type { ClipboardEvent, DragEvent } from "react";
import type { Topic } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import { useFileDrop } from "../gather/useFileDrop";
import type { useGather } from "../gather/useGather";
import type { Tree } from "../map/tree";
import { sorted } from "../pictures/pictures";
import type { usePictures } from "../pictures/usePictures";
import { takesPassages } from "../reading/carried";

type TakingProps = {
  tree: Tree;
  actions: DeskActions;
  selected: Topic;
  /** Whether there is nothing on the map that could have a picture. */
  bare: boolean;
  gathering: ReturnType<typeof useGather>;
  pictures: ReturnType<typeof usePictures>;
  say: (words: string) => void;
};

/** Takes what is dropped on the desk or pasted: sources, pictures for topics, passages. */
export function useTaking(props: TakingProps) {
  const { tree, actions, selected, bare, gathering, pictures, say } = props;
  const drop = useFileDrop((files, onto) => {
    const { images, others } = sorted(files);
    if (bare || images.length === 0) {
      gathering.addFiles(files);
      return;
    }
    const below = onto.closest("[data-topic]")?.getAttribute("data-topic") ?? null;
    pictures.addFiles(tree.get(below) ?? selected, images);
    if (others.length > 0) {
      gathering.addFiles(others);
    }
  });
  const passages = takesPassages(({ topic, evidence }, to) => {
    actions.edit({ type: "MovePassages", topic, evidence: [evidence], to });
    say(`The passage moved to ${tree.get(to)?.label}`);
  });
  const handlers = {
    onDragOver: (event: DragEvent) => {
      drop.handlers.onDragOver(event);
      passages.onDragOver(event);
    },
    onDragLeave: (event: DragEvent) => {
      drop.handlers.onDragLeave(event);
      passages.onDragLeave();
    },
    onDrop: (event: DragEvent) => {
      drop.handlers.onDrop(event);
      passages.onDrop(event);
    },
    onPaste: (event: ClipboardEvent) => {
      const { images } = sorted([...event.clipboardData.files]);
      // a spreadsheet gives a picture of its cells besides the cells
      const words = event.clipboardData.getData("text/plain");
      if (!bare && !event.defaultPrevented && images.length > 0 && !words) {
        event.preventDefault();
        pictures.addFiles(selected, images);
      }
    },
  };
  return { over: drop.over, handlers };
}
