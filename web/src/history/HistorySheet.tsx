import { useInfiniteQuery, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Input, Label, ListBox, ListBoxItem } from "react-aria-components";
import styled from "styled-components";
import { request } from "../api/client";
import type { Desk, Difference, PastMap, Patch, RevisionPage } from "../api/types";
import { Button, TextButton } from "../ui/Button";
import { Choice } from "../ui/Choice";
import { Field, Row, Select, Trouble } from "../ui/Field";
import { menuItem } from "../ui/menu";
import { Sheet } from "../ui/Sheet";
import { counted } from "../ui/words";
import { Differences } from "./Differences";
import { PastView } from "./PastView";
import { marked, type State, states, when } from "./words";

const Columns = styled.div`
  min-height: 0;
  display: grid;
  grid-template-columns: 300px minmax(0, 1fr);
  gap: 20px;
  @media (max-width: 800px) {
    grid-template-columns: minmax(0, 1fr);
    grid-auto-rows: max-content;
    overflow: auto;
  }
`;

const Side = styled.div`
  min-height: 0;
  display: grid;
  grid-template-rows: auto minmax(0, 1fr) auto;
  gap: 8px;
  @media (max-width: 800px) { max-height: 46vh; }
`;

const List = styled(ListBox)`
  overflow: auto;
  border-block: 1px solid ${({ theme }) => theme.rule};
  outline: none;
  &[data-focus-visible] { outline: 2px solid ${({ theme }) => theme.rubric}; outline-offset: -2px; }
`;

const Item = styled(ListBoxItem)`
  ${menuItem}
  display: grid;
  padding: 6px 8px;
  border-radius: 0;
  font: 400 15px/20px ${({ theme }) => theme.reading};
  & + & { border-top: 1px solid ${({ theme }) => theme.rule}; }
  small { font: 400 13px/18px ${({ theme }) => theme.control}; color: ${({ theme }) => theme.softInk}; }
  &[data-selected] { background: ${({ theme }) => theme.highlight}; small { color: ${({ theme }) => theme.ink}; } }
`;

const Main = styled.div`
  min-height: 0;
  display: grid;
  grid-template-rows: auto auto minmax(0, 1.5fr) minmax(0, 1fr);
  gap: 10px;
  h3 { font: 600 18px/24px ${({ theme }) => theme.reading}; }
`;

type HistorySheetProps = {
  desk: Desk;
  isOpen: boolean;
  onOpenChange: (open: boolean) => void;
  /** Takes in what bringing a state back has changed. */
  onPatch: (patch: Patch) => void;
  onOpenMap: (map: string) => void;
  say: (words: string) => void;
};

/** Every earlier state of the map: to see, to compare, to bring back. */
export function HistorySheet(props: HistorySheetProps) {
  return (
    <Sheet title="History" isOpen={props.isOpen} onOpenChange={props.onOpenChange} full>
      <Looking {...props} />
    </Sheet>
  );
}

/** Whether the change right after says something else: of many alike the last stands for all. */
function unlikeTheNext(
  entry: RevisionPage["entries"][number],
  at: number,
  all: RevisionPage["entries"],
): boolean {
  const after = all[at - 1];
  return !(
    after &&
    after.said === entry.said &&
    after.author === entry.author &&
    after.kind === "CHANGE" &&
    entry.kind === "CHANGE" &&
    entry.name === null &&
    entry.moment === null
  );
}

function Looking(props: HistorySheetProps) {
  const { desk } = props;
  const [versions, setVersions] = useState(false);
  const [number, setNumber] = useState<number | null>(null);
  const pages = useInfiniteQuery({
    queryKey: ["history", desk.id, desk.facts.revision, versions],
    queryFn: ({ pageParam }) =>
      request<RevisionPage>(
        "GET",
        `/api/maps/${desk.id}/history?versions=${versions}${pageParam ? `&before=${pageParam}` : ""}`,
      ),
    initialPageParam: 0,
    getNextPageParam: (last) => (last.more ? last.entries.at(-1)?.number : undefined),
    placeholderData: (before) => before,
  });
  const all = states(
    (pages.data?.pages.flatMap((page) => page.entries) ?? []).filter(unlikeTheNext),
    versions,
    pages.data !== undefined && !pages.hasNextPage,
  );
  const shown = all.find((state) => state.number === number) ?? all[0];
  return (
    <Columns>
      <Side>
        <Choice
          label="What is listed"
          value={versions ? "versions" : "all"}
          options={[
            ["all", "Everything"],
            ["versions", "Versions"],
          ]}
          onChange={(value) => setVersions(value === "versions")}
        />
        <List
          aria-label="States of the map"
          selectionMode="single"
          disallowEmptySelection
          selectedKeys={shown ? [String(shown.number)] : []}
          onSelectionChange={(keys) => setNumber(Number([...keys][0]))}
          renderEmptyState={() => <p>{pages.isPending ? "Loading…" : "Nothing yet."}</p>}
        >
          {all.map((state) => (
            <Item key={state.number} id={String(state.number)} textValue={state.title}>
              <span>{state.title}</span>
              <small>{[state.at && when(state.at), state.about].filter(Boolean).join(" · ")}</small>
            </Item>
          ))}
        </List>
        {pages.hasNextPage ? (
          <TextButton onPress={() => pages.fetchNextPage()}>Earlier ones…</TextButton>
        ) : (
          <span />
        )}
      </Side>
      {pages.error && <Trouble role="alert">{pages.error.message}</Trouble>}
      {shown && <OneState key={shown.number} {...props} state={shown} states={all} />}
    </Columns>
  );
}

