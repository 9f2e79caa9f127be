import type { Topic } from "../api/types";
import type { Tree } from "../map/tree";
import { TopicPicker } from "../relations/TopicPicker";
import { TextButton } from "../ui/Button";
import { Sheet, SheetButtons } from "../ui/Sheet";

type GoSheetProps = {
  tree: Tree;
  isOpen: boolean;
  onOpenChange: (open: boolean) => void;
  onShow: (topic: Topic) => void;
  onReplace: () => void;
};

/** Goes to a topic by a few letters of its label or number. */
export function GoSheet({ tree, isOpen, onOpenChange, onShow, onReplace }: GoSheetProps) {
  return (
    <Sheet title="Go to a topic" isOpen={isOpen} onOpenChange={onOpenChange}>
      <TopicPicker
        tree={tree}
        label="A few letters of its label, or its number"
        offers={() => true}
        chosen={null}
        onChoose={(id) => {
          const topic = tree.get(id);
          if (topic) {
            onOpenChange(false);
            onShow(topic);
          }
        }}
      />
      <SheetButtons>
        <TextButton onPress={onReplace}>Find and replace words…</TextButton>
      </SheetButtons>
    </Sheet>
  );
}
