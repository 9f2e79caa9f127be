import { useQuery } from "@tanstack/react-query";
import { request } from "../api/client";
import type { Reply, ReplyPreview } from "../api/types";
import { PastView } from "../history/PastView";

type OnMapProps = {
  reply: Reply;
  path: string;
  revision: number;
  chosen: ReadonlySet<string>;
  onChoose: (ids: readonly string[], on: boolean) => void;
};

/** The map with what a reply offers drawn as ghosts, and what it lacks named. */
export function OnMap({ reply, path, revision, chosen, onChoose }: OnMapProps) {
  const preview = useQuery({
    queryKey: ["reply map", reply.id, revision, reply.differences.map((d) => d.refused)],
    queryFn: () => request<ReplyPreview>("GET", `${path}/map`),
    placeholderData: (before) => before,
  });
  if (!preview.data) {
    return (
      <p role={preview.error ? "alert" : "status"}>{preview.error?.message ?? "Drawing it…"}</p>
    );
  }
  const { map, points } = preview.data;
  const marks = new Map<string, string>();
  const ghosts = new Set<string>();
  const ways = new Map<string, string>();
  const mark = (topic: string | null | undefined, words: string) => {
    if (topic) {
      const before = marks.get(topic);
      marks.set(topic, before ? `${before}, ${words}` : words);
    }
  };
  for (const each of reply.differences) {
    const topic = each.point >= 0 && each.kind !== "RELATED" ? points[each.point] : each.topic;
    if (each.refused) {
      continue;
    }
    if (each.kind === "NEW" && topic) {
      ghosts.add(topic);
      ways.set(topic, each.id);
      mark(topic, chosen.has(each.id) ? "new, chosen" : "new");
    } else if (each.kind === "RENAMED") {
      mark(topic, `\u2192 ${each.is}`);
    } else if (each.kind === "MOVED") {
      mark(topic, `to ${each.is}`);
    } else if (each.kind === "DEFINED") {
      mark(topic, "another definition");
    } else if (each.kind === "MISSING" && !reply.onlyMore) {
      mark(topic, "missing");
    }
  }
  return (
    <PastView
      past={map}
      label="The map with what the reply offers"
      marks={marks}
      ghosts={ghosts}
      chosen={null}
      onChoose={(topic) => {
        const id = ways.get(topic);
        if (id) {
          onChoose([id], !chosen.has(id));
        }
      }}
    />
  );
}
