import { useQuery } from "@tanstack/react-query";
import { useSyncExternalStore } from "react";
import { request } from "../api/client";
import type { KnownTopic } from "../api/types";

const KEY = "pergamena.known";

const listeners = new Set<() => void>();

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** Whether maps show what one knows; it stays as it was left. */
export function useKnownShown(): [boolean, (shown: boolean) => void] {
  const shown = useSyncExternalStore(subscribe, () => localStorage.getItem(KEY) === "shown");
  const show = (next: boolean) => {
    localStorage.setItem(KEY, next ? "shown" : "hidden");
    for (const listener of listeners) {
      listener();
    }
  };
  return [shown, show];
}

/** The chance that one still knows topics of a map in a week, of those asked; none if hidden. */
export function useKnown(map: string): ReadonlyMap<string, number> {
  const [shown] = useKnownShown();
  const known = useQuery({
    queryKey: ["known", map],
    queryFn: () => request<KnownTopic[]>("GET", `/api/maps/${map}/recall/known`),
    enabled: shown,
  });
  return new Map(shown ? known.data?.map((each) => [each.topic, each.lasting]) : []);
}
