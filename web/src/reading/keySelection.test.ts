// @vitest-environment jsdom
import { describe, expect, it } from "vitest";
import type { SourceText } from "../api/types";
import { chosenAfter, type Run, type Step, select, stepOf } from "./keySelection";
import { selectedSpan } from "./selection";

const words = "The wall is old. It leaks.\nBirds came back in spring.";
const text = {
  text: words,
  blocks: [
    { start: 0, end: 26 },
    { start: 27, end: words.length },
  ],
} as unknown as SourceText;

const said = (run: Run) => words.slice(run.start, run.end);
const steps = (before: Run | null, ...taken: Step[]) =>
  taken.reduce<Run | null>((run, step) => chosenAfter(text, run, 0, step), before) ?? before;

describe("choosing words by key", () => {
  it("goes from sentence to sentence, over paragraphs, and stays at the ends", () => {
    expect(said(steps(null, "next") as Run)).toBe("The wall is old.");
    expect(said(steps(null, "next", "next", "next") as Run)).toBe("Birds came back in spring.");
    expect(said(steps(null, "next", "next", "next", "next") as Run)).toBe(
      "Birds came back in spring.",
    );
    expect(said(steps(null, "next", "next", "previous", "previous") as Run)).toBe(
      "The wall is old.",
    );
    expect(said(chosenAfter(text, null, 20, "next"))).toBe("It leaks.");
  });

  it("takes more or fewer sentences and words", () => {
    expect(said(steps(null, "next", "longer") as Run)).toBe("The wall is old. It leaks.");
    expect(said(steps(null, "next", "longer", "shorter") as Run)).toBe("The wall is old.");
    expect(said(steps(null, "next", "wordLess", "wordLess") as Run)).toBe("The wall is");
    expect(said(steps(null, "next", "wordMore") as Run)).toBe("The wall is old. It");
    expect(said(steps(null, "next", "shorter") as Run)).toBe("The wall is old.");
  });

  it("knows its keys", () => {
    expect(stepOf({ key: "ArrowDown", shiftKey: false })).toBe("next");
    expect(stepOf({ key: "ArrowLeft", shiftKey: true })).toBe("wordLess");
    expect(stepOf({ key: "ArrowLeft", shiftKey: false })).toBeNull();
  });

  it("selects on the page what it has chosen", () => {
    document.body.innerHTML =
      '<div id="b"><p><span data-start="0">The wall </span><mark data-start="9">is old. It leaks.</mark></p>' +
      '<p><span data-start="27">Birds came back in spring.</span></p></div>';
    const body = document.getElementById("b") as HTMLElement;
    for (const element of body.querySelectorAll("span, mark")) {
      element.scrollIntoView = () => {};
    }
    select(body, { start: 4, end: 32 });
    expect(selectedSpan(body, words)).toEqual({ start: 4, end: 32 });
  });
});
