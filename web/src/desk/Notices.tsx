import styled from "styled-components";
import type { Job } from "../api/types";
import { TextButton } from "../ui/Button";
import { Progress } from "../ui/Progress";
import { counted } from "../ui/words";

const Stack = styled.div`
  position: absolute;
  top: 12px;
  left: 50%;
  translate: -50%;
  z-index: 5;
  display: grid;
  gap: 8px;
  width: min(440px, calc(100% - 24px));
`;

const Notice = styled.div`
  display: grid;
  grid-template-columns: 1fr auto;
  align-items: center;
  gap: 12px;
  padding: 10px 14px;
  background: ${({ theme }) => theme.page};
  border: 1px solid ${({ theme }) => theme.rule};
  border-left: 3px solid ${({ theme }) => theme.rubric};
  border-radius: ${({ theme }) => theme.radius};
  box-shadow: 0 4px 16px rgb(42 37 33 / 0.14);
`;

type NoticesProps = {
  waiting: boolean;
  problem: { message?: string; problem?: string | null } | null;
  onDismiss: () => void;
  distilling: Job | undefined;
  onCancel: () => void;
  proposals: number;
  onReview: () => void;
  fresh: number;
  onNext: () => void;
  onFresh: () => void;
  onAllSeen: () => void;
};

/** What goes on, and what went wrong. */
export function Notices(props: NoticesProps) {
  const { waiting, problem, onDismiss, distilling, onCancel, proposals, onReview } = props;
  const { fresh, onNext, onFresh, onAllSeen } = props;
  const sentence = problem?.message ?? problem?.problem;
  return (
    <Stack aria-live="polite">
      {distilling && (
        <Notice>
          <Progress label={distilling.step} share={distilling.share} />
          <TextButton onPress={onCancel}>Cancel</TextButton>
        </Notice>
      )}
      {waiting && (
        <Notice>
          The server is not reached. Your edit is kept here and sent again until it arrives.
        </Notice>
      )}
      {proposals > 0 && !distilling && (
        <Notice>
          {counted(proposals, "passage")} proposed for topics
          <TextButton onPress={onReview}>Review them</TextButton>
        </Notice>
      )}
      {fresh > 0 && !distilling && (
        <Notice>
          {counted(fresh, "topic")} with something new
          <span style={{ display: "flex", gap: 14 }}>
            <TextButton onPress={onFresh}>What came</TextButton>
            <TextButton onPress={onNext}>Show the next</TextButton>
            <TextButton onPress={onAllSeen}>All seen</TextButton>
          </span>
        </Notice>
      )}
      {sentence && (
        <Notice role="alert">
          <span>{sentence}</span>
          <TextButton onPress={onDismiss}>Dismiss</TextButton>
        </Notice>
      )}
    </Stack>
  );
}
