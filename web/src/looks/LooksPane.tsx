import { type RefObject, useState } from "react";
import styled from "styled-components";
import type { Topic } from "../api/types";
import type { Choice as Chosen } from "../choice/choice";
import { Beside } from "../desk/ReadingPage";
import type { MapCommands } from "../map/commands";
import type { Tree } from "../map/tree";
import { SignButton } from "../ui/Button";
import { Choice } from "../ui/Choice";
import { Sign } from "../ui/Sign";
import { PaperLooks } from "./PaperLooks";
import { RuleLooks } from "./RuleLooks";
import { TopicLooks } from "./TopicLooks";

const Body = styled.div`
  display: grid;
  align-content: start;
  gap: 12px;
  max-width: 400px;
  padding: 20px 26px 40px;
`;

const Head = styled.div`
  display: flex;
  justify-content: space-between;
  align-items: center;
  h2 { font: 600 21px/28px ${({ theme }) => theme.reading}; }
`;

type Part = "topics" | "rules" | "page";

type LooksPaneProps = {
  tree: Tree;
  topic: Topic;
  choice: Chosen;
  map: RefObject<MapCommands | null>;
  onClose: () => void;
};

/** How the map looks: its topics by hand, by rule, and what it is drawn on. The map stays in sight. */
export function LooksPane({ tree, topic, choice, map, onClose }: LooksPaneProps) {
  const [part, setPart] = useState<Part>("topics");
  return (
    <Beside aria-label="Looks" onKeyDown={(event) => event.key === "Escape" && onClose()}>
      <Body>
        <Head>
          <h2>Looks</h2>
          <SignButton aria-label="Close the looks" onPress={onClose}>
            <Sign name="close" />
          </SignButton>
        </Head>
        <Choice
          label="Looks of"
          value={part}
          options={[
            ["topics", "Topics"],
            ["rules", "Rules"],
            ["page", "The page"],
          ]}
          onChange={(next) => setPart(next as Part)}
        />
        {part === "topics" && (
          <TopicLooks facts={tree.desk.facts} topic={topic} choice={choice} map={map} />
        )}
        {part === "rules" && <RuleLooks tree={tree} map={map} />}
        {part === "page" && <PaperLooks facts={tree.desk.facts} map={map} />}
      </Body>
    </Beside>
  );
}
