import { describe, expect, it } from "vitest";
import { APPEARANCES, appearance, mixed } from "./appearances";

describe("how the application looks", () => {
  it("is as the system wishes unless a person chose", () => {
    expect(appearance("system", false, false)).toBe("light");
    expect(appearance("system", true, false)).toBe("dark");
    expect(appearance("system", false, true)).toBe("contrast");
    expect(appearance("light", true, true)).toBe("light");
  });

  it("exchanges the paint of a map on vellum", () => {
    expect(APPEARANCES).toContain("[data-map-theme='VELLUM'] [fill='#2A2521'] { fill: #EFE7D8; }");
    expect(APPEARANCES).toContain("--house-pigment-11: #1F5A2E;");
  });
});

describe("an ink over a ground", () => {
  it("is mixed as the server mixes it", () => {
    expect(mixed("#0000FF", "#FFFFFF", 50)).toBe("#8080FF");
    expect(mixed("#A3302B", "#F7F2E6", 24)).toBe("#E3C3B9");
  });
});
