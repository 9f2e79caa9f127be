import { useState } from "react";
import type { Topic } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import { useAssistant } from "../brief/useAssistant";
import type { Tree } from "../map/tree";
import { Choice } from "../ui/Choice";
import { Sheet } from "../ui/Sheet";
import { NamesByAssistant } from "./NamesByAssistant";
import { NamesByPassages } from "./NamesByPassages";

type NamesSheetProps = {
  tree: Tree;
  actions: DeskActions;
  /** The topic whose branch is named, or null while none is. */
  topic: string | null;
  /** The reply of an assistant to begin with, or null. */
  reply: string | null;
  onClose: () => void;
  say: (words: string) => void;
};

/** What a branch could be called, by its passages or an assistant, to be taken topic by topic. */
export function NamesSheet({ topic, ...props }: NamesSheetProps) {
  const of = props.tree.get(topic);
  return (
    <Sheet
      title={of ? `Names for “${of.label}”` : "Names"}
      wide
      isOpen={of !== undefined}
      onOpenChange={(open) => !open && props.onClose()}
    >
      {of && <Names key={`${of.id} ${props.reply}`} {...props} of={of} />}
    </Sheet>
  );
}

function Names({ of, reply, ...props }: Omit<NamesSheetProps, "topic"> & { of: Topic }) {
  const [from, setFrom] = useState(reply ? "assistant" : "passages");
  const [alone, setAlone] = useState(false);
  const assistant = useAssistant();
  const called = assistant.data?.set && (assistant.data.name || assistant.data.model);
  return (
    <>
      <Choice
        label="Whose names"
        value={from}
        options={[
          ["passages", "From the passages"],
          ["assistant", called ? `From ${called}` : "From a text assistant"],
        ]}
        onChange={setFrom}
      />
      {of.children.length > 0 && (
        <Choice
          label="For which topics"
          value={alone ? "alone" : "below"}
          options={[
            ["below", of.parent === null ? "The whole map" : "It and all below it"],
            ["alone", "It alone"],
          ]}
          onChange={(value) => setAlone(value === "alone")}
        />
      )}
      {from === "passages" ? (
        <NamesByPassages {...props} of={of} alone={alone} />
      ) : (
        assistant.data && (
          <NamesByAssistant
            key={String(alone)}
            {...props}
            of={of}
            alone={alone || of.children.length === 0}
            assistant={assistant.data}
            first={alone ? null : reply}
          />
        )
      )}
    </>
  );
}
