import { describe, expect, it } from "vitest";
import { link } from "../api/testDesk";
import { turned } from "./linkActs";

describe("a link that is turned round", () => {
  it("leads from where it led to", () => {
    expect(turned(link("l"))).toEqual({ type: "Reattach", link: "l", from: "birds", to: "age" });
  });
});
