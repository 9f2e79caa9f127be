import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import styled from "styled-components";
import { request } from "../api/client";
import type { Desk, Proposal } from "../api/types";
import type { Tree } from "../map/tree";
import type { OpenSource } from "../reading/spot";
import { Button } from "../ui/Button";
import { Row, Trouble } from "../ui/Field";
import { Sheet } from "../ui/Sheet";
import { StrengthSlider } from "../ui/StrengthSlider";
import { counted } from "../ui/words";
import { ProposalView } from "./ProposalView";

const List = styled.div`
  display: grid;
  gap: 14px;
  max-height: 44vh;
  overflow: auto;
  h3 { font: 600 16px/24px ${({ theme }) => theme.reading}; }
`;

/** Accepts and refuses proposed passages. */
export function useProposals(desk: Desk) {
  const client = useQueryClient();
  const decide = useMutation({
    scope: { id: `map-${desk.id}` },
    mutationFn: ({ how, ids }: { how: "accept" | "refuse"; ids: string[] }) =>
      request<void>("POST", `/api/maps/${desk.id}/proposals/${how}`, { proposals: ids }),
    onSuccess: () => client.invalidateQueries({ queryKey: ["desk", desk.id] }),
  });
  return {
    accept: (...ids: string[]) => decide.mutate({ how: "accept", ids }),
    refuse: (...ids: string[]) => decide.mutate({ how: "refuse", ids }),
    problem: decide.error,
    busy: decide.isPending,
  };
}

type ProposalsSheetProps = {
  tree: Tree;
  isOpen: boolean;
  onOpenChange: (open: boolean) => void;
  onOpen: OpenSource;
};

/** All passages that are proposed for topics; nothing is linked before a person accepts it. */
export function ProposalsSheet({ tree, isOpen, onOpenChange, onOpen }: ProposalsSheetProps) {
  const { desk } = tree;
  const [least, setLeast] = useState(70);
  const { accept, refuse, problem, busy } = useProposals(desk);
  const strong = desk.proposals.filter((p) => p.strength * 100 >= least);
  const weak = desk.proposals.filter((p) => p.strength * 100 < least);
  const bare = desk.topics.filter((t) => t.passages === 0 && t.parent && t.children.length === 0);
  const none = bare.filter((t) => !desk.proposals.some((p) => p.topic === t.id));
  const byTopic = new Map<string, Proposal[]>();
  for (const proposal of desk.proposals) {
    byTopic.set(proposal.topic, [...(byTopic.get(proposal.topic) ?? []), proposal]);
  }
  return (
    <Sheet title="Proposed passages" wide isOpen={isOpen} onOpenChange={onOpenChange}>
      <p>
        These words of your sources may bear the topics out. None is linked before you accept it.
        {none.length > 0 && ` ${counted(none.length, "topic")} found none and stay unsupported.`}
      </p>
      <Row>
        <StrengthSlider value={least} least={45} onChange={setLeast} />
        <Button
          $strong
          onPress={() => !busy && strong.length > 0 && accept(...strong.map((p) => p.id))}
        >
          Accept {counted(strong.length, "passage")}
        </Button>
        <Button onPress={() => !busy && weak.length > 0 && refuse(...weak.map((p) => p.id))}>
          Refuse the {weak.length} weaker
        </Button>
      </Row>
      {problem && <Trouble role="alert">{problem.message}</Trouble>}
      <List>
        {desk.proposals.length === 0 && <p>Nothing is proposed now.</p>}
        {desk.topics
          .filter((topic) => byTopic.has(topic.id))
          .map((topic) => (
            <section key={topic.id}>
              <h3>
                {topic.number} {topic.label}
              </h3>
              {byTopic.get(topic.id)?.map((proposal) => (
                <ProposalView
                  key={proposal.id}
                  proposal={proposal}
                  source={desk.sources.find((s) => s.id === proposal.source)}
                  onAccept={() => accept(proposal.id)}
                  onRefuse={() => refuse(proposal.id)}
                  onOpen={(spot) => {
                    onOpenChange(false);
                    onOpen(spot);
                  }}
                />
              ))}
            </section>
          ))}
      </List>
    </Sheet>
  );
}
