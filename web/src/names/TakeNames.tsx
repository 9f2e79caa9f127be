import type { Tree } from "../map/tree";
import { Button } from "../ui/Button";
import { SheetButtons } from "../ui/Sheet";
import type { TakeLine } from "../ui/TakeList";
import { counted } from "../ui/words";

/** What a topic is called now and what it could be called. */
export function lineOf(tree: Tree, name: { topic: string; label: string }): TakeLine {
  const now = tree.get(name.topic);
  return {
    key: name.topic,
    number: now?.number ?? "",
    branch: now?.branch ?? -1,
    before: now?.label ?? "",
    after: name.label,
  };
}

type TakeNamesProps = { count: number; onTake: () => void; onClose: () => void };

/** Takes so many names, or none. */
export function TakeNames({ count, onTake, onClose }: TakeNamesProps) {
  return (
    <SheetButtons>
      <Button onPress={onClose}>Leave all as they are</Button>
      <Button $strong isDisabled={count === 0} onPress={onTake}>
        {count === 0 ? "Rename none" : `Rename ${counted(count, "topic")}`}
      </Button>
    </SheetButtons>
  );
}
