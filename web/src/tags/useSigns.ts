import { useQuery } from "@tanstack/react-query";
import { request } from "../api/client";
import type { Sign } from "../api/types";

const DAY_MS = 86_400_000;

/** The drawings of signs by their names, as SVG path data in a square of 24 units. */
export function useSigns(names: readonly string[]): ReadonlyMap<string, string> {
  const wanted = [...new Set(names)].sort().join(",");
  const signs = useQuery({
    queryKey: ["signs", wanted],
    queryFn: () => request<Sign[]>("GET", `/api/signs/named?names=${encodeURIComponent(wanted)}`),
    enabled: wanted !== "",
    staleTime: DAY_MS,
    placeholderData: (before) => before,
  });
  return new Map(signs.data?.map((sign) => [sign.name, sign.path]));
}
