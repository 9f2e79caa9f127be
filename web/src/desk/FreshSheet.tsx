import styled from "styled-components";
import type { Desk, Topic } from "../api/types";
import { pigment } from "../theme/tokens";
import { Button, TextButton } from "../ui/Button";
import { Sheet, SheetButtons } from "../ui/Sheet";
import { counted } from "../ui/words";

const Figures = styled.table`
  border-collapse: collapse;
  th { text-align: left; font-weight: 500; }
  th, td { padding: 4px 24px 4px 0; border-bottom: 1px solid ${({ theme }) => theme.rule}; }
  td, thead th + th { text-align: right; font-variant-numeric: tabular-nums; }
`;

const List = styled.ul`
  list-style: none;
  display: grid;
  gap: 6px;
  b { font-weight: 700; margin-right: 6px; }
  small { font-size: 14px; color: ${({ theme }) => theme.softInk}; margin-left: 8px; }
`;

/** Counts before and after what came. */
export function figures(desk: Desk): readonly (readonly [string, number, number])[] {
  const topics = desk.topics.length - 1;
  const came = desk.topics.filter((topic) => topic.fresh && topic.came).length;
  const passages = desk.topics.reduce((sum, topic) => sum + topic.own, 0);
  const added = desk.topics.reduce((sum, topic) => sum + (topic.fresh ? topic.added : 0), 0);
  return [
    ["Topics", topics - came, topics],
    ["Passages", passages - added, passages],
  ];
}

type FreshSheetProps = {
  desk: Desk;
  isOpen: boolean;
  onOpenChange: (open: boolean) => void;
  onShow: (topic: Topic) => void;
  onAllSeen: () => void;
};

/** What a source that was folded in brought, before and after, and topic by topic. */
export function FreshSheet({ desk, isOpen, onOpenChange, onShow, onAllSeen }: FreshSheetProps) {
  const fresh = desk.topics.filter((topic) => topic.fresh);
  const groups = [
    ["New topics", fresh.filter((topic) => topic.came)],
    ["Topics that were there", fresh.filter((topic) => !topic.came)],
  ] as const;
  return (
    <Sheet title="What came" isOpen={isOpen} onOpenChange={onOpenChange}>
      <Figures>
        <thead>
          <tr>
            <th scope="col">On the map</th>
            <th scope="col">Before</th>
            <th scope="col">Now</th>
          </tr>
        </thead>
        <tbody>
          {figures(desk).map(([what, before, now]) => (
            <tr key={what}>
              <th scope="row">{what}</th>
              <td>{before}</td>
              <td>{now}</td>
            </tr>
          ))}
        </tbody>
      </Figures>
      <p>
        Labels, notes, places and links that were there are as they were. One undo takes it back.
      </p>
      {groups.map(
        ([title, topics]) =>
          topics.length > 0 && (
            <section key={title} aria-label={title}>
              <h3>{title}</h3>
              <List>
                {topics.map((topic) => (
                  <li key={topic.id}>
                    <TextButton
                      onPress={() => {
                        onOpenChange(false);
                        onShow(topic);
                      }}
                    >
                      <b style={{ color: pigment(topic.branch) }}>{topic.number}</b>
                      {topic.label}
                    </TextButton>
                    {topic.added > 0 && <small>{counted(topic.added, "passage")} new</small>}
                  </li>
                ))}
              </List>
            </section>
          ),
      )}
      <SheetButtons>
        <Button
          onPress={() => {
            onOpenChange(false);
            onAllSeen();
          }}
        >
          All seen
        </Button>
      </SheetButtons>
    </Sheet>
  );
}
