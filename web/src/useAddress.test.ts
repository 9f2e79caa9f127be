import { describe, expect, it } from "vitest";
import { pathOf, placeAt } from "./useAddress";

const id = (letter: string) => `${letter.repeat(8)}-0000-4000-8000-000000000000`;

describe("the address", () => {
  it("names the map, the topic, the source and the spot in it", () => {
    const place = {
      map: id("a"),
      topic: id("b"),
      spot: { source: id("c"), start: 12, end: 30 },
      way: "work" as const,
    };
    expect(pathOf(place)).toBe(`/maps/${id("a")}/topics/${id("b")}/sources/${id("c")}/12-30`);
    expect(placeAt(pathOf(place))).toEqual(place);
    const less = { map: id("a"), topic: null, spot: null, way: "work" as const };
    expect(placeAt(pathOf(less))).toEqual(less);
    const step = { ...place, spot: null, way: "walk" as const };
    expect(pathOf(step)).toBe(`/maps/${id("a")}/walk/topics/${id("b")}`);
    expect(placeAt(pathOf(step))).toEqual(step);
  });

  it("that names nothing is no map", () => {
    const none = { map: null, topic: null, spot: null, way: "work" as const };
    expect(placeAt("/")).toEqual(none);
    expect(placeAt("/maps/what")).toEqual(none);
    expect(pathOf(none)).toBe("/");
  });
});
