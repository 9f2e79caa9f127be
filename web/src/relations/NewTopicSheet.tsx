import { useState } from "react";
import { Input, Label } from "react-aria-components";
import type { Edit } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import type { Tree } from "../map/tree";
import { Button } from "../ui/Button";
import { Choice } from "../ui/Choice";
import { Field } from "../ui/Field";
import { Sheet, SheetButtons } from "../ui/Sheet";

/** What a new topic is made around or of. */
export type Making =
  | { what: "between"; topics: readonly string[] }
  | { what: "split"; topic: string; evidence: string; words: string };

const LONGEST_LABEL = 300;
const WORDS = 6;

type NewTopicSheetProps = {
  tree: Tree;
  actions: DeskActions;
  /** What a topic is made of, or null while none is. */
  making: Making | null;
  onClose: () => void;
  onSelect: (topic: string) => void;
  say: (words: string) => void;
};

/** Names a topic that comes above another, or that a passage becomes. */
export function NewTopicSheet({ making, ...props }: NewTopicSheetProps) {
  const topic = props.tree.get(making ? first(making) : null);
  const title =
    making?.what === "split"
      ? "A topic of this passage"
      : `A topic above ${making && making.topics.length > 1 ? `these ${making.topics.length}` : `“${topic?.label ?? ""}”`}`;
  return (
    <Sheet
      title={title}
      isOpen={topic !== undefined}
      onOpenChange={(open) => !open && props.onClose()}
    >
      {making && topic && <Naming {...props} making={making} />}
    </Sheet>
  );
}

function Naming({
  tree,
  actions,
  making,
  onClose,
  onSelect,
  say,
}: NewTopicSheetProps & { making: Making }) {
  const [label, setLabel] = useState(making.what === "split" ? begun(making.words) : "");
  const [where, setWhere] = useState("under");
  const of = tree.get(first(making));
  const make = () => {
    if (label.trim()) {
      const added = crypto.randomUUID();
      actions.edit(made(making, added, label.trim(), where === "under"));
      say(
        `${label.trim()} added ${making.what === "split" ? "with the passage" : `above ${of?.label}`}`,
      );
      onSelect(making.what === "split" ? making.topic : added);
      onClose();
    }
  };
  return (
    <>
      <Field
        autoFocus
        value={label}
        maxLength={LONGEST_LABEL}
        onChange={setLabel}
        onKeyDown={(event) => event.key === "Enter" && make()}
      >
        <Label>Label of the new topic</Label>
        <Input onFocus={(event) => event.target.select()} />
      </Field>
      {making.what === "split" && of?.parent && (
        <Choice
          label="Where it comes"
          value={where}
          options={[
            ["under", `Under “${of.label}”`],
            ["beside", "Right after it"],
          ]}
          onChange={setWhere}
        />
      )}
      <SheetButtons>
        <Button onPress={onClose}>Cancel</Button>
        <Button $strong isDisabled={!label.trim()} onPress={make}>
          Add it
        </Button>
      </SheetButtons>
    </>
  );
}

function made(making: Making, added: string, label: string, under: boolean): Edit {
  return making.what === "split"
    ? { type: "Split", topic: making.topic, evidence: [making.evidence], added, label, under }
    : { type: "Between", topic: added, label, around: [...making.topics] };
}

/** The topic that it is about, or the first of those. */
function first(making: Making): string {
  return making.what === "split" ? making.topic : (making.topics[0] ?? "");
}

/** The first words of a passage. */
export function begun(passage: string): string {
  const words = passage.trim().split(/\s+/).slice(0, WORDS).join(" ").slice(0, LONGEST_LABEL);
  return words.replace(/[\s,;:.!?]+$/u, "");
}
