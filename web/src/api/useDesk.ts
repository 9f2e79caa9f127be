import { type QueryClient, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useMemo, useState, useSyncExternalStore } from "react";
import type { Typed } from "../ui/typing";
import { accept } from "./accept";
import { NoConnection, request } from "./client";
import { recall, remember } from "./offline";
import { Outbox, type Sending } from "./outbox";
import { provisional } from "./provisional";
import { Sender } from "./sender";
import { watchGone } from "./tab";
import type { Desk, DistilOptions, Edit, Folding, News, Patch } from "./types";

const RETRY_MS = 1000;

/** How long a map is at rest when it is remembered for when the server is away. */
const REMEMBER_MS = 2000;

function keepTrying(_count: number, error: Error): boolean {
  return error instanceof NoConnection;
}

const key = (mapId: string) => ["desk", mapId];

const known = (client: QueryClient, mapId: string) => client.getQueryData<Desk>(key(mapId));

/** Takes a patch in; asks for what has changed if it does not start from what the page has. */
function take(client: QueryClient, mapId: string, patch: Patch): void | Promise<void> {
  const next = accept(known(client, mapId), patch);
  if (!next) {
    return client.invalidateQueries({ queryKey: key(mapId) });
  }
  client.setQueryData(key(mapId), next);
}

/** Whatever comes in whatever order, a desk never goes back to an earlier state. */
function later(before: unknown, now: unknown): unknown {
  const [old, next] = [before as Desk | undefined, now as Desk];
  return old && old.facts.stamp > next.facts.stamp ? old : next;
}

/** Brings the desk up to date: by what has changed since, or the whole if it is not known yet. */
async function bring(client: QueryClient, mapId: string): Promise<Desk> {
  const before = known(client, mapId);
  const since = before ? `?since=${before.facts.stamp}` : "";
  let patch: Patch;
  try {
    patch = await request<Patch>("GET", `/api/maps/${mapId}/patch${since}`);
  } catch (e) {
    const last = !before && e instanceof NoConnection && (await recall<Desk>(`map ${mapId}`));
    if (last) {
      return last;
    }
    throw e;
  }
  const now = accept(known(client, mapId), patch);
  if (now) {
    return now;
  }
  const whole = await request<Patch>("GET", `/api/maps/${mapId}/patch`);
  const desk = accept(undefined, whole);
  if (!desk) {
    throw new Error("The server did not send the map. Reload the page.");
  }
  return desk;
}

/** The desk of a map as the server has it. */
export function useDesk(mapId: string) {
  const client = useQueryClient();
  const query = useQuery({
    queryKey: key(mapId),
    queryFn: () => bring(client, mapId),
    structuralSharing: later,
    retry: keepTrying,
    retryDelay: RETRY_MS,
  });

  return query;
}

/**
 * Keeps the desk new by the server's news. While an edit is being answered nothing is asked for: the
 * answer brings all that there is by then.
 */
function useNews(mapId: string, sender: Sender): void {
  const client = useQueryClient();
  useEffect(() => {
    const source = new EventSource(`/api/maps/${mapId}/news`);
    source.addEventListener("news", (event) => {
      const news: News = JSON.parse(event.data);
      client.setQueryData<Desk>(key(mapId), (desk) =>
        desk && JSON.stringify(desk.jobs) !== JSON.stringify(news.jobs)
          ? { ...desk, jobs: news.jobs }
          : desk,
      );
      sender.answered().then(() => {
        const facts = known(client, mapId)?.facts;
        if (facts && (news.revision > facts.revision || news.shelf !== facts.shelf)) {
          client.invalidateQueries({ queryKey: key(mapId) });
        }
      });
    });
    return () => source.close();
  }, [client, mapId, sender]);
}

/** Sends the changes of a map, and what there is of them. */
function useSender(mapId: string, tab: string): Sender {
  const client = useQueryClient();
  const sender = useMemo(() => {
    const post = (sending: Sending) => {
      const body = { id: sending.id, base: known(client, mapId)?.facts.stamp ?? null };
      return sending.kind === "edit"
        ? request<Patch>("POST", `/api/maps/${mapId}/edits`, {
            ...body,
            edit: sending.edit,
            typed: sending.typed ?? null,
          })
        : request<Patch>("POST", `/api/maps/${mapId}/${sending.kind}`, body);
    };
    return new Sender(new Outbox(localStorage, mapId, tab), {
      post,
      accept: (patch) => take(client, mapId, patch),
      renew: () => client.invalidateQueries({ queryKey: key(mapId) }),
    });
  }, [client, mapId, tab]);

  useEffect(() => {
    sender.start();
    const boxes = new Outbox(localStorage, mapId, tab);
    const unwatch = watchGone(
      () => boxes.others(),
      (other) => sender.adopt(other),
    );
    const online = () => sender.hurry();
    const leaving = (event: BeforeUnloadEvent) => {
      if (sender.snapshot().pending.length > 0) {
        event.preventDefault();
      }
    };
    window.addEventListener("online", online);
    window.addEventListener("beforeunload", leaving);
    return () => {
      unwatch();
      window.removeEventListener("online", online);
      window.removeEventListener("beforeunload", leaving);
    };
  }, [sender, mapId, tab]);
  return sender;
}

