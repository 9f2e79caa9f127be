import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { request, upload } from "../api/client";
import type { Added } from "../api/types";

/** A file on its way to the server, one that arrived or did not, or one that is there already. */
export type Sending = {
  key: number;
  name: string;
  share: number;
  problem: string | null;
  done: boolean;
  already: { source: string; name: string } | null;
  file: File | null;
};

const LARGEST_MB = 64;
let nextKey = 1;

/** Brings files, pasted text and addresses to a map. */
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
  const forgetDone = () => setSending((all) => all.filter((line) => !line.done));
  const begin = (name: string, file: File | null) => {
    const key = nextKey++;
    const line = { key, name, share: 0, problem: null, done: false, already: null, file };
    setSending((all) => [...all, line]);
    return key;
  };
  const arrived = async (key: number, added: Added) => {
    const there = added.already ? { source: added.id, name: added.already } : null;
    await refresh(); // it is on the shelf once it is seen there
    change(key, there ? { already: there } : { done: true });
  };

  const deliver = async (key: number, file: File) => {
    try {
      if (file.size > LARGEST_MB * 1024 * 1024) {
        throw new Error(
          `The file is larger than ${LARGEST_MB} MB. Split it or leave pictures out, and add it again.`,
        );
      }
      const path = `/api/maps/${mapId}/sources`;
      await arrived(key, await upload<Added>(path, file, (share) => change(key, { share })));
    } catch (error) {
      change(key, { problem: (error as Error).message });
    }
  };
  const ask = async (path: string, name: string, body: unknown) => {
    const added = await request<Added>("POST", `/api/maps/${mapId}/sources/${path}`, body);
    await arrived(begin(name, null), added);
  };

  return {
    sending,
    /** Sends files one after another, each on its own line. */
    addFiles: async (files: Iterable<File>) => {
      forgetDone();
      const lines = [...files].map((file) => [begin(file.name, file), file] as const);
      for (const [key, file] of lines) {
        await deliver(key, file);
      }
    },
    again: async (line: Sending) => {
      if (line.file) {
        change(line.key, { problem: null, share: 0 });
        await deliver(line.key, line.file);
      }
    },
    paste: (title: string, text: string, html: string | null) =>
      ask("pasted", title, { title, text, html }),
    fetch: (address: string) => ask("address", address, { address }),
    dismiss: (key: number) => change(key, null),
    forgetDone,
    refresh,
  };
}

export type Gathering = ReturnType<typeof useGather>;
