import { useQuery } from "@tanstack/react-query";
import { request } from "./client";
import type { Session } from "./types";

/** Who is there, and what there is to try in the demonstration. */
export function useSession() {
  return useQuery({
    queryKey: ["session"],
    queryFn: () => request<Session>("GET", "/api/session"),
    staleTime: Number.POSITIVE_INFINITY,
  });
}
