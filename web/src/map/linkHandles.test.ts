import { expect, test } from "vitest";
import { placed } from "../api/testDesk";
import { bendOf } from "./LinkHandles";

test("a line is bent as far as its middle is from that between the topics", () => {
  const from = { ...placed("age", 0, 0), width: 100, height: 20 };
  const to = { ...placed("birds", 200, 100), width: 100, height: 20 };
  expect(bendOf(from, to, { x: 150, y: 60 })).toEqual({ x: 0, y: 0 });
  expect(bendOf(from, to, { x: 190.4, y: 40 })).toEqual({ x: 40, y: -20 });
});
