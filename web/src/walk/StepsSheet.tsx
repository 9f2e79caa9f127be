import { useEffect, useState } from "react";
import styled from "styled-components";
import type { DeskActions } from "../api/useDesk";
import type { Tree } from "../map/tree";
import { Button, TextButton } from "../ui/Button";
import { Sheet, SheetButtons } from "../ui/Sheet";
import { Tick } from "../ui/Tick";
import { stepsOf } from "./steps";

const List = styled.ol`
  max-height: 56vh;
  overflow: auto;
  margin: 0;
  padding: 0;
  list-style: none;
  border-block: 1px solid ${({ theme }) => theme.rule};
  li { display: flex; align-items: center; gap: 14px; padding: 3px 4px; }
  li > :first-child { margin-right: auto; }
  li + li { border-top: 1px solid ${({ theme }) => theme.rule}; }
`;

type StepsSheetProps = {
  tree: Tree;
  actions: DeskActions;
  isOpen: boolean;
  onOpenChange: (open: boolean) => void;
};

/** Which topics one is led through, and in which order. */
export function StepsSheet(props: StepsSheetProps) {
  return (
    <Sheet title="Arrange the steps" isOpen={props.isOpen} onOpenChange={props.onOpenChange}>
      <Arranging {...props} />
    </Sheet>
  );
}

function Arranging({ tree, actions, isOpen, onOpenChange }: StepsSheetProps) {
  const begin = () => {
    const steps = stepsOf(tree).map(({ id }) => id);
    const others = tree.desk.topics.map(({ id }) => id).filter((id) => !steps.includes(id));
    return [...steps.map((id) => ({ id, on: true })), ...others.map((id) => ({ id, on: false }))];
  };
  const [steps, setSteps] = useState(begin);
  // biome-ignore lint/correctness/useExhaustiveDependencies: as it is when it opens
  useEffect(() => {
    if (isOpen) {
      setSteps(begin());
    }
  }, [isOpen]);
  const move = (from: number, by: number) => {
    const next = [...steps];
    const [moved] = next.splice(from, 1);
    if (moved) {
      next.splice(from + by, 0, moved);
    }
    setSteps(next);
  };
  const keep = (walk: string[]) => {
    actions.edit({ type: "Arrange", walk });
    onOpenChange(false);
  };
  return (
    <>
      <p>Tick what is to be a step, and put the steps in their order.</p>
      <List>
        {steps.map(({ id, on }, i) => {
          const topic = tree.get(id);
          return topic ? (
            <li key={id}>
              <Tick
                isSelected={on}
                onChange={(now) =>
                  setSteps(steps.map((each) => (each.id === id ? { id, on: now } : each)))
                }
              >
                {topic.number} {topic.label}
              </Tick>
              <TextButton
                isDisabled={i === 0}
                aria-label={`${topic.label} earlier`}
                onPress={() => move(i, -1)}
              >
                Earlier
              </TextButton>
              <TextButton
                isDisabled={i === steps.length - 1}
                aria-label={`${topic.label} later`}
                onPress={() => move(i, 1)}
              >
                Later
              </TextButton>
            </li>
          ) : null;
        })}
      </List>
      <SheetButtons>
        <Button onPress={() => keep([])}>As the map has them</Button>
        <Button onPress={() => onOpenChange(false)}>Cancel</Button>
        <Button
          $strong
          isDisabled={!steps.some(({ on }) => on)}
          onPress={() => keep(steps.filter(({ on }) => on).map(({ id }) => id))}
        >
          Keep this order
        </Button>
      </SheetButtons>
    </>
  );
}
