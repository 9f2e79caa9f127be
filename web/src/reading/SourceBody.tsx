import {
  type KeyboardEvent,
  type MouseEvent,
  useCallback,
  useEffect,
  useMemo,
  useRef,
  useState,
} from "react";
import styled from "styled-components";
import type { Mark, SourceText, Topic } from "../api/types";
import { Button, TextButton } from "../ui/Button";
import { counted } from "../ui/words";
import { chosenAfter, type Run, select, stepOf } from "./keySelection";
import { land } from "./land";
import { SourceBlock } from "./SourceBlock";
import { selectedSpan } from "./selection";
import type { Spot } from "./spot";

const Body = styled.div`
  position: relative;
  padding: 16px 26px 96px 78px;
  @media (max-width: 500px) { padding-right: 14px; }
  font: 400 16px/26px ${({ theme }) => theme.reading};
  max-width: 760px;
  &:focus { outline: none; }
  &:focus-visible { box-shadow: inset 3px 0 ${({ theme }) => theme.rubric}; }
`;

const LinkBar = styled.div`
  position: sticky;
  bottom: 0;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 12px;
  padding: 10px 26px;
  background: ${({ theme }) => theme.shelf};
  border-top: 1px solid ${({ theme }) => theme.rule};
`;

type SourceBodyProps = {
  /** What the words are to bear out instead of the topic, or null. */
  grounding: string | null;
  text: SourceText;
  marks: Mark[];
  sought: Spot;
  now: { start: number; end: number } | null;
  topic: Topic;
  onLink: (start: number, end: number) => void;
  onLeaveOut: (start: number, end: number) => void;
  onPlay: (start: number, end: number) => void;
  onSelect: (topic: string) => void;
  say: (words: string) => void;
};

/** The text of a source with its marks; words that are selected in it can be linked. */
export function SourceBody(props: SourceBodyProps) {
  const { text, marks, sought, now, topic, grounding, onLink, onLeaveOut, onPlay } = props;
  const { onSelect, say } = props;
  const body = useRef<HTMLDivElement>(null);
  const [byKey, setByKey] = useState(false);
  const [selected, setSelected] = useState<{ start: number; end: number } | null>(null);

  // another source or spot, not each state of the map
  const words = text.text;
  // biome-ignore lint/correctness/useExhaustiveDependencies: blocks are those of the words
  useEffect(() => {
    setSelected(null);
    const at = text.blocks.findIndex((block) => block.end > sought.start);
    return land(
      () =>
        body.current?.querySelector("[data-sought]") ??
        body.current?.children[Math.max(0, at)] ??
        null,
    );
  }, [words, sought]);

  useEffect(() => {
    const changed = () => {
      if (body.current) {
        setSelected(selectedSpan(body.current, text.text));
      }
    };
    document.addEventListener("selectionchange", changed);
    return () => document.removeEventListener("selectionchange", changed);
  }, [text]);

  // biome-ignore lint/correctness/useExhaustiveDependencies: it follows what is said
  useEffect(() => {
    body.current
      ?.querySelector("[data-now]")
      ?.scrollIntoView({ block: "nearest", behavior: "smooth" });
  }, [now]);

  // what opened the source is gone with the page it stood on
  useEffect(() => {
    const { activeElement } = document;
    const around = body.current?.closest("section");
    if (activeElement === document.body || activeElement === around) {
      body.current?.focus({ preventScroll: true });
    }
  }, []);

  const play = (event: MouseEvent) => {
    const holder = (event.target as Element).closest("[data-start]");
    if (text.sound && holder && window.getSelection()?.isCollapsed) {
      const selection = window.getSelection();
      const at = Number(holder.getAttribute("data-start")) + (selection?.anchorOffset ?? 0);
      const cue = text.cues.findLast((c) => c.start <= at);
      if (cue) {
        onPlay(cue.start, cue.end);
      }
    }
  };
  const linked = useCallback(
    (span: { start: number; end: number }) =>
      !grounding &&
      marks.some((m) => m.topic === topic.id && m.start === span.start && m.end === span.end),
    [marks, topic, grounding],
  );
  const offered = selected ?? (sought.end > sought.start ? sought : null);
  const link = (span: Run) => {
    onLink(span.start, span.end);
    window.getSelection()?.removeAllRanges();
    setSelected(null);
    body.current?.focus({ preventScroll: true }); // the button that was pressed is gone
  };
  const keyed = (event: KeyboardEvent<HTMLElement>) => {
    const step = stepOf(event);
    if (event.target !== event.currentTarget || event.altKey || event.ctrlKey || event.metaKey) {
      return;
    }
    if (step) {
      event.preventDefault();
      const chosen = chosenAfter(text, offered, sought.start, step);
      select(event.currentTarget, chosen);
      setSelected(chosen); // the browser tells of it later, and the next key may come before
      say(text.text.slice(chosen.start, chosen.end));
    } else if (event.key === "Enter" && offered && !linked(offered)) {
      event.preventDefault();
      link(offered);
    } else if (event.key === "Escape" && selected) {
      event.preventDefault();
      window.getSelection()?.removeAllRanges();
    }
  };
  const blocks = useMemo(
    () =>
      text.blocks.map((block) => (
        <SourceBlock
          key={block.start}
          text={text}
          block={block}
          marks={marks}
          sought={sought}
          now={now && now.start < block.end && now.end > block.start ? now : null}
          onSelect={onSelect}
        />
      )),
    [text, marks, sought, now, onSelect],
  );

  return (
    <>
      <Body
        ref={body}
        role="group"
        aria-label="Text of the source"
        aria-describedby="choosing"
        tabIndex={0}
        data-plays={text.sound ? "" : undefined}
        onClick={play}
        onKeyDown={keyed}
        onFocus={(event) => setByKey(event.currentTarget.matches(":focus-visible"))}
        onBlur={() => setByKey(false)}
      >
        {blocks}
      </Body>
      {offered && !linked(offered) ? (
        <LinkBar>
          <Button $strong onPress={() => link(offered)}>
            {grounding
              ? `Let it bear out “${grounding}”`
              : `Link to ${topic.number} ${topic.label}`}
          </Button>
          <span>
            {counted(text.text.slice(offered.start, offered.end).split(/\s+/).length, "word")}
          </span>
          {selected && (
            <TextButton onPress={() => onLeaveOut(selected.start, selected.end)}>
              Leave out of distilling
            </TextButton>
          )}
        </LinkBar>
      ) : (
        <LinkBar>
          <span id="choosing">
            {grounding
              ? `Select the words that bear out “${grounding}”.`
              : `Select words to link them to “${topic.label}”.`}
            {byKey && " Up and down choose a sentence, with Shift more or fewer; Enter links it."}
            {text.sound && " Press a sentence to hear it."}
          </span>
        </LinkBar>
      )}
    </>
  );
}
