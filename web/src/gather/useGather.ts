import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { request, upload } from "../api/client";

/** A file on its way to the server, or one that did not arrive. */
export type Sending = { key: number; name: string; share: number; problem: string | null };

const LARGEST_MB = 64;
let nextKey = 1;

/** Brings files and pasted text to a map. */
export function useGather(mapId: string) {
  const client = useQueryClient();
  const [sending, setSending] = useState<Sending[]>([]);
  const refresh = () => client.invalidateQueries({ queryKey: ["desk", mapId] });
  const change = (key: number, part: Partial<Sending> | null) =>
    setSending((all) =>
      part
        ? all.map((s) => (s.key === key ? { ...s, ...part } : s))
        : all.filter((s) => s.key !== key),
    );

  const send = async (file: File) => {
    const key = nextKey++;
    setSending((all) => [...all, { key, name: file.name, share: 0, problem: null }]);
    try {
      if (file.size > LARGEST_MB * 1024 * 1024) {
        throw new Error(
          `The file is larger than ${LARGEST_MB} MB. Split it or leave pictures out, and add it again.`,
        );
      }
      await upload(`/api/maps/${mapId}/sources`, file, (share) => change(key, { share }));
      change(key, null);
      await refresh();
    } catch (error) {
      change(key, { problem: (error as Error).message });
    }
  };

  return {
    sending,
    /** Sends files one after another, each on its own line. */
    addFiles: async (files: Iterable<File>) => {
      for (const file of files) {
        await send(file);
      }
    },
    paste: async (title: string, text: string) => {
      await request("POST", `/api/maps/${mapId}/sources/pasted`, { title, text });
      await refresh();
    },
    dismiss: (key: number) => change(key, null),
    refresh,
  };
}

export type Gathering = ReturnType<typeof useGather>;
