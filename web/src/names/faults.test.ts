import { describe, expect, it } from "vitest";
import type { ProposedNames } from "../api/types";
import { aboutAnswer, faultOf } from "./faults";

const named = (fault: ProposedNames["names"][number]["fault"], about = "") => ({
  topic: "t",
  label: "Old wall",
  fault,
  about,
});

describe("names from an assistant", () => {
  it("says what is wrong with each, and nothing of those that are right", () => {
    expect(faultOf(named("NONE"))).toBeUndefined();
    expect(faultOf(named("ALIKE", "Outer wall"))).toBe("like “Outer wall”");
    expect(faultOf(named("UNSAID", "Stakeholder"))).toBe("not in the sources: Stakeholder");
    expect(faultOf(named("LONG"))).not.toBe(faultOf(named("FORM")));
  });

  it("counts what an answer leaves out, has wrong and says of nothing", () => {
    const answer = { names: [named("NONE")], same: 0, unanswered: [], unknown: [] };
    expect(aboutAnswer(answer)).toBe("");
    expect(aboutAnswer({ ...answer, names: [] })).toBe("It proposes no other name.");
    expect(
      aboutAnswer({ names: [named("LONG")], same: 1, unanswered: ["a", "b"], unknown: ["t0"] }),
    ).toBe(
      "1 name with a fault: taken only where you tick it. 1 topic as before." +
        " 2 topics without an answer. 1 line for topics that are not there.",
    );
  });
});
