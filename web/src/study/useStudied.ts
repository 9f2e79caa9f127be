import { keepPreviousData, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { request } from "../api/client";

/** What was found in the sources of a map, and what corrects it by hand: each answer is the whole. */
export function useStudied<T>(
  kind: string,
  map: string,
  shelf: unknown,
  path: string,
  say: (words: string) => void,
  /** What is asked for, behind the path; what was found before stays until it is there. */
  asked = "",
) {
  const client = useQueryClient();
  const key = [kind, map, shelf, asked];
  const [trouble, setTrouble] = useState<Error | null>(null);
  const read = useQuery({
    queryKey: key,
    queryFn: () => request<T>("GET", `${path}${asked}`),
    placeholderData: keepPreviousData,
  });
  /** Sends a correction; whether it was taken. */
  const send = async (method: "POST" | "PUT", to: string, body: object, told: string) => {
    try {
      client.setQueryData(key, await request<T>(method, `${path}${to}`, body));
      setTrouble(null);
      say(told);
      return true;
    } catch (e) {
      setTrouble(e instanceof Error ? e : new Error(String(e)));
      return false;
    }
  };
  return { data: read.data, old: read.isPlaceholderData, problem: trouble ?? read.error, send };
}
