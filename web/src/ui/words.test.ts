import { describe, expect, it } from "vitest";
import { clock, counted, percent, spelt } from "./words";

describe("words", () => {
  it("counts one thing and many things", () => {
    expect(counted(1, "passage")).toBe("1 passage");
    expect(counted(1200, "passage")).toBe("1,200 passages");
  });

  it("never calls a part all, or something nothing", () => {
    expect([percent(0), percent(0.001), percent(0.5), percent(0.999), percent(1)]).toEqual([
      "0%",
      "1%",
      "50%",
      "99%",
      "100%",
    ]);
  });

  it("tells times with hours only where there are any", () => {
    expect([clock(0), clock(767_000), clock(3_723_000)]).toEqual(["0:00", "12:47", "1:02:03"]);
  });

  it("spells small counts", () => {
    expect([spelt(5), spelt(12)]).toEqual(["Five", "12"]);
  });
});
