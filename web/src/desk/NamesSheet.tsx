import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Checkbox } from "react-aria-components";
import styled from "styled-components";
import { request } from "../api/client";
import type { Offered, Topic } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import type { Tree } from "../map/tree";
import { pigment } from "../theme/tokens";
import { Button } from "../ui/Button";
import { Trouble } from "../ui/Field";
import { Sheet, SheetButtons } from "../ui/Sheet";
import { counted } from "../ui/words";

const List = styled.ul`
  list-style: none;
  max-height: 50vh;
  overflow: auto;
  border-block: 1px solid ${({ theme }) => theme.rule};
  li + li { border-top: 1px solid ${({ theme }) => theme.rule}; }
`;

const Line = styled(Checkbox)`
  display: grid;
  grid-template-columns: 18px 46px minmax(0, 1fr) minmax(0, 1fr);
  gap: 4px 12px;
  padding: 7px 4px;
  align-items: baseline;
  cursor: pointer;
  @media (max-width: 620px) { grid-template-columns: 18px 46px minmax(0, 1fr); i { grid-column: 3; } }
  &::before {
    content: "";
    align-self: center;
    width: 15px;
    height: 15px;
    border: 1px solid ${({ theme }) => theme.softInk};
    border-radius: 3px;
    background: ${({ theme }) => theme.page};
  }
  &[data-selected]::before {
    border-color: ${({ theme }) => theme.ink};
    background: ${({ theme }) => theme.ink};
    box-shadow: inset 0 0 0 3px ${({ theme }) => theme.page};
  }
  &[data-focus-visible] { outline: 2px solid ${({ theme }) => theme.rubric}; outline-offset: -2px; }
  b { font: 700 14px/20px ${({ theme }) => theme.control}; }
  i { color: ${({ theme }) => theme.softInk}; }
  span, i { overflow-wrap: anywhere; }
  @media (forced-colors: active) { &[data-selected]::before { background: Highlight; forced-color-adjust: none; } }
`;

type NamesSheetProps = {
  tree: Tree;
  actions: DeskActions;
  /** The topic whose branch is named, or null while none is. */
  topic: string | null;
  onClose: () => void;
  say: (words: string) => void;
};

/** What a branch could be called by its passages, to be taken or left topic by topic. */
export function NamesSheet({ tree, actions, topic, onClose, say }: NamesSheetProps) {
  const of = tree.get(topic);
  return (
    <Sheet
      title={of ? `Names from the passages, for “${of.label}” and below` : "Names"}
      wide
      isOpen={of !== undefined}
      onOpenChange={(open) => !open && onClose()}
    >
      {of && (
        <Names key={of.id} tree={tree} actions={actions} of={of} onClose={onClose} say={say} />
      )}
    </Sheet>
  );
}

type NamesProps = Omit<NamesSheetProps, "topic"> & { of: Topic };

function Names({ tree, actions, of, onClose, say }: NamesProps) {
  const { id, facts } = tree.desk;
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const names = useQuery({
    queryKey: ["names", id, of.id, facts.revision],
    queryFn: () => request<Offered[]>("GET", `/api/maps/${id}/topics/${of.id}/names`),
    retry: false,
  });
  const offered = (names.data ?? []).filter((name) => tree.get(name.topic));
  const taken = offered.filter((name) => !left.has(name.topic));
  const take = () => {
    const edits = taken.map(({ topic, label }) => ({ type: "Rename" as const, topic, label }));
    actions.edit({ type: "Several", edits });
    say(`${counted(taken.length, "topic")} renamed`);
    onClose();
  };
  return (
    <>
      <p>
        What you named yourself and what an author's heading names stays. Nothing is renamed before
        you take it; one undo takes it back.
      </p>
      {names.isPending && <p role="status">Reading the passages…</p>}
      {names.isError && <Trouble role="alert">{names.error.message}</Trouble>}
      {names.isSuccess && offered.length === 0 && (
        <p role="status">Each topic here has the best name that its passages offer.</p>
      )}
      {offered.length > 0 && (
        <List aria-label="Topics that could have another name">
          {offered.map((name) => {
            const now = tree.get(name.topic);
            return (
              <li key={name.topic}>
                <Line
                  isSelected={!left.has(name.topic)}
                  onChange={(on) => setLeft(toggled(left, name.topic, !on))}
                >
                  <b style={{ color: pigment(now?.branch ?? -1) }}>{now?.number}</b>
                  <i>{now?.label}</i>
                  <span>{name.label}</span>
                </Line>
              </li>
            );
          })}
        </List>
      )}
      <SheetButtons>
        <Button onPress={onClose}>Leave all as they are</Button>
        <Button $strong isDisabled={taken.length === 0} onPress={take}>
          {taken.length === 0 ? "Rename none" : `Rename ${counted(taken.length, "topic")}`}
        </Button>
      </SheetButtons>
    </>
  );
}

function toggled(all: ReadonlySet<string>, one: string, within: boolean): ReadonlySet<string> {
  const next = new Set(all);
  if (within) {
    next.add(one);
  } else {
    next.delete(one);
  }
  return next;
}
