import { useState } from "react";
import { request } from "../api/client";
import type { Tree } from "../map/tree";
import { Button } from "../ui/Button";
import { Trouble } from "../ui/Field";

type OnTheMapProps = {
  tree: Tree;
  selected: string;
  /** What comes, counted: "3 events". */
  what: string;
  path: string;
  body: object;
  onSelect: (topic: string) => void;
  say: (words: string) => void;
};

/** Puts what was found on the map, under the chosen topic. */
export function OnTheMap({ tree, selected, what, path, body, onSelect, say }: OnTheMapProps) {
  const [trouble, setTrouble] = useState<Error | null>(null);
  const [sending, setSending] = useState(false);
  const parent = tree.get(selected) ?? tree.root;
  const put = async () => {
    if (sending) {
      return;
    }
    setSending(true);
    try {
      const wish = { id: crypto.randomUUID(), parent: parent.id, ...body };
      await request<{ topic: string }>("POST", path, wish);
      setTrouble(null);
      say(`${what} are under ${parent.label}`);
      onSelect(parent.id);
    } catch (e) {
      setTrouble(e instanceof Error ? e : new Error(String(e)));
    } finally {
      setSending(false);
    }
  };
  return (
    <>
      <Button onPress={put}>
        Put {what} on the map, under “{parent.label}”
      </Button>
      {trouble && <Trouble role="alert">{trouble.message}</Trouble>}
    </>
  );
}
