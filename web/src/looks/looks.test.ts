import { describe, expect, it } from "vitest";
import { given, NOTHING, readColour, shownColour, writeColour } from "./looks";

describe("a colour of a look", () => {
  it("is written as it was read", () => {
    for (const written of ["WOAD", "WOAD/36", "#2b4c82"]) {
      expect(writeColour(readColour(written))).toBe(written);
    }
    expect(writeColour(readColour(null))).toBeNull();
  });

  it("is shown as an ink of the house mixed with its ground, or as it is", () => {
    expect(shownColour("MOSS/24")).toBe(
      "color-mix(in srgb, var(--house-MOSS) 24%, var(--house-vellum))",
    );
    expect(shownColour("#123456")).toBe("#123456");
    expect(shownColour(null)).toBeUndefined();
  });

  it("makes a look that says something", () => {
    expect(given(NOTHING)).toBe(false);
    expect(given({ ...NOTHING, bold: false })).toBe(true);
  });
});
