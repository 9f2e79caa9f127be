import type { SourceText } from "../api/types";

/** A run of a source's text, in code units. */
export type Run = { start: number; end: number };

/** What a key does to the words that are chosen. */
export type Step = "next" | "previous" | "longer" | "shorter" | "wordMore" | "wordLess";

const BY_SENTENCES: Record<string, Step> = { ArrowDown: "next", ArrowUp: "previous" };
const EXTENDING: Record<string, Step> = {
  ArrowDown: "longer",
  ArrowUp: "shorter",
  ArrowRight: "wordMore",
  ArrowLeft: "wordLess",
};

/** The step that a key means, or null if it means nothing here. */
export function stepOf(event: { key: string; shiftKey: boolean }): Step | null {
  return (event.shiftKey ? EXTENDING : BY_SENTENCES)[event.key] ?? null;
}

function runs(words: string, granularity: "sentence" | "word", offset: number): Run[] {
  const found: Run[] = [];
  for (const { segment, index } of new Intl.Segmenter(undefined, { granularity }).segment(words)) {
    const trimmed = segment.trim();
    if (trimmed) {
      const start = offset + index + segment.indexOf(trimmed);
      found.push({ start, end: start + trimmed.length });
    }
  }
  return found;
}

/** The sentences of the blocks around a place, some before it and some after. */
function sentencesAround(text: SourceText, at: number): Run[] {
  const here = text.blocks.findIndex((block) => block.end > at);
  const block = here < 0 ? text.blocks.length - 1 : here;
  return text.blocks
    .slice(Math.max(0, block - 1), block + 2)
    .flatMap(({ start, end }) => runs(text.text.slice(start, end), "sentence", start));
}

/**
 * The words that are chosen after a step, from those that are chosen or from where one reads; the
 * same where the text ends.
 */
export function chosenAfter(text: SourceText, before: Run | null, at: number, step: Step): Run {
  const from = before ?? { start: at, end: at };
  if (step === "next" || step === "previous") {
    const around = sentencesAround(text, step === "next" ? from.end : from.start);
    const found =
      step === "next"
        ? around.find((run) => (before ? run.start >= from.end : run.end > at))
        : around.findLast((run) => run.end <= from.start);
    return found ?? from;
  }
  const around = sentencesAround(text, from.end);
  const ends =
    step === "longer" || step === "shorter"
      ? around
      : around.flatMap((run) => runs(text.text.slice(run.start, run.end), "word", run.start));
  const end =
    step === "longer" || step === "wordMore"
      ? ends.find((run) => run.end > from.end)?.end
      : ends.findLast((run) => run.end < from.end && run.end > from.start)?.end;
  return { start: from.start, end: end ?? from.end };
}

/** Selects words of a source where they stand on its page, and brings them into sight. */
export function select(body: HTMLElement, run: Run): void {
  const holders = [...body.querySelectorAll<HTMLElement>("[data-start]")];
  const point = (at: number) => {
    const holder = holders.findLast((element) => Number(element.dataset.start) <= at);
    const node = holder?.firstChild;
    const offset = at - Number(holder?.dataset.start);
    return node ? { node, offset: Math.min(offset, node.textContent?.length ?? 0) } : null;
  };
  const start = point(run.start);
  const end = point(run.end - 1);
  if (start && end) {
    window.getSelection()?.setBaseAndExtent(start.node, start.offset, end.node, end.offset + 1);
    start.node.parentElement?.scrollIntoView({ block: "nearest" });
  }
}
