// @vitest-environment jsdom
import { expect, test } from "vitest";
import { topic } from "../api/testDesk";
import { asked, ending, keepWish, lastWish } from "./wish";

test("only what differs from everything is asked, and only what a format has a use for", () => {
  const wall = topic("wall", "root");
  const wish = lastWish("m");
  expect(asked(wish, wall)).toBe("");
  const some = { ...wish, levels: 2, leftOut: ["notes", "marks"] as const };
  expect(asked({ ...some, part: "branch" }, wall)).toBe(
    "topic=wall&levels=2&notes=false&marks=false",
  );
  expect(
    asked({ ...wish, part: "open", format: "png", size: { ...wish.size, scale: "4" } }, wall),
  ).toBe("open=true&scale=4");
  const clear = { ...wish, format: "webp", by: "width" as const, clear: true, captioned: true };
  expect(asked(clear, wall)).toBe("width=4000&clear=true&captioned=true");
  expect(asked({ ...clear, format: "jpg", by: "dpi" }, wall)).toBe("dpi=300&captioned=true");
  expect(asked({ ...wish, format: "drawing", paper: "A3-tiles" }, wall)).toBe("paper=A3-tiles");
  const noted = { ...wish, format: "report", footnotes: true, template: "draft" };
  expect(asked(noted, wall)).toBe("footnotes=true");
  expect(asked({ ...noted, format: "odt" }, wall)).toBe("footnotes=true&template=draft");
  expect(asked({ ...wish, format: "html", foot: " By us " }, wall)).toBe("foot=By+us");
  expect([ending("report"), ending("drawing"), ending("docx")]).toEqual(["pdf", "pdf", "docx"]);
  const front = { ...wish.front, author: " Estuary Board " };
  expect(asked({ ...wish, front }, wall)).toBe("");
  expect(asked({ ...wish, format: "docx", front }, wall)).toBe("author=Estuary+Board");
});

test("what was wished last is remembered", () => {
  keepWish("m", { ...lastWish("m"), format: "opml", levels: 3 });
  expect(lastWish("m")).toMatchObject({ format: "opml", levels: 3, part: "whole" });
  localStorage.setItem("pergamena.export", "damaged");
  expect(lastWish("m").format).toBe("md");
});
