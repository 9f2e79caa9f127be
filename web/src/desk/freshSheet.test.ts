import { describe, expect, it } from "vitest";
import type { Desk, Topic } from "../api/types";
import { figures } from "./FreshSheet";

describe("what a fold-in brought", () => {
  const topic = (own: number, fresh: boolean, came: boolean, added: number) =>
    ({ own, fresh, came, added }) as Topic;

  it("counts topics and passages before and now", () => {
    const topics = [
      topic(0, false, false, 0),
      topic(5, true, false, 2),
      topic(1, true, true, 1),
      topic(3, false, false, 0),
    ];
    expect(figures({ topics } as Desk)).toEqual([
      ["Topics", 2, 3],
      ["Passages", 6, 9],
    ]);
  });
});
