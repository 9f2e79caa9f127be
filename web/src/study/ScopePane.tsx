import { useQuery } from "@tanstack/react-query";
import styled from "styled-components";
import { request } from "../api/client";
import type { Scope, ScopeFrame } from "../api/types";
import { TextButton } from "../ui/Button";
import { Row, Select } from "../ui/Field";
import { useKeptState } from "../ui/useKeptState";
import { counted } from "../ui/words";
import { Hypotheses } from "./Hypotheses";
import { QuestionForm } from "./QuestionForm";
import { FRAMES } from "./scope";
import type { PaneProps } from "./study";
import { Waiting } from "./Waiting";

const Path = styled.ol`
  list-style: none;
  display: flex;
  flex-wrap: wrap;
  gap: 2px 8px;
  align-items: baseline;
  li + li::before { content: "›"; margin-right: 8px; color: ${({ theme }) => theme.softInk}; }
  strong { font: 600 16px/24px ${({ theme }) => theme.reading}; }
`;

const Means = styled.p`
  max-width: 640px;
  font: 400 17px/26px ${({ theme }) => theme.reading};
`;

const Below = styled.ul`
  list-style: none;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
  gap: 6px 18px;
  small { font: 400 14px/20px ${({ theme }) => theme.control}; color: ${({ theme }) => theme.softInk}; }
`;

/** From a wide subject to a question, branch after branch; and what is only supposed. */
export function ScopePane(props: PaneProps) {
  const { tree, selected, onSelect } = props;
  const { desk } = tree;
  const topic = tree.get(selected) ?? tree.root;
  const [frame, setFrame] = useKeptState<ScopeFrame>(`scope frame ${desk.id}`, () => "EFFECT");
  const [from, setFrom] = useKeptState(`scope from ${desk.id}`, () => topic.id);
  const origin = tree.get(from) ?? topic;
  const offered = useQuery({
    queryKey: ["scope", desk.id, origin.id, frame],
    queryFn: () =>
      request<Scope>("GET", `/api/maps/${desk.id}/scope?topic=${origin.id}&frame=${frame}`),
    enabled: !tree.isNew(origin),
  });
  const children = topic.children.flatMap((id) => tree.get(id) ?? []);
  return (
    <>
      <h2>Scope and question</h2>
      <Path aria-label="From wide to narrow">
        {tree.path(topic).map((each) => (
          <li key={each.id}>
            {each.id === topic.id ? (
              <strong>{each.label}</strong>
            ) : (
              <TextButton onPress={() => onSelect(each.id)}>{each.label}</TextButton>
            )}
          </li>
        ))}
      </Path>
      <Means>{topic.definition || topic.summary || "It has no definition yet."}</Means>
      {children.length > 0 && (
        <section aria-label="Narrow it to">
          <h3>Narrow it to</h3>
          <Below>
            {children.map((child) => (
              <li key={child.id}>
                <TextButton onPress={() => onSelect(child.id)}>
                  {child.number} {child.label}
                </TextButton>{" "}
                <small>{counted(child.passages, "passage")}</small>
              </li>
            ))}
          </Below>
        </section>
      )}
      <h3>Question for research</h3>
      <Row>
        <Select
          aria-label="Built of"
          value={frame}
          onChange={(event) => setFrame(event.target.value as ScopeFrame)}
        >
          {FRAMES.map(([id, words]) => (
            <option key={id} value={id}>
              {words}
            </option>
          ))}
        </Select>
        {origin.id !== topic.id && (
          <TextButton onPress={() => setFrom(topic.id)}>Begin anew from “{topic.label}”</TextButton>
        )}
      </Row>
      {offered.data ? (
        <QuestionForm
          key={`${origin.id} ${frame}`}
          origin={origin.id}
          {...props}
          frame={frame}
          offered={offered.data}
        />
      ) : (
        <Waiting problem={offered.error} words="Filling the fields from the topics…" />
      )}
      <Hypotheses {...props} />
    </>
  );
}
