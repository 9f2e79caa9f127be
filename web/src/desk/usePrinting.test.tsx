// @vitest-environment jsdom
import { renderHook } from "@testing-library/react";
import { expect, test } from "vitest";
import { usePrinting } from "./usePrinting";

test("on paper the map keeps its size and is shrunk to the page", () => {
  const map = document.createElement("div");
  map.getBoundingClientRect = () => new DOMRect(0, 0, 1360, 500);
  const { unmount } = renderHook(() => usePrinting({ current: map }));
  window.dispatchEvent(new Event("beforeprint"));
  const root = document.documentElement.style;
  expect(root.getPropertyValue("--map-wide")).toBe("1360px");
  expect(root.getPropertyValue("--map-high")).toBe("500px");
  expect(root.getPropertyValue("--map-shrunk")).toBe("0.5");
  unmount();
  map.getBoundingClientRect = () => new DOMRect(0, 0, 100, 100);
  window.dispatchEvent(new Event("beforeprint"));
  expect(root.getPropertyValue("--map-wide")).toBe("1360px");
});
