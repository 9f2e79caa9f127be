import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { request } from "../api/client";
import type { BriefChoices, KeptReply, Reply, ReplyCheck } from "../api/types";

/** What a reply that is about to come answers. */
export type Asked = { wish: BriefChoices["wish"] | null; about: readonly string[]; text: string };

type Written = { body: string; assistant: string };

const PAUSE = 350;

/** The reply that is worked with: kept as it is written, read and checked as it stands. */
export function useReply(map: string, revision: number, asked: Asked, first: string | null) {
  const client = useQueryClient();
  const path = `/api/maps/${map}/replies`;
  const [id, setId] = useState(first);
  const [written, setWritten] = useState<Written | null>(null);
  const [problem, setProblem] = useState<Error | null>(null);
  const [saving, setSaving] = useState(false);
  const at = useRef({ id: first }); // known before the page is drawn anew
  const waiting = useRef<Written | null>(null);
  const timer = useRef(0);
  const saved = useRef(Promise.resolve());
  const all = useQuery({
    queryKey: ["replies", map],
    queryFn: () => request<KeptReply[]>("GET", path),
  });
  const read = (which: string | null) => ({
    queryKey: ["reply", which, revision],
    queryFn: () => request<Reply>("GET", `${path}/${which}`),
  });
  const reply = useQuery({
    ...read(id),
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

  const save = async (which: { id: string | null }, what: Written) => {
    setSaving(true);
    try {
      if (which.id === null) {
        const { wish, about, text } = asked;
        const made = { ...what, wish, about, asked: text };
        which.id = (await request<{ id: string }>("POST", path, made)).id;
        if (which === at.current) {
          setId(which.id);
        }
        await client.fetchQuery(read(which.id)); // before what was written gives way to it
      } else {
        await request<void>("PUT", `${path}/${which.id}`, what);
        await Promise.all(
          ["reply", "reply check", "reply map", "beside"].map((key) =>
            client.invalidateQueries({ queryKey: [key, which.id] }),
          ),
        );
      }
      setWritten((now) => (now === what ? null : now));
      client.invalidateQueries({ queryKey: ["replies", map] });
      setProblem(null);
    } catch (e) {
      setProblem(e instanceof Error ? e : new Error(String(e)));
    }
    setSaving(false);
  };
  /** Saves what is written now, after what was written before. */
  const keep = () => {
    window.clearTimeout(timer.current);
    const what = waiting.current;
    waiting.current = null;
    if (what) {
      const which = at.current;
      saved.current = saved.current.then(() => save(which, what));
    }
    return saved.current;
  };
  const last = useRef(keep);
  last.current = keep;
  useEffect(() => () => void last.current(), []);

  const write = (part: Partial<Written>) => {
    const now = { body, assistant, ...part };
    setWritten(now);
    waiting.current = at.current.id === null && now.body.trim() === "" ? null : now;
    window.clearTimeout(timer.current);
    timer.current = window.setTimeout(() => last.current(), PAUSE);
  };
  const open = (other: string | null) => {
    keep();
    at.current = { id: other };
    setId(other);
    setWritten(null);
    setProblem(null);
  };
  const forget = async () => {
    const gone = at.current;
    waiting.current = null;
    await saved.current;
    if (gone.id !== null) {
      await request<void>("DELETE", `${path}/${gone.id}`);
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
    write,
    problem: problem ?? reply.error ?? check.error,
    open,
    forget,
  };
}
