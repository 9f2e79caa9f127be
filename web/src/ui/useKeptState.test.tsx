// @vitest-environment jsdom
import { act, renderHook } from "@testing-library/react";
import { expect, it } from "vitest";
import { forgetState, useKeptState } from "./useKeptState";

it("is there again where it is shown again, by its key, until it is forgotten", () => {
  const first = renderHook(({ key }) => useKeptState(key, () => "begun"), {
    initialProps: { key: "a" },
  });
  expect(first.result.current[0]).toBe("begun");
  act(() => first.result.current[1]("written"));
  first.rerender({ key: "b" });
  expect(first.result.current[0]).toBe("begun");
  first.rerender({ key: "a" });
  expect(first.result.current[0]).toBe("written");
  first.unmount();
  const again = renderHook(() => useKeptState("a", () => "begun"));
  expect(again.result.current[0]).toBe("written");
  again.unmount();
  forgetState("a");
  expect(renderHook(() => useKeptState("a", () => "begun")).result.current[0]).toBe("begun");
});
