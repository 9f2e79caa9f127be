import type { ReactNode } from "react";
import styled from "styled-components";
import type { Desk } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import { Bring } from "./Bring";
import { Distilling } from "./Distilling";
import type { Gathering } from "./useGather";

const Column = styled.div`
  display: grid;
  gap: 20px;
  align-content: start;
`;

type GatherProps = {
  desk: Desk;
  gathering: Gathering;
  actions: DeskActions;
  heading: ReactNode;
  onOpen: (source: string) => void;
  onOutline: () => void;
};

/** Brings the first sources together and distils them. */
export function Gather({ desk, gathering, actions, heading, onOpen, onOutline }: GatherProps) {
  return (
    <Column>
      {heading}
      <Bring gathering={gathering} onOpen={onOpen} onOutline={onOutline} />
      <Distilling desk={desk} actions={actions} />
    </Column>
  );
}
