import { useState } from "react";
import { Input, Label } from "react-aria-components";
import type { DeskActions } from "../api/useDesk";
import type { Tree } from "../map/tree";
import { Button } from "../ui/Button";
import { Field } from "../ui/Field";
import { Sheet, SheetButtons } from "../ui/Sheet";
import { TopicPicker } from "./TopicPicker";

type LinkSheetProps = {
  tree: Tree;
  actions: DeskActions;
  /** The topic from which the link leads, or null while no link is made. */
  from: string | null;
  onClose: () => void;
  say: (words: string) => void;
};

/** Makes a cross-link: the other end, and the words on it. */
export function LinkSheet({ tree, actions, from, onClose, say }: LinkSheetProps) {
  const topic = tree.get(from);
  return (
    <Sheet
      title={topic ? `Link “${topic.label}” to another topic` : "Link"}
      isOpen={topic !== undefined}
      onOpenChange={(open) => !open && onClose()}
    >
      {topic && (
        <OtherEnd
          key={topic.id}
          tree={tree}
          actions={actions}
          from={topic.id}
          onClose={onClose}
          say={say}
        />
      )}
    </Sheet>
  );
}

function OtherEnd({ tree, actions, from, onClose, say }: LinkSheetProps & { from: string }) {
  const [to, setTo] = useState<string | null>(null);
  const [phrase, setPhrase] = useState("");
  const linked = new Set(tree.desk.links.filter((l) => l.from === from).map((l) => l.to));
  const link = () => {
    if (to) {
      const id = crypto.randomUUID();
      actions.edit({ type: "Connect", link: id, from, to, phrase: phrase.trim() });
      say(`${tree.get(from)?.label} linked to ${tree.get(to)?.label}`);
      onClose();
    }
  };
  return (
    <>
      <TopicPicker
        tree={tree}
        label="Find the other topic"
        offers={(t) => t.id !== from && !linked.has(t.id)}
        chosen={to}
        onChoose={setTo}
      />
      <Field
        value={phrase}
        maxLength={120}
        onChange={setPhrase}
        onKeyDown={(event) => event.key === "Enter" && link()}
      >
        <Label>Words on the link, read from here to there (may be left empty)</Label>
        <Input placeholder="leads to" />
      </Field>
      <SheetButtons>
        <Button onPress={onClose}>Cancel</Button>
        <Button $strong isDisabled={!to} onPress={link}>
          Link them
        </Button>
      </SheetButtons>
    </>
  );
}
