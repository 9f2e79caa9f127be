import { useState } from "react";
import type { DeskActions } from "../api/useDesk";
import type { Tree } from "../map/tree";
import { Button } from "../ui/Button";
import { Sheet, SheetButtons } from "../ui/Sheet";
import { called, mayTake, PLACING, type Placing, placed } from "./placing";
import { TopicPicker } from "./TopicPicker";

type PlaceSheetProps = {
  tree: Tree;
  actions: DeskActions;
  /** What goes to another topic, or null while nothing does. */
  placing: Placing | null;
  onClose: () => void;
  onSelect: (topic: string) => void;
  say: (words: string) => void;
};

/** Chooses where a topic or a passage goes. */
export function PlaceSheet({ placing, ...props }: PlaceSheetProps) {
  const what = placing ? called(props.tree, placing) : "";
  return (
    <Sheet
      title={placing ? PLACING[placing.what].title(what) : "Move"}
      isOpen={placing !== null}
      onOpenChange={(open) => !open && props.onClose()}
    >
      {placing && <Where {...props} placing={placing} label={what} />}
    </Sheet>
  );
}

type WhereProps = PlaceSheetProps & { placing: Placing; label: string };

function Where({ tree, actions, placing, label, onClose, onSelect, say }: WhereProps) {
  const [to, setTo] = useState<string | null>(null);
  const words = PLACING[placing.what];
  const place = () => {
    const other = tree.get(to);
    if (other) {
      actions.edit(placed(tree, placing, other));
      say(words.done(label, other.label));
      if (placing.what === "merge") {
        onSelect(other.id);
      }
      onClose();
    }
  };
  return (
    <>
      <p>{words.explains}</p>
      <TopicPicker
        tree={tree}
        label="Find the other topic"
        offers={(other) => mayTake(tree, placing, other)}
        chosen={to}
        onChoose={setTo}
        onTake={place}
      />
      <SheetButtons>
        <Button onPress={onClose}>Cancel</Button>
        <Button $strong isDisabled={!to} onPress={place}>
          {words.press}
        </Button>
      </SheetButtons>
    </>
  );
}
