import { useState } from "react";
import styled from "styled-components";
import type { Job } from "../api/types";
import { TextButton } from "../ui/Button";
import { Progress } from "../ui/Progress";
import { counted } from "../ui/words";

const Stack = styled.div`
  display: grid;
  background: ${({ theme }) => theme.page};
`;

const Notice = styled.div`
  display: grid;
  grid-template-columns: 1fr auto;
  align-items: center;
  gap: 4px 16px;
  padding: 7px 20px;
  border-bottom: 1px solid ${({ theme }) => theme.rule};
  border-left: 3px solid ${({ theme }) => theme.rubric};
`;

type NoticesProps = {
  waiting: boolean;
  pending: number;
  problem: { message?: string; problem?: string | null } | null;
  onDismiss: () => void;
  distilling: Job | undefined;
  onCancel: () => void;
  again: boolean;
  onCompare: () => void;
  proposals: number;
  onReview: () => void;
  fresh: number;
  onNext: () => void;
  onFresh: () => void;
  onAllSeen: () => void;
};

/** What goes on, and what went wrong. */
export function Notices(props: NoticesProps) {
  const { waiting, pending, problem, onDismiss, distilling, onCancel, proposals, onReview } = props;
  const { again, onCompare, fresh, onNext, onFresh, onAllSeen } = props;
  const [stopping, setStopping] = useState<string | null>(null);
  const sentence = problem?.message ?? problem?.problem;
  return (
    <Stack aria-live="polite">
      {distilling && (
        <Notice>
          <Progress
            label={
              distilling.cancelling || stopping === distilling.id ? "Stopping" : distilling.step
            }
            share={distilling.share}
          />
          <TextButton
            isDisabled={distilling.cancelling || stopping === distilling.id}
            onPress={() => {
              setStopping(distilling.id);
              onCancel();
            }}
          >
            Cancel
          </TextButton>
        </Notice>
      )}
      {waiting && (
        <Notice>
          <span>
            The server is not reached.{" "}
            {pending > 0 &&
              `${counted(pending, "edit")} kept in this browser and sent as soon as it is back.`}
          </span>
        </Notice>
      )}
      {again && !distilling && (
        <Notice>
          The map has been distilled again and waits beside the one that stands
          <TextButton onPress={onCompare}>Compare them</TextButton>
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
