import { useState } from "react";
import { Input, Label, ListBox, ListBoxItem } from "react-aria-components";
import styled from "styled-components";
import type { Topic } from "../api/types";
import type { Tree } from "../map/tree";
import { pigment } from "../theme/tokens";
import { Field } from "../ui/Field";
import { menuItem } from "../ui/menu";

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

type TopicPickerProps = {
  tree: Tree;
  label: string;
  /** Whether a topic may be chosen. */
  offers: (topic: Topic) => boolean;
  chosen: string | null;
  onChoose: (topic: string | null) => void;
  /** Goes on with the topic that is chosen. */
  onTake?: () => void;
};

/**
 * Chooses a topic by a few letters of its label or number: Enter chooses the first, the arrow keys
 * another, Enter on the one that is chosen goes on with it.
 */
export function TopicPicker({ tree, label, offers, chosen, onChoose, onTake }: TopicPickerProps) {
  const [sought, setSought] = useState("");
  const low = sought.trim().toLocaleLowerCase();
  const found = tree.desk.topics.filter(
    (t) => offers(t) && `${t.number} ${t.label}`.toLocaleLowerCase().includes(low),
  );
  const at = found.findIndex((t) => t.id === chosen);
  const keyed = (event: Pick<KeyboardEvent, "key" | "preventDefault">) => {
    const next = found[event.key === "Enter" ? 0 : at + (event.key === "ArrowUp" ? -1 : 1)];
    if (event.key === "Enter" && at >= 0 && onTake) {
      event.preventDefault();
      onTake();
    } else if (next && (event.key === "Enter" || (onTake && /^Arrow(Up|Down)$/.test(event.key)))) {
      event.preventDefault();
      onChoose(next.id);
    }
  };
  return (
    <>
      <Field autoFocus value={sought} onChange={setSought} onKeyDown={keyed}>
        <Label>{label}</Label>
        <Input />
      </Field>
      <div
        onKeyDownCapture={(event) => {
          if (event.key === "Enter" && at >= 0 && onTake) {
            event.stopPropagation();
            keyed(event);
          }
        }}
      >
        <List
          aria-label="The other topic"
          selectionMode="single"
          disallowEmptySelection
          selectedKeys={chosen ? [chosen] : []}
          onSelectionChange={(keys) =>
            onChoose(keys === "all" ? null : String([...keys][0] ?? "") || null)
          }
          renderEmptyState={() => <p>No other topic is called that.</p>}
        >
          {found.slice(0, MOST).map((t) => (
            <Item key={t.id} id={t.id} textValue={t.label}>
              <b style={{ color: pigment(t.branch) }}>{t.number}</b>
              {t.label}
            </Item>
          ))}
        </List>
      </div>
      {found.length > MOST && <p>{found.length - MOST} more: type a few letters of it.</p>}
    </>
  );
}
