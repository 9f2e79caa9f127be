import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import styled from "styled-components";
import { request } from "../api/client";
import type { Remark } from "../api/types";
import { when } from "../history/words";
import type { Tree } from "../map/tree";
import { Choice } from "../ui/Choice";
import { Sheet } from "../ui/Sheet";

const List = styled.ul`
  list-style: none;
  max-height: 56vh;
  overflow: auto;
  border-block: 1px solid ${({ theme }) => theme.rule};
  li + li { border-top: 1px solid ${({ theme }) => theme.rule}; }
  button {
    display: grid;
    width: 100%;
    padding: 7px 4px;
    border: 0;
    background: none;
    text-align: left;
    cursor: pointer;
    font: 400 16px/23px ${({ theme }) => theme.reading};
    color: inherit;
    &:hover { background: ${({ theme }) => theme.shelf}; }
  }
  small { font: 400 14px/20px ${({ theme }) => theme.control}; color: ${({ theme }) => theme.softInk}; }
`;

type RemarksSheetProps = {
  tree: Tree;
  isOpen: boolean;
  onOpenChange: (open: boolean) => void;
  onSelect: (topic: string) => void;
};

/** All remarks on a map, each leading to what it is on. */
export function RemarksSheet(props: RemarksSheetProps) {
  return (
    <Sheet title="Remarks" isOpen={props.isOpen} onOpenChange={props.onOpenChange}>
      <All {...props} />
    </Sheet>
  );
}

function All({ tree, onOpenChange, onSelect }: RemarksSheetProps) {
  const { desk } = tree;
  const [open, setOpen] = useState(true);
  // on which topic each passage stands is not on the page
  const homes = useQuery({
    queryKey: ["passage homes", desk.id, desk.facts.revision],
    queryFn: () => request<Record<string, string>>("GET", `/api/maps/${desk.id}/passages/topics`),
    placeholderData: (before) => before,
  });
  const links = new Map(desk.links.map((link) => [link.id, link]));
  const home = ({ subject }: Remark) =>
    tree.get(subject) ??
    tree.get(links.get(subject)?.from ?? null) ??
    tree.get(homes.data?.[subject] ?? null);
  const on = (remark: Remark) => {
    const topic = home(remark);
    const what = tree.get(remark.subject)
      ? ""
      : links.has(remark.subject)
        ? "a link of "
        : "a passage of ";
    return topic ? `${what}${topic.label}` : "what is not on the map any more";
  };
  const shown = desk.comments.filter((remark) => !open || !remark.resolved);
  return (
    <>
      <Choice
        label="Which"
        value={open ? "open" : "all"}
        options={[
          ["open", "Open ones"],
          ["all", "All"],
        ]}
        onChange={(value) => setOpen(value === "open")}
      />
      {shown.length === 0 && <p>There are none.</p>}
      {shown.length > 0 && (
        <List aria-label="Remarks">
          {shown.map((remark) => (
            <li key={remark.id}>
              <button
                type="button"
                onClick={() => {
                  const topic = home(remark);
                  if (topic) {
                    onSelect(topic.id);
                    onOpenChange(false);
                  }
                }}
              >
                {remark.text}
                <small>
                  on {on(remark)} · {when(remark.at)}
                  {remark.resolved && " · resolved"}
                </small>
              </button>
            </li>
          ))}
        </List>
      )}
    </>
  );
}
