import { expect, test } from "vitest";
import { partOf } from "./Cutting";

test("a part is drawn from any corner and stays on the page", () => {
  expect(partOf({ x: 0.75, y: 0.5 }, { x: 0.25, y: 0.25 })).toEqual({
    left: 0.25,
    top: 0.25,
    width: 0.5,
    height: 0.25,
  });
  expect(partOf({ x: 0.5, y: 0.5 }, { x: 2, y: -1 })).toEqual({
    left: 0.5,
    top: 0,
    width: 0.5,
    height: 0.5,
  });
});
