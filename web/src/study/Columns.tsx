import { useState } from "react";
import { Button as AriaButton } from "react-aria-components";
import styled from "styled-components";
import type { BothMatters, ComparedColumns, Matter } from "../api/types";
import type { Tree } from "../map/tree";
import type { OpenSource } from "../reading/spot";
import { asWords, TextButton } from "../ui/Button";
import { Row } from "../ui/Field";
import { counted } from "../ui/words";
import { sureness } from "./compare";
import { StudyPassages } from "./StudyPassage";

const SHOWN = 8;

const Frame = styled.section`
  h3 { margin: 10px 0 6px; }
`;

const Three = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.25fr) minmax(0, 1fr);
  > div { padding: 0 14px; min-width: 0; }
  > div:first-child { padding-left: 0; }
  > div:last-child { padding-right: 0; }
  > div + div { border-left: 1px solid ${({ theme }) => theme.rule}; }
  h4 { font: 600 14px/20px ${({ theme }) => theme.control}; margin: 0 0 4px; }
  @container (max-width: 620px) {
    grid-template-columns: minmax(0, 1fr);
    gap: 12px;
    > div { padding: 0; }
    > div + div { border-left: 0; border-top: 1px solid ${({ theme }) => theme.rule}; padding-top: 8px; }
  }
`;

const List = styled.ul`
  list-style: none;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 5px;
  q { quotes: none; display: block; font-size: 15px; }
  q + q { margin-top: 3px; padding-left: 12px; }
  li { font: 400 16px/23px ${({ theme }) => theme.reading}; overflow-wrap: anywhere; }
  small { font: 400 14px/20px ${({ theme }) => theme.control}; color: ${({ theme }) => theme.softInk}; }
  em { font: 500 14px/20px ${({ theme }) => theme.control}; color: ${({ theme }) => theme.rubric}; }
`;

const Words = styled(AriaButton)`${asWords}`;

const Opened = styled.div`
  display: grid;
  gap: 8px;
  padding: 6px 0 10px;
