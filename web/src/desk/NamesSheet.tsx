import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { request } from "../api/client";
import type { Offered, Topic } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import type { Tree } from "../map/tree";
import { Button } from "../ui/Button";
import { Trouble } from "../ui/Field";
import { Sheet, SheetButtons } from "../ui/Sheet";
import { TakeList } from "../ui/TakeList";
import { counted } from "../ui/words";

type NamesSheetProps = {
  tree: Tree;
  actions: DeskActions;
  /** The topic whose branch is named, or null while none is. */
  topic: string | null;
  onClose: () => void;
  say: (words: string) => void;
};

/** What a branch could be called by its passages, to be taken or left topic by topic. */
export function NamesSheet({ tree, actions, topic, onClose, say }: NamesSheetProps) {
  const of = tree.get(topic);
  return (
    <Sheet
      title={of ? `Names from the passages, for “${of.label}” and below` : "Names"}
      wide
      isOpen={of !== undefined}
      onOpenChange={(open) => !open && onClose()}
    >
      {of && (
        <Names key={of.id} tree={tree} actions={actions} of={of} onClose={onClose} say={say} />
      )}
    </Sheet>
  );
}

type NamesProps = Omit<NamesSheetProps, "topic"> & { of: Topic };

function Names({ tree, actions, of, onClose, say }: NamesProps) {
  const { id, facts } = tree.desk;
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const names = useQuery({
    queryKey: ["names", id, of.id, facts.revision],
    queryFn: () => request<Offered[]>("GET", `/api/maps/${id}/topics/${of.id}/names`),
    retry: false,
  });
  const offered = (names.data ?? []).filter((name) => tree.get(name.topic));
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
          lines={offered.map((name) => {
            const now = tree.get(name.topic);
            return {
              key: name.topic,
              number: now?.number ?? "",
              branch: now?.branch ?? -1,
              before: now?.label ?? "",
              after: name.label,
            };
          })}
          left={left}
          onLeft={setLeft}
        />
      )}
      <SheetButtons>
        <Button onPress={onClose}>Leave all as they are</Button>
        <Button $strong isDisabled={taken.length === 0} onPress={take}>
          {taken.length === 0 ? "Rename none" : `Rename ${counted(taken.length, "topic")}`}
        </Button>
      </SheetButtons>
    </>
  );
}
