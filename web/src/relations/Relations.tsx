import styled from "styled-components";
import type { Topic } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import type { Tree } from "../map/tree";
import type { OpenSource } from "../reading/spot";
import { TextButton } from "../ui/Button";
import type { ChosenLink } from "./linkActs";
import { RelationView } from "./RelationView";

const Section = styled.section`
  display: grid;
  gap: 6px;
  padding: 8px 0;
  border-bottom: 1px solid ${({ theme }) => theme.rule};
  h2 { font: 700 14px/20px ${({ theme }) => theme.control}; }
  ul { list-style: none; display: grid; gap: 4px; }
`;

const Head = styled.div`
  display: flex;
  justify-content: space-between;
  button { font-size: 14px; }
`;

type RelationsProps = {
  tree: Tree;
  topic: Topic;
  actions: DeskActions;
  chosen: ChosenLink | null;
  onSelect: (topic: string) => void;
  onLink: (topic: string) => void;
  onReattach: (link: string, topic: string) => void;
  onOpen: OpenSource;
  onGround: (link: string) => void;
};

/** The cross-links of a topic, in both directions. */
export function Relations(props: RelationsProps) {
  const { tree, topic, actions, onSelect, onLink, onReattach, onGround } = props;
  const readable = tree.desk.sources.some((source) => source.length > 0);
  const links = tree.desk.links.filter((l) => l.from === topic.id || l.to === topic.id);
  if (links.length === 0) {
    return null;
  }
  return (
    <Section aria-label="Relations">
      <Head>
        <h2>Relations</h2>
        <TextButton onPress={() => onLink(topic.id)}>Link to another topic…</TextButton>
      </Head>
      <ul>
        {links.map((link) => {
          const other = tree.get(link.from === topic.id ? link.to : link.from);
          return (
            other && (
              <RelationView
                key={link.id}
                desk={tree.desk}
                link={link}
                topic={topic}
                other={other}
                chosen={props.chosen?.id === link.id ? props.chosen : null}
                remarks={tree.desk.comments}
                actions={actions}
                onSelect={onSelect}
                onReattach={(id) => onReattach(id, topic.id)}
                onOpen={props.onOpen}
                onGround={readable ? onGround : null}
              />
            )
          );
        })}
      </ul>
    </Section>
  );
}
