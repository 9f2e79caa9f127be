import { type DragEvent, useState } from "react";
import { droppedFiles } from "./droppedFiles";

/** Takes files dropped anywhere on an element, and what they fell on; tells whether some are held over it. */
export function useFileDrop(onFiles: (files: File[], onto: Element) => void) {
  const [over, setOver] = useState(false);
  const carriesFiles = (event: DragEvent) => event.dataTransfer.types.includes("Files");
  return {
    over,
    handlers: {
      onDragOver: (event: DragEvent) => {
        if (carriesFiles(event)) {
          event.preventDefault();
          setOver(true);
        }
      },
      onDragLeave: (event: DragEvent) => {
        if (!event.currentTarget.contains(event.relatedTarget as Node | null)) {
          setOver(false);
        }
      },
      onDrop: (event: DragEvent) => {
        if (carriesFiles(event)) {
          event.preventDefault();
          setOver(false);
          const onto = event.target as Element;
          droppedFiles(event.dataTransfer).then((files) => onFiles(files, onto));
        }
      },
    },
  };
}
