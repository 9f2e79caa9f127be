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
};

/** Chooses a topic by a few letters of its label or number; Enter takes the first. */
export function TopicPicker({ tree, label, offers, chosen, onChoose }: TopicPickerProps) {
  const [sought, setSought] = useState("");
  const low = sought.trim().toLocaleLowerCase();
  const found = tree.desk.topics.filter(
    (t) => offers(t) && `${t.number} ${t.label}`.toLocaleLowerCase().includes(low),
  );
  return (
    <>
      <Field
        autoFocus
        value={sought}
        onChange={setSought}
        onKeyDown={(event) => event.key === "Enter" && found[0] && onChoose(found[0].id)}
      >
        <Label>{label}</Label>
        <Input />
      </Field>
      <List
        aria-label="The other topic"
        selectionMode="single"
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
      {found.length > MOST && <p>{found.length - MOST} more: type a few letters of it.</p>}
    </>
  );
}
