import { useQuery } from "@tanstack/react-query";
import { request } from "../api/client";
import type { Assistant } from "../api/types";

/** The assistant that the person has set, if one is. */
export function useAssistant() {
  return useQuery({
    queryKey: ["assistant"],
    queryFn: () => request<Assistant>("GET", "/api/assistant"),
  });
}
