import { describe, expect, it } from "vitest";
import { fault } from "./LegendSheet";

const tag = (word: string) => ({ id: word, word, meaning: "", sign: "leaf" });

describe("the tags of a map", () => {
  it("are sound if each has a word of its own", () => {
    expect(fault([tag("agreed"), tag("open")])).toBeNull();
    expect(fault([tag("agreed"), tag(" ")])).toContain("needs a word");
    expect(fault([tag("agreed"), tag("Agreed ")])).toContain("“agreed”");
  });
});
