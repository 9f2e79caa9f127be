import styled from "styled-components";
import type { Topic } from "../api/types";
import type { Tree } from "../map/tree";
import { Headed } from "../reading/Headed";
import { pigment } from "../theme/tokens";
import { asWords, TextButton } from "../ui/Button";
import { counted } from "../ui/words";

const Page = styled.div`
  display: grid;
  gap: 12px;
  align-content: start;
  ul { list-style: none; display: grid; gap: 2px; }
`;

const Facts = styled.p`
  padding: 8px 0;
  border: solid ${({ theme }) => theme.rule};
  border-width: 1px 0;
  font-size: 14px;
  color: ${({ theme }) => theme.softInk};
  b { color: ${({ theme }) => theme.ink}; }
`;

const One = styled.li`
  display: flex;
  align-items: baseline;
  gap: 8px;
  font: 400 16px/26px ${({ theme }) => theme.reading};
  b { font: 700 13px/20px ${({ theme }) => theme.control}; }
  button:first-of-type {
    ${asWords}
  }
`;

const Off = styled(TextButton)`
  margin-left: auto;
  font-size: 14px;
`;

type SeveralReadingProps = {
  tree: Tree;
  topics: readonly Topic[];
  onSelect: (topic: string) => void;
  onToggle: (topic: string) => void;
  onClear: () => void;
  onActs: (button: Element) => void;
};

const MOST = 200;

/** Several chosen topics: which they are, what they share, and what can be done to all. */
export function SeveralReading(props: SeveralReadingProps) {
  const { tree, topics, onSelect, onToggle, onClear, onActs } = props;
  const own = topics.reduce((sum, topic) => sum + topic.own, 0);
  const words = new Map(tree.desk.facts.legend.map((tag) => [tag.id, tag.word]));
  const [first, ...others] = topics;
  const shared = (first?.tags ?? []).filter((tag) => others.every((t) => t.tags.includes(tag)));
  const parents = new Set(topics.map((topic) => topic.parent));
  const parent = parents.size === 1 ? tree.get([...parents][0] ?? null) : undefined;
  return (
    <Page>
      <Headed of={`the ${topics.length} chosen topics`} onActs={onActs}>
        {topics.length} topics chosen
      </Headed>
      <Facts>
        <b>{own}</b> {own === 1 ? "passage" : "passages"} of their own
        {parent && <> · all under {parent.label}</>}
        {shared.length > 0 && <> · all marked {shared.map((id) => words.get(id)).join(", ")}</>}
      </Facts>
      <ul aria-label="Chosen topics">
        {topics.slice(0, MOST).map((topic) => (
          <One key={topic.id}>
            <b style={{ color: pigment(topic.branch) }}>{topic.number}</b>
            <button type="button" onClick={() => onSelect(topic.id)}>
              {topic.label}
            </button>
            <Off
              aria-label={`Take ${topic.label} from what is chosen`}
              onPress={() => onToggle(topic.id)}
            >
              Leave out
            </Off>
          </One>
        ))}
      </ul>
      {topics.length > MOST && <p>{counted(topics.length - MOST, "more topic")}</p>}
      <p>
        <TextButton onPress={onClear}>Choose only one again</TextButton>
      </p>
    </Page>
  );
}
