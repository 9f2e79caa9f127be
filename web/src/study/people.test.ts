import { describe, expect, it } from "vitest";
import type { Somebody, Tie } from "../api/types";
import { closeness, network } from "./people";

function somebody(key: string): Somebody {
  return {
    key,
    name: key,
    person: true,
    roles: [],
    forms: [],
    times: 1,
    places: [],
    byHand: false,
    off: false,
  };
}

function tie(from: string, to: string, sentences = 1): Tie {
  return { from, to, sentences, paragraphs: 0, phrases: [], passages: [] };
}

describe("the network", () => {
  const people = ["warden", "board", "chair", "boatman"].map(somebody);
  const ties = [tie("chair", "board", 3), tie("warden", "chair")];

  it("has whoever is tied beside each other in a ring", () => {
    const { knots, threads } = network(people, ties, null);
    expect(knots.map((knot) => knot.somebody.key)).toEqual(["warden", "chair", "board", "boatman"]);
    expect(threads).toHaveLength(2);
    expect(Math.hypot(knots[0]?.x ?? 0, knots[0]?.y ?? 0)).toBeCloseTo(1);
  });

  it("has somebody in the middle, and only those who are tied to them", () => {
    const { knots } = network(people, ties, "chair");
    expect(knots.map((knot) => knot.somebody.key)).toEqual(["chair", "board", "warden"]);
    expect(knots[0]).toMatchObject({ x: 0, y: 0 });
    expect(network(people, ties, "boatman").knots).toHaveLength(1);
  });

  it("tells how close two are", () => {
    expect(closeness({ ...tie("a", "b", 2), paragraphs: 2 })).toBe(2.5);
  });
});
