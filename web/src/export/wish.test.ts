// @vitest-environment jsdom
import { expect, test } from "vitest";
import { topic } from "../api/testDesk";
import { asked, keepWish, lastWish } from "./wish";

test("only what differs from everything is asked, and only what a format has a use for", () => {
  const wall = topic("wall", "root");
  const wish = lastWish();
  expect(asked(wish, wall)).toBe("");
  const some = { ...wish, levels: 2, leftOut: ["notes", "marks"] as const };
  expect(asked({ ...some, part: "branch" }, wall)).toBe(
    "topic=wall&levels=2&notes=false&marks=false",
  );
  expect(asked({ ...wish, part: "open", format: "png", scale: "4" }, wall)).toBe(
    "open=true&scale=4",
  );
  const front = { ...wish.front, author: " Estuary Board " };
  expect(asked({ ...wish, front }, wall)).toBe("");
  expect(asked({ ...wish, format: "docx", front }, wall)).toBe("author=Estuary+Board");
});

test("what was wished last is remembered", () => {
  keepWish({ ...lastWish(), format: "opml", levels: 3 });
  expect(lastWish()).toMatchObject({ format: "opml", levels: 3, part: "whole" });
  localStorage.setItem("pergamena.export", "damaged");
  expect(lastWish().format).toBe("md");
});
