import { describe, expect, it } from "vitest";
import { provisional } from "./provisional";
import { marsh } from "./testDesk";
import type { Desk, Edit, Placed } from "./types";

const FLOWS: readonly Placed["flow"][] = ["RIGHT", "LEFT", "DOWN", "UP", "LIST"];

/** Numbers below 1 that are the same for the same seed. */
function numbers(seed: number): () => number {
  let state = seed;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
}

function someEdit(desk: Desk, next: () => number, at: number): Edit {
  const topic = () => desk.topics[Math.floor(next() * desk.topics.length)]?.id ?? "root";
  const child = (parent: string) => {
    const children = desk.topics.find((t) => t.id === parent)?.children ?? [];
    return children[Math.floor(next() * (children.length + 1))] ?? null;
  };
  const [one, other] = [topic(), topic()];
  const kinds: readonly (() => Edit)[] = [
    () => ({ type: "Add", topic: `new ${at}`, parent: one, after: child(one), label: `new ${at}` }),
    () => ({
      type: "Add",
      topic: other,
      parent: one,
      after: child(one),
      label: "is there already",
    }),
    () => ({ type: "Move", topic: one, parent: other, after: child(other) }),
    () => ({ type: "Remove", topic: one }),
    () => ({ type: "Rename", topic: one, label: `renamed ${at}` }),
    () => ({ type: "Put", topic: one, x: Math.round(next() * 300), y: 40 }),
    () => ({ type: "Lay", topic: one, x: Math.round(next() * 300), y: 400 }),
    () => ({ type: "Connect", link: `link ${at}`, from: one, to: other, phrase: "" }),
    () => ({ type: "Move", topic: "gone", parent: one, after: null }),
    () => ({ type: "Remove", topic: "gone" }),
  ];
  return (kinds[Math.floor(next() * kinds.length)] ?? kinds[0])?.() as Edit;
}

/** What is wrong with a desk, nothing if it can be shown. */
function faults(desk: Desk): string[] {
  const found: string[] = [];
  const topics = new Map(desk.topics.map((topic) => [topic.id, topic]));
  if (topics.size !== desk.topics.length) {
    found.push("a topic stands twice");
  }
  if (desk.topics[0]?.id !== "root") {
    found.push("the root is not the first");
  }
  const order: string[] = [];
  const walk = (id: string, parent: string | null) => {
    const topic = topics.get(id);
    if (!topic || topic.parent !== parent || order.includes(id)) {
      found.push(`${id} under ${parent}`);
      return;
    }
    order.push(id);
    for (const below of topic.children) {
      walk(below, id);
    }
  };
  walk("root", null);
  if (order.join() !== desk.topics.map((t) => t.id).join()) {
    found.push("not in reading order, or not on the tree");
  }
  const drawn = desk.scene.topics.map((placed) => placed.id);
  if (new Set(drawn).size !== drawn.length) {
    found.push("drawn twice");
  }
  for (const { id, x, y } of desk.scene.topics) {
    if (!topics.has(id) || !Number.isFinite(x) || !Number.isFinite(y)) {
      found.push(`${id} drawn at ${x}, ${y}`);
    }
  }
  for (const link of desk.links) {
    if (!topics.has(link.from) || !topics.has(link.to)) {
      found.push(`${link.id} leads nowhere`);
    }
  }
  return found;
}

describe("a desk that is shown before the server has answered", () => {
  it.each(FLOWS)("is a tree after any edits, where branches go %s", (flow) => {
    for (let seed = 1; seed <= 60; seed++) {
      const next = numbers(seed);
      const first = marsh();
      let desk: Desk = {
        ...first,
        scene: { ...first.scene, topics: first.scene.topics.map((p) => ({ ...p, flow })) },
      };
      for (let at = 0; at < 25; at++) {
        const edit = someEdit(desk, next, at);
        const before = JSON.stringify(desk);
        const after = provisional(desk, [edit]);
        expect(JSON.stringify(desk), `seed ${seed}: the desk before is left alone`).toBe(before);
        expect(faults(after), `seed ${seed}, edit ${at}: ${JSON.stringify(edit)}`).toEqual([]);
        desk = after;
      }
    }
  });

  it("loses no topic by moving", () => {
    for (let seed = 1; seed <= 60; seed++) {
      const next = numbers(seed);
      let desk = marsh();
      for (let at = 0; at < 40; at++) {
        const edit = someEdit(desk, next, at);
        if (edit.type === "Add" || edit.type === "Move") {
          const [before, drawn] = [desk.topics.length, desk.scene.topics.length];
          desk = provisional(desk, [edit]);
          const more = edit.type === "Add" && edit.topic === `new ${at}` ? 1 : 0;
          expect(desk.topics, `seed ${seed}, edit ${at}`).toHaveLength(before + more);
          expect(desk.scene.topics, `seed ${seed}, edit ${at}`).toHaveLength(drawn + more);
        }
      }
    }
  });
});
