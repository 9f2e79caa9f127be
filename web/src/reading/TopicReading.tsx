import { useQuery } from "@tanstack/react-query";
import styled from "styled-components";
import { NoConnection, request } from "../api/client";
import type { Passage, Topic } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import type { Tree } from "../map/tree";
import { useProposals } from "../outline/ProposalsSheet";
import { ProposalView } from "../outline/ProposalView";
import { TopicPictures } from "../pictures/TopicPictures";
import type { ChosenLink } from "../relations/linkActs";
import { Relations } from "../relations/Relations";
import { Remarks } from "../remarks/Remarks";
import { TopicTags } from "../tags/TopicTags";
import { pigment } from "../theme/tokens";
import { asWords, Button, TextButton } from "../ui/Button";
import { counted } from "../ui/words";
import { AlsoHere } from "./AlsoHere";
import { Gloss } from "./Gloss";
import { Grouped } from "./Grouped";
import { Headed } from "./Headed";
import { PassageView } from "./PassageView";
import type { OpenSource } from "./spot";

const Page = styled.div`
  display: grid;
  gap: 10px;
  align-content: start;
`;

const Crumbs = styled.nav`
  font-size: 14px;
  color: ${({ theme }) => theme.softInk};
  button {
    ${asWords}
  }
  b { margin-right: 4px; }
`;

const Summary = styled.p`
  font: 400 16px/25px ${({ theme }) => theme.reading};
  color: ${({ theme }) => theme.softInk};
`;

const Facts = styled.p`
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  padding: 8px 0;
  border: solid ${({ theme }) => theme.rule};
  border-width: 1px 0;
  font-size: 14px;
  color: ${({ theme }) => theme.softInk};
  b { color: ${({ theme }) => theme.ink}; }
  em { color: ${({ theme }) => theme.rubric}; font: italic 400 13px/20px ${({ theme }) => theme.reading}; }
`;

const Children = styled.ul`
  list-style: none;
  font: 400 16px/24px ${({ theme }) => theme.reading};
  button {
    border: 0;
    background: none;
    padding: 2px 0;
    font: inherit;
    color: inherit;
    cursor: pointer;
    text-align: left;
    &:hover { text-decoration: underline; }
  }
  b { font: 700 13px/20px ${({ theme }) => theme.control}; margin-right: 8px; }
  small { font: 400 13px/20px ${({ theme }) => theme.control}; color: ${({ theme }) => theme.softInk}; margin-left: 8px; }
`;

const Proposed = styled.section`
  h2 { font: 700 14px/24px ${({ theme }) => theme.control}; }
`;

const Work = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
`;

const Empty = styled.p`
  color: ${({ theme }) => theme.softInk};
