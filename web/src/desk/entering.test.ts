import { describe, expect, it } from "vitest";
import { enteringAddress, enteringCode } from "./entering";

describe("the address that lets another browser in", () => {
  it("leads to the code that it was made of", () => {
    const address = new URL(enteringAddress("http://127.0.0.1:8470", "ab2c-de3f-gh4j"));
    expect(address.pathname).toBe("/");
    expect(enteringCode(address.hash)).toBe("ab2c-de3f-gh4j");
  });

  it("may hold whatever a hand has typed", () => {
    expect(enteringCode("#enter=%E0%")).toBe("%E0%");
  });

  it("is no other", () => {
    expect(enteringCode("")).toBeNull();
    expect(enteringCode("#page-3")).toBeNull();
  });
});
