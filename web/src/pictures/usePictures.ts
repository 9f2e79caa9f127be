import { useCallback, useRef, useState } from "react";
import { upload } from "../api/client";
import type { KeptImage, Picture, Topic } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import type { Tree } from "../map/tree";
import { counted } from "../ui/words";
import { illustrated, MOST_PICTURES, pictureOf } from "./pictures";

/** Files that are being sent, and what went wrong with the last. */
export type Sending = { count: number; share: number };

/** Brings files as pictures of a topic. */
export function usePictures(tree: Tree, actions: DeskActions, say: (words: string) => void) {
  const map = tree.desk.id;
  const now = useRef(tree);
  now.current = tree;
  const [sending, setSending] = useState<Sending | null>(null);
  const [problem, setProblem] = useState<Error | null>(null);
  const { edit } = actions;
  const addFiles = useCallback(
    async (topic: Topic, files: readonly File[]) => {
      const room = MOST_PICTURES - topic.pictures.length;
      setProblem(
        files.length > room
          ? new Error(
              room > 0
                ? `A topic has at most ${MOST_PICTURES} pictures; ${counted(room, "more was", "more were")} taken. Take some off for others.`
                : `A topic has at most ${MOST_PICTURES} pictures. Take one off first.`,
            )
          : null,
      );
      const added: Picture[] = [];
      const taken = files.slice(0, Math.max(0, room));
      for (const [i, file] of taken.entries()) {
        setSending({ count: taken.length, share: i / taken.length });
        try {
          const kept = await upload<KeptImage>(`/api/maps/${map}/pictures`, file, (share) =>
            setSending({ count: taken.length, share: (i + share) / taken.length }),
          );
          added.push(pictureOf(kept, ""));
        } catch (error) {
          setProblem(new Error(`“${file.name}”: ${(error as Error).message}`));
        }
      }
      setSending(null);
      // the topic as it is by now: others may have been added while these were sent
      const latest = now.current.get(topic.id) ?? topic;
      const fitting = added.slice(0, MOST_PICTURES - latest.pictures.length);
      if (fitting.length > 0) {
        edit(illustrated(latest, [...latest.pictures, ...fitting]));
        say(`${counted(fitting.length, "picture")} on ${latest.label}`);
      }
    },
    [map, edit, say],
  );
  const dismiss = useCallback(() => setProblem(null), []);
  return { sending, problem, addFiles, dismiss };
}
