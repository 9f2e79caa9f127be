import { describe, expect, it } from "vitest";
import { mapLooks, pigmentHere } from "./mapLooks";

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
});
