import { memo } from "react";
import styled from "styled-components";
import type { Mark, SourceText } from "../api/types";
import { pigment } from "../theme/tokens";
import { clock } from "../ui/words";
import { pieces } from "./pieces";
import type { Spot } from "./spot";

const Frame = styled.div`
  position: relative;
  margin: 0 0 14px -66px;
  padding-left: 66px;
  content-visibility: auto;
  contain-intrinsic-size: auto 90px;
  overflow: visible;
  &[data-kind="HEADING"] { font-weight: 600; font-size: 18px; margin-top: 22px; }
  &[data-kind="ITEM"] { padding-left: 82px; }
  mark {
    background: none;
    color: inherit;
    text-decoration: underline 2px;
    text-underline-offset: 4px;
    cursor: pointer;
  }
  [data-sought] { background: ${({ theme }) => theme.highlight}; }
`;

const Margin = styled.span`
  position: absolute;
  left: 0;
  width: 54px;
  text-align: right;
  font: 400 13px/26px ${({ theme }) => theme.control};
  color: ${({ theme }) => theme.softInk};
  user-select: none;
`;

const Speaker = styled.span`
  display: block;
  font: 700 14px/20px ${({ theme }) => theme.control};
  user-select: none;
`;

type SourceBlockProps = {
  text: SourceText;
  block: SourceText["blocks"][number];
  marks: Mark[];
  sought: Spot;
  onSelect: (topic: string) => void;
};

/** What stands in the margin of a block: the page that begins in it, or its time. */
function margin(text: SourceText, block: SourceText["blocks"][number]): string {
  const page = text.pages.find((p) => p.start >= block.start && p.start < block.end);
  if (page) {
    return page.label.includes(" ") ? page.label : `p. ${page.label}`;
  }
  const cue = text.cues.find((c) => c.end > block.start);
  return cue && cue.start < block.end ? clock(cue.startMs) : "";
}

function speaker(text: SourceText, block: SourceText["blocks"][number]): string | null {
  return text.cues.find((cue) => cue.end > block.start)?.speaker ?? null;
}

/** A block of a source with the passages that are linked marked in their branch's colour. */
export const SourceBlock = memo(function SourceBlock(props: SourceBlockProps) {
  const { text, block, marks, sought, onSelect } = props;
  const said = block.kind === "SPEECH" ? speaker(text, block) : null;
  return (
    <Frame data-kind={block.kind}>
      <Margin aria-hidden="true">{margin(text, block)}</Margin>
      {said && <Speaker>{said}</Speaker>}
      {pieces(block.start, block.end, marks, sought.end > sought.start ? sought : null).map(
        (piece) => {
          const words = text.text.slice(piece.start, piece.end);
          const first = piece.marks[0];
          const found = piece.sought ? "" : undefined;
          return first ? (
            // biome-ignore lint/a11y/useKeyWithClickEvents: the same topics are reached by key on the map
            <mark
              key={piece.start}
              data-start={piece.start}
              data-sought={found}
              title={piece.marks.map((mark) => mark.number || "root").join(", ")}
              style={{ textDecorationColor: pigment(first.branch) }}
              onClick={() => window.getSelection()?.isCollapsed && onSelect(first.topic)}
            >
              {words}
            </mark>
          ) : (
            <span key={piece.start} data-start={piece.start} data-sought={found}>
              {words}
            </span>
          );
        },
      )}
    </Frame>
  );
});
