import { describe, expect, it } from "vitest";
import { compared } from "./HistorySheet";

describe("two states that are compared", () => {
  it("go the earlier one first, whichever is looked at", () => {
    expect(compared("/h", 7, "now")).toBe("/h/7/differences");
    expect(compared("/h", 7, "12")).toBe("/h/7/differences?to=12");
    expect(compared("/h", 12, "7")).toBe("/h/7/differences?to=12");
  });
});
