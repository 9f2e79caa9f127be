import { useQuery } from "@tanstack/react-query";
import { requestOrRecall } from "./client";
import type { Session } from "./types";

/** Who is there, and what there is to try in the demonstration. */
export function useSession() {
  return useQuery({
    queryKey: ["session"],
    queryFn: () => requestOrRecall<Session>("/api/session", "session"),
    staleTime: Number.POSITIVE_INFINITY,
  });
}
