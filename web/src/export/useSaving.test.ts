import { expect, test } from "vitest";
import { bytes } from "../ui/words";
import { fileName } from "./useSaving";

test("a file has the name that the server gives it", () => {
  expect(fileName("attachment; filename*=UTF-8''The%20marsh.pdf", "x")).toBe("The marsh.pdf");
  expect(fileName('attachment; filename="map.png"', "x")).toBe("map.png");
  expect(fileName(null, "The marsh")).toBe("The marsh");
});

test("lengths are told in units that are easy to read", () => {
  expect([900, 12_300, 4_560_000].map(bytes)).toEqual(["900 bytes", "12 kB", "4.6 MB"]);
});