/**
 * The desk as the person sees it, changes that are on their way included, and what can be done to
 * it. Changes show at once, go one after another, and wait for a lost connection.
 */
export function useDeskActions(server: Desk, tab: string) {
  const mapId = server.id;
  const client = useQueryClient();
  const sender = useSender(mapId, tab);
  useNews(mapId, sender);
  const state = useSyncExternalStore(sender.subscribe, sender.snapshot);
  const [draft, setDraft] = useState<Extract<Edit, { type: "Add" }> | null>(null);

  useEffect(() => {
    const timer = setTimeout(() => remember(`map ${mapId}`, server), REMEMBER_MS);
    return () => clearTimeout(timer);
  }, [mapId, server]);

  // from the cache and not as the query last told it, so that what is acknowledged is never missing
  const current = known(client, mapId) ?? server;
  const desk = useMemo(() => {
    const edits = state.pending.flatMap((s) => (s.kind === "edit" ? [s.edit] : []));
    return provisional(current, draft ? [...edits, draft] : edits);
  }, [current, state.pending, draft]);

  const edit = useCallback(
    (change: Edit, typed?: Typed) =>
      sender.send({ id: crypto.randomUUID(), kind: "edit", edit: change, typed }),
    [sender],
  );
  const undo = useCallback(() => sender.send({ id: crypto.randomUUID(), kind: "undo" }), [sender]);
  const redo = useCallback(() => sender.send({ id: crypto.randomUUID(), kind: "redo" }), [sender]);

  const accept = useCallback((patch: Patch) => take(client, mapId, patch), [client, mapId]);
  // ways of looking go one after another, and wait for a lost connection
  const looking = {
    scope: { id: `folds-${mapId}` },
    retry: keepTrying,
    retryDelay: RETRY_MS,
    networkMode: "always" as const,
    onSuccess: (patch: Patch) => take(client, mapId, patch),
  };
  const fold = useMutation({
    ...looking,
    mutationFn: (folding: Partial<Folding>) =>
      request<Patch>("PUT", `/api/maps/${mapId}/folds`, {
        close: null,
        open: null,
        closed: null,
        level: null,
        width: null,
        height: null,
        base: known(client, mapId)?.facts.stamp ?? null,
        ...folding,
      }),
  });
  const focus = useMutation({
    ...looking,
    mutationFn: (topic: string | null) =>
      request<Patch>("PUT", `/api/maps/${mapId}/focus`, {
        topic,
        base: known(client, mapId)?.facts.stamp ?? null,
      }),
  });
  const distil = useMutation({
    mutationFn: (options: DistilOptions) =>
      request<void>("POST", `/api/maps/${mapId}/distil`, options),
  });
  const folding = fold.isPending && fold.failureReason instanceof NoConnection;
  const refused = fold.error ?? distil.error;
  const { reset: forgetFold } = fold;
  const { reset: forgetDistil } = distil;
  const actions = useMemo(
    () => ({
      edit,
      undo,
      redo,
      accept,
      fold: fold.mutate,
      /** Shows a branch as if it were the whole, the whole if that is null. */
      focus: focus.mutate,
      distil: distil.mutate,
      distilling: distil.isPending,
      /** A new topic that is shown and not sent yet, as it has no label. */
      draft,
      setDraft,
      pending: state.pending.length,
      waiting: state.waiting || folding,
      problem: state.problem ?? refused,
      dismiss: () => {
        sender.dismiss();
        forgetFold();
        forgetDistil();
      },
    }),
    [
      edit,
      undo,
      redo,
      accept,
      fold.mutate,
      focus.mutate,
      distil.mutate,
      distil.isPending,
      draft,
      state,
      folding,
      refused,
      sender,
      forgetFold,
      forgetDistil,
    ],
  );
  return { desk, actions };
}

export type DeskActions = ReturnType<typeof useDeskActions>["actions"];
