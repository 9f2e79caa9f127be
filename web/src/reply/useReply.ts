import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { request } from "../api/client";
import type { BriefChoices, KeptReply, Reply, ReplyCheck } from "../api/types";

/** What a reply that is about to come answers. */
export type Asked = { wish: BriefChoices["wish"] | null; about: readonly string[]; text: string };

const PAUSE = 350;

/** The reply that is worked with: kept as it is written, read and checked as it stands. */
export function useReply(map: string, revision: number, asked: Asked, first: string | null) {
  const client = useQueryClient();
  const path = `/api/maps/${map}/replies`;
  const [id, setId] = useState(first);
  const [written, setWritten] = useState<{ body: string; assistant: string } | null>(null);
  const [problem, setProblem] = useState<Error | null>(null);
  const [saving, setSaving] = useState(false);
  const making = useRef(false);
  const all = useQuery({
    queryKey: ["replies", map],
    queryFn: () => request<KeptReply[]>("GET", path),
  });
  const reply = useQuery({
    queryKey: ["reply", id, revision],
    queryFn: () => request<Reply>("GET", `${path}/${id}`),
    enabled: id !== null,
    placeholderData: (before) => (before?.id === id ? before : undefined),
  });
  const check = useQuery({
    queryKey: ["reply check", id, revision],
    queryFn: () => request<ReplyCheck>("GET", `${path}/${id}/check`),
    enabled: id !== null,
    placeholderData: (before) => before,
  });
  const body = written?.body ?? reply.data?.body ?? "";
  const assistant = written?.assistant ?? reply.data?.assistant ?? "";

  useEffect(() => {
    if (written === null || (id === null && written.body.trim() === "")) {
      return;
    }
    const save = async () => {
      if (making.current) {
        return;
      }
      setSaving(true);
      try {
        if (id === null) {
          making.current = true;
          const { wish, about, text } = asked;
          const made = { ...written, wish, about, asked: text };
          setId((await request<{ id: string }>("POST", path, made)).id);
        } else {
          await request<void>("PUT", `${path}/${id}`, written);
          await Promise.all(
            ["reply", "reply check", "reply map", "beside"].map((key) =>
              client.invalidateQueries({ queryKey: [key, id] }),
            ),
          );
          setWritten((now) => (now === written ? null : now));
        }
        client.invalidateQueries({ queryKey: ["replies", map] });
        setProblem(null);
      } catch (e) {
        setProblem(e instanceof Error ? e : new Error(String(e)));
      }
      making.current = false;
      setSaving(false);
    };
    const timer = setTimeout(save, PAUSE);
    return () => clearTimeout(timer);
  }, [written, id, asked, path, map, client]);

  const open = (other: string | null) => {
    setId(other);
    setWritten(null);
    setProblem(null);
  };
  const forget = async () => {
    if (id !== null) {
      await request<void>("DELETE", `${path}/${id}`);
      open(null);
      client.invalidateQueries({ queryKey: ["replies", map] });
    }
  };
  const again = () => client.invalidateQueries({ queryKey: ["reply", id] });
  return {
    id,
    again,
    path: `${path}/${id}`,
    all: all.data ?? [],
    reply: id === null ? undefined : reply.data,
    check: id === null ? undefined : check.data,
    checking: check.isFetching,
    body,
    assistant,
    saving: saving || (written !== null && reply.isFetching),
    write: (part: { body?: string; assistant?: string }) =>
      setWritten({ body, assistant, ...part }),
    problem: problem ?? reply.error ?? check.error,
    open,
    forget,
  };
}
