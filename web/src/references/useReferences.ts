import { useQuery, useQueryClient } from "@tanstack/react-query";
import { createContext, useContext } from "react";
import { request } from "../api/client";
import type { CitedWords, References } from "../api/types";

/** The map whose works notes cite, and its revision. */
export const CitingMap = createContext<{ map: string; revision: number } | null>(null);

/** The works of a map, where they are cited, and in which style. */
export function useReferences(enabled = true) {
  const citing = useContext(CitingMap);
  return useQuery({
    queryKey: ["references", citing?.map, citing?.revision],
    queryFn: () => request<References>("GET", `/api/maps/${citing?.map}/references`),
    placeholderData: (before) => before,
    enabled: enabled && citing !== null,
  });
}

/** How a citation reads in the style of the map, before it is kept in a note; none for no words. */
export function useCitedWords(written: string): readonly CitedWords[] | undefined {
  const map = useContext(CitingMap)?.map;
  return useQuery({
    queryKey: ["references", map, "words", written],
    queryFn: () =>
      request<CitedWords[][]>("POST", `/api/maps/${map}/references/words`, {
        note: written,
      }).then((all) => all[0] ?? []),
    enabled: written !== "" && map !== undefined,
    placeholderData: (before) => before,
  }).data;
}

/** Tells all that show works that something about them has changed. */
export function useChangedReferences(): () => void {
  const client = useQueryClient();
  return () => {
    for (const part of ["references", "details", "desk"]) {
      client.invalidateQueries({ queryKey: [part] });
    }
  };
}
