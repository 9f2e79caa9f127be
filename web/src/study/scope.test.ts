import { describe, expect, it } from "vitest";
import { filled, read, written } from "./scope";

describe("the fields of a question", () => {
  const field = { name: "Outcome", terms: ["Growth of mud", "Birds"] };
  it("are written in a line and read from it", () => {
    expect(written(field)).toBe("Growth of mud; Birds");
    expect(read(field, "Mud;  Silt ")).toEqual({ name: "Outcome", terms: ["Mud", "Silt"] });
  });
  it("keep a semicolon that was just typed, and send nothing empty", () => {
    expect(written(read(field, "Mud;"))).toBe("Mud; ");
    expect(filled([read(field, "Mud;; ")])).toEqual([{ name: "Outcome", terms: ["Mud"] }]);
  });
});