`;

const RETRY_MS = 2000;

type TopicReadingProps = {
  tree: Tree;
  topic: Topic;
  actions: DeskActions;
  /** The link that is selected. */
  link: ChosenLink | null;
  onSelect: (topic: string) => void;
  onOpen: OpenSource;
  /** Opens the menu of what can be done to the topic; null where there is none. */
  onActs: ((button: Element) => void) | null;
  onPassage: (topic: Topic) => void;
  onAsk: (topic: Topic, what: "like" | "deepen") => void;
  onMovePassage: (evidence: string) => void;
  onMakeTopic: (evidence: string, words: string) => void;
  onLink: (topic: string) => void;
  onReattach: (link: string, topic: string) => void;
  /** Chooses words of a source that bear a link out. */
  onGround: (link: string) => void;
  onLegend: () => void;
  onPicture: () => void;
  /** What had the focus is not there any more. */
  onGone: () => void;
};

/** The chosen topic with its passages in their context. */
export function TopicReading(props: TopicReadingProps) {
  const { tree, topic, actions, onSelect, onOpen, onActs, onPassage, onAsk, onGone } = props;
  const { desk } = tree;
  const passages = useQuery({
    queryKey: ["passages", desk.id, topic.id, desk.facts.revision],
    queryFn: () => request<Passage[]>("GET", `/api/maps/${desk.id}/topics/${topic.id}/passages`),
    enabled: !tree.isNew(topic),
    refetchInterval: ({ state }) => state.error instanceof NoConnection && RETRY_MS,
    placeholderData: (previous, query) => (query?.queryKey[2] === topic.id ? previous : undefined),
  });
  const unlink = (evidence: string) => {
    actions.edit({ type: "Unlink", topic: topic.id, evidence });
    onGone();
  };
  const judge = (evidence: string, stance: Passage["stance"]) =>
    actions.edit({ type: "Judge", topic: topic.id, evidence, stance });
  const above = tree.path(topic).slice(0, -1);
  const lonely = desk.topics.length === 1;
  const proposals = useProposals(desk);
  const proposed = desk.proposals.filter((proposal) => proposal.topic === topic.id);

  const shown = passages.data?.some((p) => p.exact.replace(/\s+/g, " ").includes(topic.summary));

  return (
    <Page>
      {above.length > 0 && (
        <Crumbs aria-label="Topics above">
          {above.map((t, i) => (
            <span key={t.id}>
              {i > 0 && " \u203a "}
              <button type="button" onClick={() => onSelect(t.id)}>
                {t.number && <b style={{ color: pigment(t.branch) }}>{t.number}</b>}
                {t.label}
              </button>
            </span>
          ))}
        </Crumbs>
      )}
      <Headed of={topic.label} onActs={onActs}>
        {topic.label || "New topic"}
      </Headed>
      {topic.summary && !shown && <Summary>{topic.summary}</Summary>}
      <Gloss topic={topic} actions={actions} />
      {!tree.isNew(topic) && (
        <TopicTags tree={tree} topic={topic} actions={actions} onLegend={props.onLegend} />
      )}
      {!tree.isNew(topic) && (
        <TopicPictures map={desk.id} topic={topic} actions={actions} onAdd={props.onPicture} />
      )}
      {lonely ? (
        <Empty>
          When sources are distilled, the topics stand on the left; choose one and its passages
          stand here, each in the context of its source.
        </Empty>
      ) : tree.isNew(topic) || desk.sources.length === 0 ? null : (
        <Facts>
          <span>
            <b>{topic.passages}</b> {topic.passages === 1 ? "passage" : "passages"}
          </span>
          <span>
            <b>{topic.sourceCount}</b> {topic.sourceCount === 1 ? "source" : "sources"}
          </span>
          {topic.passages === 0 && <em>unsupported: no passage bears it out</em>}
          {topic.adrift > 0 && <em>{topic.adrift} not found in a newer version</em>}
          {topic.thin && <em>thin: too little to rest on</em>}
        </Facts>
      )}
      {!lonely && !tree.isNew(topic) && (
        <Remarks
          key={`remarks ${topic.id}`}
          remarks={desk.comments}
          subject={topic.id}
          called={topic.label}
          actions={actions}
        />
      )}
      <AlsoHere tree={tree} topic={topic} actions={actions} onSelect={onSelect} />
      <Relations
        tree={tree}
        topic={topic}
        actions={actions}
        chosen={props.link}
        onSelect={onSelect}
        onLink={props.onLink}
        onReattach={props.onReattach}
        onOpen={onOpen}
        onGround={props.onGround}
      />
      {passages.isError && (
        <p role="alert">
          The passages could not be loaded: {passages.error.message}{" "}
          <TextButton onPress={() => passages.refetch()}>Try again</TextButton>
        </p>
      )}
      {!lonely && !tree.isNew(topic) && <Grouped tree={tree} topic={topic} onSelect={onSelect} />}
      {passages.data?.map((passage) => (
        <PassageView
          key={passage.evidence}
          topic={topic.id}
          passage={passage}
          source={desk.sources.find((source) => source.id === passage.source)}
          branch={topic.branch}
          onOpen={onOpen}
          onUnlink={unlink}
          onJudge={judge}
          onMove={props.onMovePassage}
          onMakeTopic={props.onMakeTopic}
        >
          <Remarks
            remarks={desk.comments}
            subject={passage.evidence}
            called="this passage"
            actions={actions}
          />
        </PassageView>
      ))}
      {proposed.length > 0 && (
        <Proposed aria-label="Proposed passages">
          <h2>Proposed, not linked yet</h2>
          {proposed.map((proposal) => (
            <ProposalView
              key={proposal.id}
              proposal={proposal}
              source={desk.sources.find((source) => source.id === proposal.source)}
              onAccept={() => proposals.accept(proposal.id)}
              onRefuse={() => proposals.refuse(proposal.id)}
              onOpen={onOpen}
            />
          ))}
          {proposals.problem && <p role="alert">{proposals.problem.message}</p>}
        </Proposed>
      )}
      {!lonely &&
        desk.sources.length > 0 &&
        proposed.length === 0 &&
        passages.data?.length === 0 &&
        topic.children.length === 0 && (
          <Empty>
            No passage is linked to this topic yet. Open a source, select the words that bear it
            out, and link them.
          </Empty>
        )}
      {topic.children.length > 0 && (
        <Children aria-label="Topics below">
          {topic.children.map((id) => {
            const child = tree.get(id);
            return (
              child && (
                <li key={id}>
                  <button type="button" onClick={() => onSelect(id)}>
                    <b style={{ color: pigment(child.branch) }}>{child.number}</b>
                    {child.label}
                    <small>{counted(child.passages, "passage")}</small>
                  </button>
                </li>
              )
            );
          })}
        </Children>
      )}
      {!lonely && desk.sources.some((source) => source.length > 0) && (
        <Work>
          <Button onPress={() => onPassage(topic)}>Link a passage</Button>
          {topic.own > 0 && <Button onPress={() => onAsk(topic, "like")}>More like these</Button>}
          {topic.children.length === 0 && topic.own > 0 && (
            <Button onPress={() => onAsk(topic, "deepen")}>Deepen</Button>
          )}
          {topic.parent && (topic.aside || topic.branch >= 0) && (
            <Button
              onPress={() =>
                actions.edit({ type: "SetAside", topic: topic.id, aside: !topic.aside })
              }
            >
              {topic.aside ? "Take back" : "Set aside"}
            </Button>
          )}
        </Work>
      )}
    </Page>
  );
}
