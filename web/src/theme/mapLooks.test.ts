import { describe, expect, it } from "vitest";
import { mapLooks, painted, pigmentHere } from "./mapLooks";

describe("the looks of a map", () => {
  it("are the house's own on vellum, with the page shining through", () => {
    const looks = mapLooks("VELLUM") as Record<string, string>;
    expect(looks["--ground"]).toBe("var(--house-vellum)");
    expect(looks.background).toBeUndefined();
  });

  it("are those of its theme elsewhere", () => {
    const looks = mapLooks("NIGHT") as Record<string, string>;
    expect(looks.background).toBe("#1F1C19");
    expect(looks["--pigment-2"]).toBe("#A9B3E2");
  });

  it("have as many pigments as the theme has", () => {
    expect(pigmentHere("PRINT", 3)).toBe("var(--pigment-0)");
    expect(pigmentHere("NIGHT", 13)).toBe("var(--pigment-1)");
    expect(pigmentHere("NIGHT", -1)).toBe("var(--ink)");
    expect(pigmentHere("NIGHT", -2)).toBe("var(--soft-ink)");
  });

  it("are those that a drawing was painted with, but on vellum those of the house", () => {
    expect(painted("#1F1C19").style.background).toBe("#1F1C19");
    expect(painted("#F7F2E6")["data-map-theme"]).toBe("VELLUM");
    expect(painted("#F7F2E6").style.background).toBe("var(--house-vellum)");
  });
});
