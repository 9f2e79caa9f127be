import { describe, expect, it } from "vitest";
import { pathOf, placeAt } from "./useAddress";

const id = (letter: string) => `${letter.repeat(8)}-0000-4000-8000-000000000000`;

describe("the address", () => {
  it("names the map, the topic, the source and the spot in it", () => {
    const place = {
      map: id("a"),
      topic: id("b"),
      spot: { source: id("c"), start: 12, end: 30 },
    };
    expect(pathOf(place)).toBe(`/maps/${id("a")}/topics/${id("b")}/sources/${id("c")}/12-30`);
    expect(placeAt(pathOf(place))).toEqual(place);
    const less = { map: id("a"), topic: null, spot: null };
    expect(placeAt(pathOf(less))).toEqual(less);
  });

  it("that names nothing is no map", () => {
    expect(placeAt("/")).toEqual({ map: null, topic: null, spot: null });
    expect(placeAt("/maps/what")).toEqual({ map: null, topic: null, spot: null });
    expect(pathOf({ map: null, topic: null, spot: null })).toBe("/");
  });
});
