import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { request } from "../api/client";

/** What was found in the sources of a map, and what corrects it by hand: each answer is the whole. */
export function useStudied<T>(
  kind: string,
  map: string,
  shelf: unknown,
  path: string,
  say: (words: string) => void,
) {
  const client = useQueryClient();
  const key = [kind, map, shelf];
  const [trouble, setTrouble] = useState<Error | null>(null);
  const read = useQuery({ queryKey: key, queryFn: () => request<T>("GET", path) });
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
  return { data: read.data, problem: trouble ?? read.error, send };
}
