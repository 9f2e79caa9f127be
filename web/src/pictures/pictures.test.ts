import { expect, test } from "vitest";
import { topic } from "../api/testDesk";
import { allowed, changed, imageAddress, pictureOf, sorted } from "./pictures";

test("a picture is as large at first as it reads well, and no larger than it is", () => {
  expect(pictureOf({ image: "a", width: 1600, height: 800 }, "")).toMatchObject({
    where: "ABOVE",
    width: 160,
    ratio: 0.5,
  });
  expect(pictureOf({ image: "a", width: 300, height: 600 }, "").width).toBe(80);
  expect(pictureOf({ image: "a", width: 40, height: 20 }, "").width).toBe(40);
  expect(pictureOf({ image: "ink/bird", width: 72, height: 72 }, "a bird")).toMatchObject({
    where: "BEFORE",
    width: 56,
    alt: "a bird",
  });
});

test("a width keeps both sides within bounds", () => {
  expect(allowed(5, 1)).toBe(16);
  expect(allowed(2000, 1)).toBe(640);
  expect(allowed(2000, 4)).toBe(160);
  expect(allowed(99.96, 1)).toBe(100);
});

test("one picture of a topic is changed", () => {
  const picture = pictureOf({ image: "a", width: 100, height: 100 }, "");
  const other = pictureOf({ image: "b", width: 100, height: 100 }, "");
  const edit = changed({ ...topic("age", "root"), pictures: [picture, other] }, other.id, {
    width: 20,
  });
  expect(edit).toEqual({
    type: "Illustrate",
    topic: "age",
    pictures: [picture, { ...other, width: 20 }],
  });
});

test("drawings ship, other images are the map’s own; only pictures are pictures", () => {
  expect(imageAddress("m", "ink/bird")).toBe("/api/drawings/ink/bird");
  expect(imageAddress("m", "a1")).toBe("/api/maps/m/pictures/a1");
  const png = new File([""], "a.png", { type: "image/png" });
  const text = new File([""], "a.txt", { type: "text/plain" });
  expect(sorted([text, png])).toEqual({ images: [png], others: [text] });
});
