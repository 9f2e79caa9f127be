import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { request } from "../api/client";
import type { HeldDraft, KeptDraft } from "../api/types";
import { Button } from "../ui/Button";
import { Row, Select, Trouble } from "../ui/Field";
import { SureButton } from "../ui/SureButton";
import { type Brought, DraftForm } from "./DraftForm";
import { DraftHeld } from "./DraftHeld";
import { DraftSince } from "./DraftSince";
import type { PaneProps } from "./study";
import { Waiting } from "./Waiting";

/** A draft held against what it is to say, and against the topics of the map. */
export function DraftPane(props: PaneProps) {
  const { tree, say } = props;
  const client = useQueryClient();
  const { id, facts } = tree.desk;
  const path = `/api/maps/${id}/drafts`;
  const [chosen, setChosen] = useState<string | null>(null);
  const [writing, setWriting] = useState(false);
  const [earlier, setEarlier] = useState("");
  const head = useRef<HTMLHeadingElement>(null);
  const [trouble, setTrouble] = useState<Error | null>(null);
  const kept = useQuery({
    queryKey: ["drafts", id],
    queryFn: () => request<KeptDraft[]>("GET", path),
  });
  const shown = kept.data?.some((draft) => draft.id === chosen)
    ? chosen
    : (kept.data?.[0]?.id ?? null);
  const held = useQuery({
    queryKey: ["draft", id, shown, facts.revision, facts.shelf],
    queryFn: () => request<HeldDraft>("GET", `${path}/${shown}`),
    enabled: shown !== null,
  });
  if (!kept.data) {
    return <Waiting problem={kept.error} words="Looking for drafts…" />;
  }
  const doing = async (what: () => Promise<void>) => {
    try {
      await what();
      setTrouble(null);
      return true;
    } catch (e) {
      setTrouble(e instanceof Error ? e : new Error(String(e)));
      return false;
    }
  };
  const hold = (brought: Brought) =>
    doing(async () => {
      const draft = await request<HeldDraft>("POST", path, brought);
      client.setQueryData(["draft", id, draft.id, facts.revision, facts.shelf], draft);
      await client.invalidateQueries({ queryKey: ["drafts", id] });
      setChosen(draft.id);
      setWriting(false);
      head.current?.focus();
      say(`${draft.name} is held against its message`);
    });
  const off = (draft: KeptDraft) =>
    doing(async () => {
      await request("DELETE", `${path}/${draft.id}`);
      await client.invalidateQueries({ queryKey: ["drafts", id] });
      say("Taken off");
    });
  const named = (draft: KeptDraft) => `${draft.name}, version ${draft.version}`;
  const its = kept.data.find((draft) => draft.id === shown);
  const others = kept.data.filter((draft) => draft.id !== shown);
  const since = others.some((draft) => draft.id === earlier) ? earlier : "";
  const form = writing || kept.data.length === 0;
  return (
    <>
      <h2 ref={head} tabIndex={-1}>
        Draft
      </h2>
      {trouble && <Trouble role="alert">{trouble.message}</Trouble>}
      {its && !form && (
        <Row>
          <Select
            aria-label="Draft"
            value={its.id}
            onChange={(event) => setChosen(event.target.value)}
          >
            {kept.data.map((draft) => (
              <option key={draft.id} value={draft.id}>
                {named(draft)}
              </option>
            ))}
          </Select>
          <Button onPress={() => setWriting(true)}>Another version or message…</Button>
          {others.length > 0 && (
            <Select
              aria-label="Compared with"
              value={since}
              onChange={(event) => setEarlier(event.target.value)}
            >
              <option value="">Compared with none</option>
              {others.map((draft) => (
                <option key={draft.id} value={draft.id}>
                  Compared with {named(draft)}
                </option>
              ))}
            </Select>
          )}
          <SureButton
            words="Take this draft off"
            sure="Yes, take it off for good"
            onPress={() => off(its)}
          />
        </Row>
      )}
      {form && (
        <DraftForm
          tree={tree}
          held={writing && its ? held.data : undefined}
          onHold={hold}
          onClose={kept.data.length > 0 ? () => setWriting(false) : undefined}
        />
      )}
      {its && !form && since && (
        <DraftSince tree={tree} path={`${path}/${its.id}/since/${since}`} />
      )}
      {its && !form && !held.data && (
        <Waiting problem={held.error} words="Holding the draft against the map…" />
      )}
      {its && !form && held.data && (
        <DraftHeld key={held.data.id} {...props} draft={held.data} path={path} />
      )}
    </>
  );
}