type OneStateProps = HistorySheetProps & { state: State; states: readonly State[] };

function OneState(props: OneStateProps) {
  const { desk, state, states, onPatch, onOpenMap, onOpenChange, say } = props;
  const client = useQueryClient();
  const [other, setOther] = useState<string>("now");
  const [topic, setTopic] = useState<string | null>(null);
  const [name, setName] = useState<string | null>(null);
  const [trouble, setTrouble] = useState<Error | null>(null);
  const path = `/api/maps/${desk.id}/history`;
  const past = useQuery({
    queryKey: ["past", desk.id, desk.facts.revision, state.number],
    queryFn: () => request<PastMap>("GET", `${path}/${state.number}`),
  });
  const differences = useQuery({
    queryKey: ["differences", desk.id, desk.facts.revision, state.number, other],
    queryFn: () => request<Difference[]>("GET", compared(path, state.number, other)),
  });
  const doing = async (work: () => Promise<void>) => {
    setTrouble(null);
    try {
      await work();
    } catch (e) {
      setTrouble(e instanceof Error ? e : new Error(String(e)));
    }
  };
  const bring = (branch: string | null) =>
    doing(async () => {
      const body = { id: crypto.randomUUID(), base: desk.facts.stamp, topic: branch };
      onPatch(await request<Patch>("POST", `${path}/${state.number}/restore`, body));
      say(branch ? "The branch is back" : "The map is as it was; undo takes that back");
      onOpenChange(false);
    });
  const open = () =>
    doing(async () => {
      const made = await request<{ id: string }>("POST", `${path}/${state.number}/copy`);
      client.invalidateQueries({ queryKey: ["maps"] });
      onOpenMap(made.id);
    });
  const keepName = () =>
    doing(async () => {
      await request<void>("PUT", `${path}/${state.number}/name`, { name: name ?? "" });
      setName(null);
      client.invalidateQueries({ queryKey: ["history", desk.id] });
    });
  const chosen = past.data?.topics.find((each) => each.id === topic);
  return (
    <Main>
      <div>
        <h3>{state.title}</h3>
        <p>The map as it was after this{state.at ? `, ${when(state.at)}` : ""}.</p>
      </div>
      <div>
        <Row>
          <Button $strong onPress={() => bring(null)}>
            Bring the whole map back
          </Button>
          <Button isDisabled={!chosen?.parent} onPress={() => bring(topic)}>
            {chosen?.parent
              ? `Bring back “${chosen.label}” and below`
              : "Choose a branch to bring back"}
          </Button>
          <Button onPress={open}>Open it as a new map</Button>
          {state.number > 0 && name === null && (
            <Button onPress={() => setName("")}>Name this version</Button>
          )}
        </Row>
        {name !== null && (
          <Row>
            <Field
              autoFocus
              value={name}
              maxLength={200}
              onChange={setName}
              onKeyDown={(event) => event.key === "Enter" && keepName()}
            >
              <Label>Name of this version</Label>
              <Input />
            </Field>
            <Button $strong onPress={keepName}>
              Keep the name
            </Button>
            <Button onPress={() => setName(null)}>Cancel</Button>
          </Row>
        )}
        {trouble && <Trouble role="alert">{trouble.message}</Trouble>}
      </div>
      {past.data ? (
        <PastView
          past={past.data}
          label="The map as it was"
          marks={marked(differences.data ?? [])}
          chosen={topic}
          onChoose={setTopic}
        />
      ) : (
        <p role={past.error ? "alert" : "status"}>{past.error?.message ?? "Going back…"}</p>
      )}
      <Differences
        differences={differences.data}
        problem={differences.error}
        heading={
          <Row>
            <label htmlFor="compared-with">Compared with</label>
            <Select
              id="compared-with"
              value={other}
              onChange={(event) => setOther(event.target.value)}
            >
              <option value="now">the map as it is now</option>
              {states
                .filter(({ number }) => number !== state.number)
                .map(({ number, title, at }) => (
                  <option key={number} value={number}>
                    {at ? `${when(at)}: ${title}` : title}
                  </option>
                ))}
            </Select>
            {differences.data && <span>{counted(differences.data.length, "difference")}</span>}
          </Row>
        }
        onChoose={setTopic}
      />
    </Main>
  );
}

/** Where the differences of two states are asked for, the earlier one first. */
export function compared(path: string, number: number, other: string): string {
  if (other === "now") {
    return `${path}/${number}/differences`;
  }
  const [first, second] = [number, Number(other)].sort((a, b) => a - b);
  return `${path}/${first}/differences?to=${second}`;
}
