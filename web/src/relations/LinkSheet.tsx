import { useState } from "react";
import { Input, Label, ListBox, ListBoxItem } from "react-aria-components";
import styled from "styled-components";
import type { DeskActions } from "../api/useDesk";
import type { Tree } from "../map/tree";
import { pigment } from "../theme/tokens";
import { Button } from "../ui/Button";
import { Field } from "../ui/Field";
import { menuItem } from "../ui/menu";
import { Sheet, SheetButtons } from "../ui/Sheet";

const MOST = 60;

const List = styled(ListBox)`
  height: 230px;
  overflow: auto;
  border: 1px solid ${({ theme }) => theme.rule};
  border-radius: ${({ theme }) => theme.radius};
  padding: 4px;
  outline: none;
  &[data-focus-visible] { outline: 2px solid ${({ theme }) => theme.rubric}; outline-offset: 2px; }
`;

const Item = styled(ListBoxItem)`
  ${menuItem}
  b { font: 700 13px/20px ${({ theme }) => theme.control}; margin-right: 8px; }
  &[data-selected] { background: ${({ theme }) => theme.highlight}; }
`;

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
  const [sought, setSought] = useState("");
  const [to, setTo] = useState<string | null>(null);
  const [phrase, setPhrase] = useState("");
  const low = sought.trim().toLocaleLowerCase();
  const linked = new Set(tree.desk.links.filter((l) => l.from === from).map((l) => l.to));
  const others = tree.desk.topics.filter(
    (t) =>
      t.id !== from &&
      !linked.has(t.id) &&
      `${t.number} ${t.label}`.toLocaleLowerCase().includes(low),
  );
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
      <Field autoFocus value={sought} onChange={setSought}>
        <Label>Find the other topic</Label>
        <Input />
      </Field>
      <List
        aria-label="The other topic"
        selectionMode="single"
        selectedKeys={to ? [to] : []}
        onSelectionChange={(keys) =>
          setTo(keys === "all" ? null : String([...keys][0] ?? "") || null)
        }
        renderEmptyState={() => <p>No other topic is called that.</p>}
      >
        {others.slice(0, MOST).map((t) => (
          <Item key={t.id} id={t.id} textValue={t.label}>
            <b style={{ color: pigment(t.branch) }}>{t.number}</b>
            {t.label}
          </Item>
        ))}
      </List>
      {others.length > MOST && <p>{others.length - MOST} more: type a few letters of it.</p>}
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
