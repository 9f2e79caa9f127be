// @vitest-environment jsdom
import { act, renderHook } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { type Typed, useTypedWords } from "./typing";

beforeEach(() => vi.useFakeTimers());
afterEach(() => vi.useRealTimers());

function field(first: string) {
  const saved: [words: string, from: string, field: string][] = [];
  const save = (words: string, typed: Typed) => saved.push([words, typed.from, typed.field]);
  const hook = renderHook(({ value }) => useTypedWords(value, save), {
    initialProps: { value: first },
  });
  return { saved, hook, now: () => hook.result.current };
}

describe("what is typed", () => {
  it("is saved a second after the last key, each time from what was saved before", () => {
    const { saved, now } = field("old");
    act(() => now().type("old w"));
    act(() => now().type("old wall"));
    expect(saved).toEqual([]);
    act(() => vi.advanceTimersByTime(1000));
    act(() => now().type("old wall and bank"));
    act(() => now().leave());
    expect(saved.map(([words, from]) => [words, from])).toEqual([
      ["old wall", "old"],
      ["old wall and bank", "old wall"],
    ]);
    expect(saved[0]?.[2]).toBe(saved[1]?.[2]); // one time at the field
  });

  it("is not saved if it comes to what was there", () => {
    const { saved, now } = field("old");
    act(() => now().type("older"));
    act(() => now().type("old"));
    act(() => now().leave());
    expect(saved).toEqual([]);
  });

  it("gives way to what was written elsewhere once it is saved, and not before", () => {
    const { hook, now } = field("old");
    act(() => now().type("old wall"));
    hook.rerender({ value: "the old" });
    expect(now().words).toBe("old wall");
    act(() => vi.advanceTimersByTime(1000));
    hook.rerender({ value: "the old wall" });
    expect(now().words).toBe("the old wall");
  });

  it("is saved when the field goes", () => {
    const { saved, hook, now } = field("");
    act(() => now().type("silt"));
    hook.unmount();
    expect(saved.map(([words]) => words)).toEqual(["silt"]);
  });
});
