import { useState } from "react";
import styled from "styled-components";
import { KeySample } from "../looks/KeySample";
import { theme } from "../theme/tokens";
import { TextButton } from "../ui/Button";
import type { Tree } from "./tree";

const KEY = "pergamena.legend";

/** In a window no wider it is folded to begin with. */
const NARROW = 800;

const Row = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 2px 10px;
  margin-left: auto;
  font-size: 14px;
  color: ${({ theme }) => theme.softInk};
  svg { vertical-align: -3px; margin-right: 5px; }
  @media (forced-colors: active) { path { stroke: CanvasText; } }
  em { color: ${({ theme }) => theme.rubric}; font: italic 400 13px/18px ${({ theme }) => theme.reading}; }
`;

const Fold = styled(TextButton)`
  font-size: 14px;
`;

/** What the signs on the map mean; it folds to a word, and stays as it was left. */
export function Legend({ tree }: { tree: Tree }) {
  const [open, setOpen] = useState(() => {
    const kept = localStorage.getItem(KEY);
    return kept ? kept !== "folded" : window.innerWidth > NARROW;
  });
  const { topics, links, sources } = tree.desk;
  const fold = (next: boolean) => {
    localStorage.setItem(KEY, next ? "open" : "folded");
    setOpen(next);
  };
  if (!open) {
    return (
      <Row>
        <Fold onPress={() => fold(true)}>What the signs mean</Fold>
      </Row>
    );
  }
  return (
    <Row role="group" aria-label="What the signs mean">
      <span>
        <svg width="9" height="14" viewBox="0 0 9 14" aria-hidden="true">
          <path d="M1.5 0v14M7.5 0v14" stroke={theme.ink} strokeWidth="3" />
        </svg>
        passage, in its source’s ink
      </span>
      {topics.some((topic) => topic.thin) && (
        <span>
          <em>thin</em> too little
        </span>
      )}
      {sources.length > 0 && (
        <span>
          <svg width="16" height="11" viewBox="0 0 16 11" aria-hidden="true">
            <rect width="16" height="11" fill={theme.gap} stroke={theme.rule} />
          </svg>
          not on the map
        </span>
      )}
      {links.length > 0 && (
        <span>
          <em>* †</em> linked
        </span>
      )}
      {tree.desk.facts.key.map((entry) => (
        <KeySample key={`${entry.rule}${entry.words}${entry.source}`} entry={entry} tree={tree} />
      ))}
      <Fold onPress={() => fold(false)}>Fold away</Fold>
    </Row>
  );
}
