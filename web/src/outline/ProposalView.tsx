import styled from "styled-components";
import type { Proposal, Source } from "../api/types";
import type { OpenSource } from "../reading/spot";
import { TextButton } from "../ui/Button";

const Frame = styled.article`
  display: grid;
  gap: 2px;
  padding: 6px 0 6px 13px;
  border-left: 3px dashed ${({ theme }) => theme.softInk};
  margin-bottom: 6px;
`;

const Where = styled.div`
  display: flex;
  justify-content: space-between;
  gap: 12px;
  font-size: 14px;
  color: ${({ theme }) => theme.softInk};
  b { color: ${({ theme }) => theme.ink}; }
`;

const Words = styled.p`
  font: 400 16px/25px ${({ theme }) => theme.reading};
`;

const Below = styled.div`
  display: flex;
  gap: 16px;
  font-size: 14px;
`;

type ProposalViewProps = {
  proposal: Proposal;
  source: Source | undefined;
  onAccept: () => void;
  onRefuse: () => void;
  onOpen: OpenSource;
};

/** A passage that waits to be accepted; its edge is dashed, for it is not linked. */
export function ProposalView(props: ProposalViewProps) {
  const { proposal, source, onAccept, onRefuse, onOpen } = props;
  const short = proposal.exact.slice(0, 60);
  return (
    <Frame>
      <Where>
        <span>
          <b>{source?.name}</b> {proposal.place && `\u00b7 ${proposal.place}`}
        </span>
        <span>strength {proposal.strength.toFixed(2)}</span>
      </Where>
      <Words>{proposal.exact}</Words>
      <Below>
        <TextButton aria-label={`Accept: ${short}`} onPress={onAccept}>
          Accept
        </TextButton>
        <TextButton aria-label={`Refuse: ${short}`} onPress={onRefuse}>
          Refuse
        </TextButton>
        <TextButton
          aria-label={`Read in the source: ${short}`}
          onPress={() =>
            onOpen({ source: proposal.source, start: proposal.start, end: proposal.end })
          }
        >
          Read it there
        </TextButton>
      </Below>
    </Frame>
  );
}
