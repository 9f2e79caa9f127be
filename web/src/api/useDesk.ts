import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { NoConnection, request } from "./client";
import { relabelled } from "./optimistic";
import type { Desk, DistilOptions, Edit, Folding, News } from "./types";

const RETRY_MS = 1000;

function keepTrying(_count: number, error: Error): boolean {
  return error instanceof NoConnection;
}

/** The desk of a map, kept new by the server's news. */
export function useDesk(mapId: string) {
  const client = useQueryClient();
  const query = useQuery({
    queryKey: ["desk", mapId],
    queryFn: () => request<Desk>("GET", `/api/maps/${mapId}`),
    retry: keepTrying,
    retryDelay: RETRY_MS,
  });

  useEffect(() => {
    const source = new EventSource(`/api/maps/${mapId}/news`);
    source.addEventListener("news", (event) => {
      const news: News = JSON.parse(event.data);
      const desk = client.getQueryData<Desk>(["desk", mapId]);
      const known = new Map(desk?.jobs.map((job) => [job.id, job.state]));
      const ended = news.jobs.some(
        (job) =>
          job.state !== "RUNNING" && job.state !== "WAITING" && known.get(job.id) !== job.state,
      );
      if (desk) {
        client.setQueryData<Desk>(["desk", mapId], { ...desk, jobs: news.jobs });
      }
      const changed = !desk || news.revision > desk.revision;
      if (ended || (changed && client.isMutating() === 0)) {
        client.invalidateQueries({ queryKey: ["desk", mapId] });
      }
    });
    return () => source.close();
  }, [client, mapId]);

  return query;
}

/** What a person can do to a map. Edits go one after another, and wait for a lost connection. */
export function useDeskActions(mapId: string) {
  const client = useQueryClient();
  const show = (desk: Desk) => client.setQueryData(["desk", mapId], desk);
  const common = {
    scope: { id: `map-${mapId}` },
    retry: keepTrying,
    retryDelay: RETRY_MS,
    networkMode: "always" as const,
    onSuccess: show,
  };

  const edit = useMutation({
    ...common,
    mutationFn: (change: Edit) => request<Desk>("POST", `/api/maps/${mapId}/edits`, change),
    onMutate: (change: Edit) => {
      const before = client.getQueryData<Desk>(["desk", mapId]);
      if (before && change.type === "Rename") {
        client.setQueryData(["desk", mapId], relabelled(before, change.topic, change.label));
      }
    },
    onError: () => client.invalidateQueries({ queryKey: ["desk", mapId] }),
  });
  const undo = useMutation({
    ...common,
    mutationFn: () => request<Desk>("POST", `/api/maps/${mapId}/undo`),
  });
  const redo = useMutation({
    ...common,
    mutationFn: () => request<Desk>("POST", `/api/maps/${mapId}/redo`),
  });
  const fold = useMutation({
    ...common,
    mutationFn: (folding: Partial<Folding>) =>
      request<Desk>("PUT", `/api/maps/${mapId}/folds`, {
        closed: null,
        level: null,
        width: null,
        height: null,
        ...folding,
      }),
  });
  const distil = useMutation({
    mutationFn: (options: DistilOptions) =>
      request<void>("POST", `/api/maps/${mapId}/distil`, options),
  });
  const all = [edit, undo, redo, fold];
  return {
    edit,
    undo,
    redo,
    fold,
    distil,
    waiting: all.some((m) => m.isPending && m.failureReason instanceof NoConnection),
    problem: [...all, distil].find((m) => m.isError)?.error ?? null,
    dismiss: () => {
      for (const mutation of [...all, distil]) {
        if (mutation.isError) {
          mutation.reset();
        }
      }
    },
  };
}

export type DeskActions = ReturnType<typeof useDeskActions>;
