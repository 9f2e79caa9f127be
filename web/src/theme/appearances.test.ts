import { describe, expect, it } from "vitest";
import { APPEARANCES, appearance } from "./appearances";

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
