import { useState } from "react";
import type { Desk } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import { Button } from "../ui/Button";
import { Choice } from "../ui/Choice";
import { Sheet, SheetButtons } from "../ui/Sheet";
import { counted } from "../ui/words";

type OverSheetProps = {
  desk: Desk;
  actions: DeskActions;
  isOpen: boolean;
  onOpenChange: (open: boolean) => void;
  onSelect: (topic: string) => void;
  say: (words: string) => void;
};

/** Empties the map, to begin again. */
export function OverSheet(props: OverSheetProps) {
  const { desk, actions, isOpen, onOpenChange, onSelect, say } = props;
  const [keep, setKeep] = useState(true);
  const root = desk.topics[0];
  const empty = () => {
    actions.edit({ type: "Empty", keepSources: keep });
    if (root) {
      onSelect(root.id);
    }
    say("The map is empty; undo brings everything back");
    onOpenChange(false);
  };
  return (
    <Sheet title="Start over" isOpen={isOpen} onOpenChange={onOpenChange}>
      <p>
        {counted(desk.topics.length - 1, "topic")} will be taken out, with notes and links. The
        title stays. Undo brings all of it back, and so does the history.
      </p>
      {desk.sources.length > 0 && (
        <Choice
          label={`The ${counted(desk.sources.length, "source")}`}
          value={keep ? "keep" : "drop"}
          options={[
            ["keep", "Keep them on the shelf"],
            ["drop", "Take them off too"],
          ]}
          onChange={(value) => setKeep(value === "keep")}
        />
      )}
      <SheetButtons>
        <Button onPress={() => onOpenChange(false)}>Cancel</Button>
        <Button $strong onPress={empty}>
          Empty the map
        </Button>
      </SheetButtons>
    </Sheet>
  );
}
