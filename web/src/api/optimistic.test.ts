import { describe, expect, it } from "vitest";
import { relabelled } from "./optimistic";
import type { Desk } from "./types";

const text = (role: "LABEL" | "NUMBER", words: string) => ({
  role,
  text: words,
  x: 0,
  y: 0,
  face: "READING" as const,
  size: 16,
});

const desk = {
  topics: [
    { id: "a", label: "Sea wall" },
    { id: "b", label: "Creeks" },
  ],
  scene: {
    topics: [
      { id: "a", texts: [text("NUMBER", "1"), text("LABEL", "Sea"), text("LABEL", "wall")] },
      { id: "b", texts: [text("NUMBER", "2"), text("LABEL", "Creeks")] },
    ],
  },
} as unknown as Desk;

describe("relabelled", () => {
  it("shows the new label at once, on one line, and leaves other topics as they are", () => {
    const after = relabelled(desk, "a", " Old bank ");
    expect(after.topics[0]?.label).toBe("Old bank");
    expect(after.scene.topics[0]?.texts.map((t) => t.text)).toEqual(["1", "Old bank"]);
    expect(after.scene.topics[1]).toBe(desk.scene.topics[1]);
  });
});
