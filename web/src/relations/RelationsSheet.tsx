import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import styled from "styled-components";
import { request } from "../api/client";
import type { CrossLink, RelationsFound } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import type { Tree } from "../map/tree";
import { Button } from "../ui/Button";
import { Row, Trouble } from "../ui/Field";
import { Sheet, SheetButtons } from "../ui/Sheet";
import { Tick } from "../ui/Tick";
import { counted } from "../ui/words";

const List = styled.ul`
  list-style: none;
  max-height: 38vh;
  overflow: auto;
  border-block: 1px solid ${({ theme }) => theme.rule};
  li { padding: 5px 2px; }
  li + li { border-top: 1px solid ${({ theme }) => theme.rule}; }
  em { font-style: italic; }
  small { display: block; margin-left: 23px; font-size: 14px; color: ${({ theme }) => theme.softInk}; }
`;

const Part = styled.section`
  display: grid;
  gap: 8px;
  h3 { font: 700 15px/20px ${({ theme }) => theme.control}; }
`;

type RelationsSheetProps = {
  tree: Tree;
  actions: DeskActions;
  isOpen: boolean;
  onOpenChange: (open: boolean) => void;
  onChoose: (topics: readonly string[]) => void;
  say: (words: string) => void;
};

/** Looks after the relations of a map: what says nothing more, and which topics matter. */
export function RelationsSheet(props: RelationsSheetProps) {
  return (
    <Sheet
      title="Relations of this map"
      isOpen={props.isOpen}
      onOpenChange={props.onOpenChange}
      wide
    >
      <Looking {...props} />
    </Sheet>
  );
}

type Found = RelationsFound["redundant"][number];

function Looking({ tree, actions, onOpenChange, onChoose, say }: RelationsSheetProps) {
  const { desk } = tree;
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const found = useQuery({
    queryKey: ["relations", desk.id, desk.facts.revision],
    queryFn: () => request<RelationsFound>("GET", `/api/maps/${desk.id}/relations`),
    placeholderData: (before) => before,
  });
  const links = new Map(desk.links.map((link) => [link.id, link]));
  const redundant = (found.data?.redundant ?? []).filter((each) => links.has(each.link));
  const cleaned = redundant.filter((each) => !left.has(each.link)).map((each) => each.link);
  const choose = (ids: readonly string[]) => {
    onChoose(ids);
    onOpenChange(false);
  };
  const { root } = tree;
  const flat = root.children.filter((id) => (tree.get(id)?.children.length ?? 0) === 0);
  const linked = new Set(desk.links.flatMap((link) => [link.from, link.to]));
  const hangs = flat.filter((id) => linked.has(id)).length;
  return (
    <>
      {found.isPending && <p role="status">Looking at the relations…</p>}
      {found.error && <Trouble role="alert">{found.error.message}</Trouble>}
      {found.data && (
        <>
          <Part>
            <h3>Which topics matter</h3>
            <Row>
              <Button
                isDisabled={found.data.key.length === 0}
                onPress={() => choose(found.data.key)}
              >
                {counted(found.data.key.length, "key topic")}
              </Button>
              <Button
                isDisabled={found.data.ends.length === 0}
                onPress={() => choose(found.data.ends)}
              >
                {counted(found.data.ends.length, "end topic")}
              </Button>
              <Button
                isDisabled={found.data.central.length === 0}
                onPress={() => choose(found.data.central)}
              >
                The most central one
              </Button>
            </Row>
            <p>
              Key topics have more relations than the average, end topics just one. Lines of the
              tree count, but for those to the root. Pressing one chooses them on the map.
            </p>
          </Part>
          {hangs > 2 && (
            <Part>
              <h3>Topics side by side</h3>
              <p>
                {counted(hangs, "main branch", "main branches")} with nothing below{" "}
                {hangs === 1 ? "is" : "are"} related to others. They can hang under each other as
                their relations lead; the words go onto the lines.
              </p>
              <Row>
                <Button
                  onPress={() => {
                    actions.edit({ type: "Hang", topic: root.id });
                    say("Hung by their relations");
                    onOpenChange(false);
                  }}
                >
                  Hang them by their relations
                </Button>
              </Row>
            </Part>
          )}
          <Part>
            <h3>Links that say nothing more</h3>
            {redundant.length === 0 && <p>There are none: every link says something of its own.</p>}
            {redundant.length > 0 && (
              <List aria-label="Links that say nothing more">
                {redundant.map((each) => (
                  <li key={each.link}>
                    <Tick
                      isSelected={!left.has(each.link)}
                      onChange={(on) => setLeft((before) => without(before, each.link, on))}
                    >
                      <span>{reads(tree, links.get(each.link))}</span>
                    </Tick>
                    <small>{reason(tree, links, each)}</small>
                  </li>
                ))}
              </List>
            )}
          </Part>
        </>
      )}
      <SheetButtons>
        <Button onPress={() => onOpenChange(false)}>Close</Button>
        {redundant.length > 0 && (
          <Button
            $strong
            isDisabled={cleaned.length === 0}
            onPress={() => {
              actions.edit({ type: "Clean", links: cleaned });
              say(`${counted(cleaned.length, "link")} taken away`);
            }}
          >
            {`Take ${counted(cleaned.length, "link")} away`}
          </Button>
        )}
      </SheetButtons>
    </>
  );
}

function without(all: ReadonlySet<string>, one: string, gone: boolean): ReadonlySet<string> {
  const next = new Set(all);
  gone ? next.delete(one) : next.add(one);
  return next;
}

/** A link as a sentence. */
function reads(tree: Tree, link: CrossLink | undefined): string {
  const from = tree.get(link?.from ?? null)?.label ?? "";
  const to = tree.get(link?.to ?? null)?.label ?? "";
  return `${from} — ${link?.phrase || "is linked to"} — ${to}`;
}

function reason(tree: Tree, links: ReadonlyMap<string, CrossLink>, found: Found): string {
  const others = found.others.map((id) => reads(tree, links.get(id)));
  switch (found.reason) {
    case "TWICE":
      return `Said already by: ${others[0]}`;
    case "BOTH_WAYS":
      return `Said the other way too: ${others[0]}. That one will point both ways.`;
    case "TREE":
      return "One stands right under the other, which says the same.";
    default:
      return `Goes without saying by: ${others.join("; ")}`;
  }
}
