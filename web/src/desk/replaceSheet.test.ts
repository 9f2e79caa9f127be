import { describe, expect, it } from "vitest";
import { edited, key } from "./ReplaceSheet";

describe("a place with words to replace", () => {
  const at = (where: "LABEL" | "NOTE" | "PHRASE") => ({ where, id: "x", before: "a", after: "b" });

  it("is told from another place of the same topic", () => {
    expect(key(at("LABEL"))).not.toBe(key(at("NOTE")));
  });

  it("comes to the edit of what it is", () => {
    expect(edited(at("LABEL"))).toEqual({ type: "Rename", topic: "x", label: "b" });
    expect(edited(at("NOTE"))).toEqual({ type: "Note", topic: "x", note: "b" });
    expect(edited(at("PHRASE"))).toEqual({ type: "Rephrase", link: "x", phrase: "b" });
  });
});
