import { useState } from "react";
import { Input, Label } from "react-aria-components";
import type { Direction, Edit } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import type { Tree } from "../map/tree";
import { Button } from "../ui/Button";
import { Choice } from "../ui/Choice";
import { Field } from "../ui/Field";
import { Sheet, SheetButtons } from "../ui/Sheet";
import { Tick } from "../ui/Tick";
import { DIRECTIONS } from "./directions";
import { TopicPicker } from "./TopicPicker";

type LinkSheetProps = {
  tree: Tree;
  actions: DeskActions;
  /** The topic from which the link leads, or null while no link is made. */
  from: string | null;
  /** The other end, if it is chosen already. */
  to: string | null;
  onClose: () => void;
  say: (words: string) => void;
};

/** Makes a cross-link: the other end, and the words on it. */
export function LinkSheet({ tree, actions, from, to, onClose, say }: LinkSheetProps) {
  const topic = tree.get(from);
  return (
    <Sheet
      title={topic ? `Link “${topic.label}” to another topic` : "Link"}
      isOpen={topic !== undefined}
      onOpenChange={(open) => !open && onClose()}
    >
      {topic && (
        <OtherEnd
          key={`${topic.id} ${to}`}
          tree={tree}
          actions={actions}
          from={topic.id}
          to={to}
          onClose={onClose}
          say={say}
        />
      )}
    </Sheet>
  );
}

function OtherEnd(props: LinkSheetProps & { from: string }) {
  const { tree, actions, from, onClose, say } = props;
  const [to, setTo] = useState(props.to);
  const [phrase, setPhrase] = useState("");
  const [direction, setDirection] = useState<Direction>("ONE");
  const [supposed, setSupposed] = useState(false);
  const used = [...new Set(tree.desk.links.map((link) => link.phrase).filter(Boolean))].sort();
  const link = () => {
    if (to) {
      const id = crypto.randomUUID();
      const connect: Edit = { type: "Connect", link: id, from, to, phrase: phrase.trim() };
      actions.edit(
        direction === "ONE" && !supposed
          ? connect
          : {
              type: "Several",
              edits: [connect, { type: "Qualify", link: id, direction, supposed }],
            },
      );
      say(`${tree.get(from)?.label} linked to ${tree.get(to)?.label}`);
      onClose();
    }
  };
  return (
    <>
      {props.to === null ? (
        <TopicPicker
          tree={tree}
          label="Find the other topic"
          offers={(t) => t.id !== from}
          chosen={to}
          onChoose={setTo}
          onTake={link}
        />
      ) : (
        <p>
          To <b>{tree.get(props.to)?.label}</b>
        </p>
      )}
      <Field
        autoFocus={props.to !== null}
        value={phrase}
        maxLength={120}
        onChange={setPhrase}
        onKeyDown={(event) => event.key === "Enter" && link()}
      >
        <Label>Words on the link, read from here to there (may be left empty)</Label>
        <Input placeholder="leads to" list="linking-phrases" />
      </Field>
      <datalist id="linking-phrases">
        {used.map((words) => (
          <option key={words} value={words} />
        ))}
      </datalist>
      <Choice
        label="Where it points"
        value={direction}
        options={DIRECTIONS}
        onChange={(value) => setDirection(value as Direction)}
      />
      <Tick isSelected={supposed} onChange={setSupposed}>
        Hypothesis, not yet shown
      </Tick>
      <SheetButtons>
        <Button onPress={onClose}>Cancel</Button>
        <Button $strong isDisabled={!to} onPress={link}>
          Link them
        </Button>
      </SheetButtons>
    </>
  );
}
