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
  &[data-kind="FOOTNOTE"], &[data-kind="CAPTION"], &[data-kind="NOTE"] {
    font-size: 14px;
    line-height: 21px;
    color: ${({ theme }) => theme.softInk};
  }
  &[data-kind="NOTE"], &[data-kind="FOOTNOTE"] { padding-left: 82px; }
  &[data-excluded] { opacity: 0.6; border-right: 3px double ${({ theme }) => theme.rule}; }
  [data-now] { box-shadow: inset 0 -0.5em 0 ${({ theme }) => theme.highlight}; }
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
  now: { start: number; end: number } | null;
  onSelect: (topic: string) => void;
};

/** What stands in the margin of a block: the page that begins in it, or its time. */
function margin(text: SourceText, block: SourceText["blocks"][number]): string {
  const page = text.pages.find((p) => p.start >= block.start && p.start < block.end);
  if (page) {
    const name = page.label.includes(" ") ? page.label : `p. ${page.label}`;
    return text.scanned.includes(page.number) ? `${name} scan` : name;
  }
  const cue = text.cues.find((c) => c.end > block.start);
  return cue && cue.start < block.end ? clock(cue.startMs) : "";
}

function speaker(text: SourceText, block: SourceText["blocks"][number]): string | null {
  return text.cues.find((cue) => cue.end > block.start)?.speaker ?? null;
}

/** A block of a source with the passages that are linked marked in their branch's colour. */
export const SourceBlock = memo(function SourceBlock(props: SourceBlockProps) {
  const { text, block, marks, sought, now, onSelect } = props;
  const out = text.excluded.some((e) => e.start <= block.start && e.end >= block.end);
  const who = block.kind === "SPEECH" ? speaker(text, block) : null;
  return (
    <Frame
      data-kind={block.kind}
      role={block.kind === "HEADING" ? "heading" : undefined}
      aria-level={block.kind === "HEADING" ? Math.min(6, block.level + 1) : undefined}
      data-excluded={out ? "" : undefined}
      title={out ? "Left out of distilling" : undefined}
    >
      <Margin aria-hidden="true">{margin(text, block)}</Margin>
      {who && <Speaker>{who}</Speaker>}
      {pieces(block.start, block.end, marks, sought.end > sought.start ? sought : null, now).map(
        (piece) => {
          const words = text.text.slice(piece.start, piece.end);
          const first = piece.marks[0];
          const found = piece.sought ? "" : undefined;
          const said = piece.now ? "" : undefined;
          return first ? (
            // biome-ignore lint/a11y/useKeyWithClickEvents: the same topics are reached by key on the map
            <mark
              key={piece.start}
              data-start={piece.start}
              data-sought={found}
              data-now={said}
              title={piece.marks.map((mark) => mark.number || "root").join(", ")}
              style={{ textDecorationColor: pigment(first.branch) }}
              onClick={() =>
                !text.sound && window.getSelection()?.isCollapsed && onSelect(first.topic)
              }
            >
              {words}
            </mark>
          ) : (
            <span key={piece.start} data-start={piece.start} data-sought={found} data-now={said}>
              {words}
            </span>
          );
        },
      )}
    </Frame>
  );
});
