// @vitest-environment jsdom
import { beforeEach, describe, expect, it } from "vitest";
import { marsh } from "../api/testDesk";
import { copied, keepCopied } from "./clipboard";
import { Tree } from "./tree";

const tree = new Tree(marsh());
const branches = (...ids: string[]) => ids.flatMap((id) => tree.get(id) ?? []);

describe("branches that are copied", () => {
  beforeEach(() => localStorage.clear());

  it("are their text for others, and themselves where that text comes back", () => {
    const text = keepCopied(tree, branches("wall", "birds"), false);
    expect(text).toBe("wall\n  age\nbirds\n");
    expect(copied(text)).toMatchObject({ map: "map", topics: ["wall", "birds"], cut: false });
    expect(copied("wall\r\n  age\r\nbirds")).not.toBeNull();
    expect(copied("something else")).toBeNull();
    expect(copied(null)?.topics).toEqual(["wall", "birds"]);
  });

  it("are nothing before anything was copied, and the last that was", () => {
    expect(copied(null)).toBeNull();
    keepCopied(tree, branches("wall"), true);
    keepCopied(tree, branches("birds"), false);
    expect(copied(null)).toMatchObject({ topics: ["birds"], cut: false });
  });
});
