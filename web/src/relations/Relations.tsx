import { useState } from "react";
import styled from "styled-components";
import type { CrossLink, Topic } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import type { Tree } from "../map/tree";
import { pigment } from "../theme/tokens";
import { TextButton } from "../ui/Button";

const Section = styled.section`
  display: grid;
  gap: 6px;
  padding: 8px 0;
  border-bottom: 1px solid ${({ theme }) => theme.rule};
  h2 { font: 700 14px/20px ${({ theme }) => theme.control}; }
  ul { list-style: none; display: grid; gap: 4px; }
  li { display: flex; flex-wrap: wrap; align-items: baseline; gap: 2px 8px; }
`;

const Phrase = styled.input`
  font: italic 400 15px/22px ${({ theme }) => theme.reading};
  color: ${({ theme }) => theme.softInk};
  background: none;
  border: 1px solid transparent;
  border-radius: ${({ theme }) => theme.radius};
  padding: 0 4px;
  margin-left: -5px;
  min-width: 60px;
  field-sizing: content;
  &::placeholder { color: ${({ theme }) => theme.softInk}; opacity: 1; }
  &:hover, &:focus { border-color: ${({ theme }) => theme.rule}; background: ${({ theme }) => theme.vellum}; }
`;

const Other = styled.button`
  border: 0;
  background: none;
  padding: 0;
  text-align: left;
  cursor: pointer;
  font: 400 16px/24px ${({ theme }) => theme.reading};
  color: inherit;
  &:hover { text-decoration: underline; }
  b { font: 700 13px/20px ${({ theme }) => theme.control}; margin-right: 6px; }
`;

const Small = styled(TextButton)`
  font-size: 14px;
  margin-left: auto;
`;

type RelationsProps = {
  tree: Tree;
  topic: Topic;
  actions: DeskActions;
  onSelect: (topic: string) => void;
};

/** The cross-links of a topic, in both directions. */
export function Relations({ tree, topic, actions, onSelect }: RelationsProps) {
  const links = tree.desk.links.filter((l) => l.from === topic.id || l.to === topic.id);
  if (links.length === 0) {
    return null;
  }
  return (
    <Section aria-label="Relations">
      <h2>Relations</h2>
      <ul>
        {links.map((link) => {
          const leads = link.from === topic.id;
          const other = tree.get(leads ? link.to : link.from);
          return (
            other && (
              <li key={link.id}>
                {!leads && <span>from</span>}
                {leads && <PhraseField key={link.phrase} link={link} actions={actions} />}
                <Other type="button" onClick={() => onSelect(other.id)}>
                  {other.number && <b style={{ color: pigment(other.branch) }}>{other.number}</b>}
                  {other.label}
                </Other>
                {!leads && <PhraseField key={link.phrase} link={link} actions={actions} />}
                <Small
                  aria-label={`Take the link to ${other.label} away`}
                  onPress={() => actions.edit({ type: "Disconnect", link: link.id })}
                >
                  Take away
                </Small>
              </li>
            )
          );
        })}
      </ul>
    </Section>
  );
}

function PhraseField({ link, actions }: { link: CrossLink; actions: DeskActions }) {
  const [words, setWords] = useState(link.phrase);
  const keep = () => {
    if (words.trim() !== link.phrase) {
      actions.edit({ type: "Rephrase", link: link.id, phrase: words.trim() });
    }
  };
  return (
    <Phrase
      aria-label="Words on the link"
      placeholder="is linked to"
      maxLength={120}
      value={words}
      onChange={(event) => setWords(event.target.value)}
      onBlur={keep}
      onKeyDown={(event) => {
        if (event.key === "Enter") {
          event.currentTarget.blur();
        } else if (event.key === "Escape") {
          setWords(link.phrase);
          event.stopPropagation();
        }
      }}
    />
  );
}
