import { type DragEvent, useState } from "react";
import { droppedFiles } from "./droppedFiles";

/** Takes files dropped anywhere on an element; tells whether some are held over it. */
export function useFileDrop(onFiles: (files: File[]) => void) {
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
          droppedFiles(event.dataTransfer).then(onFiles);
        }
      },
    },
  };
}
