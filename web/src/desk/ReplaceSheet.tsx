import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Input, Label } from "react-aria-components";
import { request } from "../api/client";
import type { Desk, Edit, Found } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import type { Tree } from "../map/tree";
import { Button } from "../ui/Button";
import { Field, Trouble } from "../ui/Field";
import { Sheet, SheetButtons } from "../ui/Sheet";
import { type TakeLine, TakeList } from "../ui/TakeList";
import { counted } from "../ui/words";

type ReplaceSheetProps = {
  tree: Tree;
  actions: DeskActions;
  isOpen: boolean;
  onOpenChange: (open: boolean) => void;
  say: (words: string) => void;
};

/** Finds words in labels, notes and linking phrases, and puts others in their place. */
export function ReplaceSheet({ isOpen, onOpenChange, ...props }: ReplaceSheetProps) {
  return (
    <Sheet title="Find and replace on the map" wide isOpen={isOpen} onOpenChange={onOpenChange}>
      <Replacing {...props} onClose={() => onOpenChange(false)} />
    </Sheet>
  );
}

type ReplacingProps = Omit<ReplaceSheetProps, "isOpen" | "onOpenChange"> & { onClose: () => void };

function Replacing({ tree, actions, onClose, say }: ReplacingProps) {
  const { id, facts } = tree.desk;
  const [words, setWords] = useState("");
  const [by, setBy] = useState("");
  const [exact, setExact] = useState(false);
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const asked = new URLSearchParams({ words, by, exact: String(exact) });
  const found = useQuery({
    queryKey: ["replacements", id, facts.revision, asked.toString()],
    queryFn: () => request<Found[]>("GET", `/api/maps/${id}/replacements?${asked}`),
    enabled: words.trim() !== "",
    placeholderData: (before) => (words.trim() ? before : undefined),
    retry: false,
  });
  const all = words.trim() ? (found.data ?? []) : [];
  const taken = all.filter((one) => !left.has(key(one)));
  const replace = () => {
    actions.edit({ type: "Several", edits: taken.map(edited) });
    say(`Replaced in ${counted(taken.length, "place")}`);
    onClose();
  };
  return (
    <>
      <Field autoFocus value={words} maxLength={300} onChange={setWords}>
        <Label>Find in labels, notes and linking phrases</Label>
        <Input />
      </Field>
      <Field value={by} maxLength={300} onChange={setBy}>
        <Label>Put in its place</Label>
        <Input />
      </Field>
      <label>
        <input
          type="checkbox"
          checked={exact}
          onChange={(event) => setExact(event.target.checked)}
        />{" "}
        Only with the same capitals
      </label>
      {found.isError && <Trouble role="alert">{found.error.message}</Trouble>}
      {words.trim() && found.isSuccess && (
        <p role="status">
          {all.length === 0
            ? "These words are nowhere on the map."
            : `${counted(all.length, "place")}:`}
        </p>
      )}
      {all.length > 0 && (
        <TakeList
          label="Places with these words"
          lines={all.map((one) => line(tree.desk, tree, one))}
          left={left}
          onLeft={setLeft}
        />
      )}
      <SheetButtons>
        <Button onPress={onClose}>Close</Button>
        <Button
          $strong
          isDisabled={taken.length === 0 || found.isPlaceholderData || found.isError}
          onPress={replace}
        >
          {taken.length === 0 ? "Replace nothing" : `Replace in ${counted(taken.length, "place")}`}
        </Button>
      </SheetButtons>
    </>
  );
}

/** What tells a place from others. */
export function key(found: Found): string {
  return `${found.where} ${found.id}`;
}

/** The edit that makes a place say what it would. */
export function edited(found: Found): Edit {
  switch (found.where) {
    case "LABEL":
      return { type: "Rename", topic: found.id, label: found.after };
    case "NOTE":
      return { type: "Note", topic: found.id, note: found.after };
    case "PHRASE":
      return { type: "Rephrase", link: found.id, phrase: found.after };
  }
}

function line(desk: Desk, tree: Tree, found: Found): TakeLine {
  const link = desk.links.find((l) => l.id === found.id);
  const topic = tree.get(link ? link.from : found.id);
  return {
    key: key(found),
    number: topic?.number ?? "",
    branch: topic?.branch ?? -1,
    before: found.before,
    after: found.after,
  };
}