`;

type ColumnsProps = {
  title: string;
  /** Whether sentences are compared. */
  sentences: boolean;
  columns: ComparedColumns;
  /** What both sides are called. */
  one: string;
  other: string;
  /** Sources by what they are called. */
  names: ReadonlyMap<string, string>;
  tree: Tree;
  onPair: (first: string, second: string, together: boolean) => void;
  onOpen: OpenSource;
  onSelect: (topic: string) => void;
};

type Pairing = { of: "one" | "other"; words: string };

/** Three columns: one's own, shared, the other's own. */
export function Columns(props: ColumnsProps) {
  const { title, sentences, columns, one, other, names, tree, onPair, onOpen, onSelect } = props;
  const [opened, setOpened] = useState<string | null>(null);
  const [pairing, setPairing] = useState<Pairing | null>(null);
  const told = { names, tree, onOpen, onSelect };
  const pair = (words: string) => {
    if (pairing) {
      const [first, second] =
        pairing.of === "one" ? [pairing.words, words] : [words, pairing.words];
      onPair(first, second, true);
      setPairing(null);
    }
  };
  const own = (of: "one" | "other", matters: readonly Matter[], all: number, name: string) => (
    <div>
      <h4>
        Only {name} {all > 0 && `(${all})`}
      </h4>
      {all === 0 && <p>Nothing of its own.</p>}
      <Some
        items={matters}
        all={all}
        show={(matter) => {
          const key = `${of} ${id(matter)}`;
          return (
            <li key={key}>
              <Words
                aria-expanded={opened === key}
                onPress={() => setOpened(opened === key ? null : key)}
              >
                {sentences ? <q>{matter.words}</q> : matter.words}
              </Words>{" "}
              {matter.often > 1 && <small>{matter.often}×</small>}
              {pairing && pairing.of !== of && (
                <div>
                  <TextButton onPress={() => pair(matter.words)}>
                    Same as “{short(pairing.words)}”
                  </TextButton>
                </div>
              )}
              {opened === key && (
                <Opened>
                  <Borne matter={matter} {...told} />
                  <Row>
                    <TextButton onPress={() => setPairing({ of, words: matter.words })}>
                      The other has it too…
                    </TextButton>
                  </Row>
                </Opened>
              )}
            </li>
          );
        }}
      />
    </div>
  );
  return (
    <Frame aria-label={title}>
      <h3>{title}</h3>
      {pairing && (
        <Row role="status">
          What is “{short(pairing.words)}” the same as? Choose it among those of{" "}
          {pairing.of === "one" ? other : one}.
          <TextButton onPress={() => setPairing(null)}>Never mind</TextButton>
        </Row>
      )}
      <Three>
        {own("one", columns.one, columns.ones, one)}
        <div>
          <h4>Both {columns.boths > 0 && `(${columns.boths})`}</h4>
          {columns.boths === 0 && <p>Nothing in common.</p>}
          <Some
            items={columns.both}
            all={columns.boths}
            show={(both) => {
              const key = `both ${id(both.one)} ${id(both.other)}`;
              return (
                <li key={key}>
                  <Pair
                    both={both}
                    sentences={sentences}
                    open={opened === key}
                    onToggle={() => setOpened(opened === key ? null : key)}
                  />
                  {opened === key && (
                    <Opened>
                      <Borne matter={both.one} {...told} />
                      {both.other.topic !== both.one.topic || both.one.topic === null ? (
                        <Borne matter={both.other} {...told} />
                      ) : null}
                      <Row>
                        <TextButton onPress={() => onPair(both.one.words, both.other.words, false)}>
                          These are not the same
                        </TextButton>
                      </Row>
                    </Opened>
                  )}
                </li>
              );
            }}
          />
        </div>
        {own("other", columns.other, columns.others, other)}
      </Three>
    </Frame>
  );
}

function id(matter: Matter): string {
  return matter.topic ?? `${matter.words} ${matter.passages[0]?.start}`;
}

function short(words: string): string {
  return words.length > 60 ? `${words.slice(0, 58)}…` : words;
}

/** The first few of a list, and the rest when it is asked for. */
function Some<T>(props: { items: readonly T[]; all: number; show: (item: T) => React.ReactNode }) {
  const { items, all, show } = props;
  const [whole, setWhole] = useState(false);
  const cut = whole ? items : items.slice(0, SHOWN);
  return (
    <>
      {cut.length > 0 && <List>{cut.map(show)}</List>}
      {cut.length < items.length && (
        <TextButton onPress={() => setWhole(true)}>{items.length - cut.length} more</TextButton>
      )}
      {whole && items.length < all && (
        <p>{counted(all - items.length, "further one")} not listed; the table has the first 100.</p>
      )}
    </>
  );
}

function Pair(props: {
  both: BothMatters;
  sentences: boolean;
  open: boolean;
  onToggle: () => void;
}) {
  const { both, sentences, open, onToggle } = props;
  const { one, other, sure, byHand, against } = both;
  const same = one.words.toLowerCase() === other.words.toLowerCase();
  return (
    <>
      <Words aria-expanded={open} onPress={onToggle}>
        {sentences ? (
          <>
            <q>{one.words}</q>
            {!same && <q>{other.words}</q>}
          </>
        ) : (
          <>
            {one.words}
            {!same && (
              <>
                {" "}
                <small>and</small> {other.words}
              </>
            )}
          </>
        )}
      </Words>{" "}
      {one.topic === null && (one.often > 1 || other.often > 1) && (
        <small>
          {one.often}× and {other.often}×
        </small>
      )}{" "}
      {(byHand || !same) && <small>{byHand ? "by hand" : sureness(sure)}</small>}{" "}
      {against && <em>{against}</em>}
    </>
  );
}

function Borne(props: {
  matter: Matter;
  names: ReadonlyMap<string, string>;
  tree: Tree;
  onOpen: OpenSource;
  onSelect: (topic: string) => void;
}) {
  const { matter, names, tree, onOpen, onSelect } = props;
  const topic = tree.get(matter.topic);
  return (
    <>
      {topic && (
        <TextButton onPress={() => onSelect(topic.id)}>
          {topic.number} {topic.label}
        </TextButton>
      )}
      <StudyPassages
        passages={matter.passages}
        names={names}
        tree={tree}
        onOpen={onOpen}
        onSelect={onSelect}
      />
      {matter.passages.length === 0 && <small>No passage bears it out.</small>}
    </>
  );
}
