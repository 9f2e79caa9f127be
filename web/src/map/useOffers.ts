import { useQuery } from "@tanstack/react-query";
import { request } from "../api/client";
import type { Topic } from "../api/types";
import type { Tree } from "./tree";

const KEPT_MS = 60_000;

/** Labels that the passages of a topic offer for it; nothing while they are not known. */
export function useOffers(tree: Tree, topic: Topic | undefined): string[] | undefined {
  const { id, facts } = tree.desk;
  const offers = useQuery({
    queryKey: ["labels", id, topic?.id, facts.revision],
    queryFn: () => request<string[]>("GET", `/api/maps/${id}/topics/${topic?.id}/labels`),
    enabled: topic !== undefined && topic.passages > 0 && !tree.isNew(topic),
    staleTime: KEPT_MS,
    retry: false,
  });
  return topic ? offers.data : undefined;
}
