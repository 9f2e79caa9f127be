import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { ListBox, ListBoxItem } from "react-aria-components";
import styled from "styled-components";
import { request } from "../api/client";
import type { Template } from "../api/types";
import { Button } from "../ui/Button";
import { Trouble } from "../ui/Field";
import { menuItem } from "../ui/menu";
import { Sheet, SheetButtons } from "../ui/Sheet";
import { counted } from "../ui/words";

const List = styled(ListBox)`
  max-height: 56vh;
  overflow: auto;
  border-block: 1px solid ${({ theme }) => theme.rule};
  outline: none;
  &[data-focus-visible] { outline: 2px solid ${({ theme }) => theme.rubric}; outline-offset: -2px; }
`;

const Item = styled(ListBoxItem)`
  ${menuItem}
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0 12px;
  padding: 8px 10px;
  border-radius: 0;
  & + & { border-top: 1px solid ${({ theme }) => theme.rule}; }
  b { font: 500 17px/24px ${({ theme }) => theme.reading}; }
  small { font-size: 14px; color: ${({ theme }) => theme.softInk}; }
  p { grid-column: 1 / 3; color: ${({ theme }) => theme.softInk}; }
  &[data-selected] { background: ${({ theme }) => theme.highlight}; p, small { color: ${({ theme }) => theme.ink}; } }
`;

type TemplateSheetProps = {
  isOpen: boolean;
  onOpenChange: (open: boolean) => void;
  onBegun: (map: string) => void;
};

/** Begins a map from a template. */
export function TemplateSheet(props: TemplateSheetProps) {
  return (
    <Sheet title="Begin from a template" isOpen={props.isOpen} onOpenChange={props.onOpenChange}>
      <Choosing {...props} />
    </Sheet>
  );
}

function Choosing({ onOpenChange, onBegun }: TemplateSheetProps) {
  const [chosen, setChosen] = useState<string | null>(null);
  const [trouble, setTrouble] = useState<Error | null>(null);
  const templates = useQuery({
    queryKey: ["templates"],
    queryFn: () => request<Template[]>("GET", "/api/templates"),
  });
  const begin = async () => {
    try {
      const made = await request<{ id: string }>("POST", "/api/templates", { template: chosen });
      onBegun(made.id);
      onOpenChange(false);
    } catch (e) {
      setTrouble(e instanceof Error ? e : new Error(String(e)));
    }
  };
  // ours have names, a person's own have identities
  const own = chosen !== null && chosen.length > 30;
  const forget = async () => {
    try {
      await request<void>("DELETE", `/api/maps/${chosen}`);
      setChosen(null);
      templates.refetch();
    } catch (e) {
      setTrouble(e instanceof Error ? e : new Error(String(e)));
    }
  };
  const problem = templates.error ?? trouble;
  return (
    <>
      <p>A new map with these topics and no sources; what you do to it stays with it.</p>
      <List
        aria-label="Templates"
        selectionMode="single"
        selectedKeys={chosen ? [chosen] : []}
        onSelectionChange={(keys) => setChosen(String([...keys][0] ?? "") || null)}
      >
        {templates.data?.map((template) => (
          <Item key={template.id} id={template.id} textValue={template.title}>
            <b>{template.title}</b>
            <small>{counted(template.topics, "topic")}</small>
            <p>{template.explains}</p>
          </Item>
        ))}
      </List>
      {problem && <Trouble role="alert">{problem.message}</Trouble>}
      <SheetButtons>
        {own && <Button onPress={forget}>Delete this template for good</Button>}
        <Button onPress={() => onOpenChange(false)}>Cancel</Button>
        <Button $strong isDisabled={!chosen} onPress={begin}>
          Begin the map
        </Button>
      </SheetButtons>
    </>
  );
}
