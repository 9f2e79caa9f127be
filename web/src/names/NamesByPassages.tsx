import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { request } from "../api/client";
import type { Offered, Topic } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import type { Tree } from "../map/tree";
import { Trouble } from "../ui/Field";
import { TakeList } from "../ui/TakeList";
import { counted } from "../ui/words";
import { lineOf, TakeNames } from "./TakeNames";

type NamesByPassagesProps = {
  tree: Tree;
  actions: DeskActions;
  of: Topic;
  alone: boolean;
  onClose: () => void;
  say: (words: string) => void;
};

/** The best names that the passages of topics offer. */
export function NamesByPassages(props: NamesByPassagesProps) {
  const { tree, actions, of, alone, onClose, say } = props;
  const { id, facts } = tree.desk;
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const names = useQuery({
    queryKey: ["names", id, of.id, facts.revision],
    queryFn: () => request<Offered[]>("GET", `/api/maps/${id}/topics/${of.id}/names`),
    retry: false,
  });
  const offered = (names.data ?? []).filter(
    (name) => tree.get(name.topic) && (!alone || name.topic === of.id),
  );
  const taken = offered.filter((name) => !left.has(name.topic));
  const take = () => {
    const edits = taken.map(({ topic, label }) => ({ type: "Rename" as const, topic, label }));
    actions.edit({ type: "Several", edits });
    say(`${counted(taken.length, "topic")} renamed`);
    onClose();
  };
  return (
    <>
      <p>
        What you named yourself and what an author's heading names stays. Nothing is renamed before
        you take it; one undo takes it back.
      </p>
      {names.isPending && <p role="status">Reading the passages…</p>}
      {names.isError && <Trouble role="alert">{names.error.message}</Trouble>}
      {names.isSuccess && offered.length === 0 && (
        <p role="status">Each topic here has the best name that its passages offer.</p>
      )}
      {offered.length > 0 && (
        <TakeList
          label="Topics that could have another name"
          lines={offered.map((name) => lineOf(tree, name))}
          left={left}
          onLeft={setLeft}
        />
      )}
      <TakeNames count={taken.length} onTake={take} onClose={onClose} />
    </>
  );
}
