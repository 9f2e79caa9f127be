import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { NoConnection, Problem } from "./client";
import { type Keep, Outbox, type Sending } from "./outbox";
import { Sender } from "./sender";
import type { Patch } from "./types";

function store(): Keep & { data: Map<string, string> } {
  const data = new Map<string, string>();
  return {
    data,
    get length() {
      return data.size;
    },
    key: (i) => [...data.keys()][i] ?? null,
    getItem: (key) => data.get(key) ?? null,
    setItem: (key, value) => data.set(key, value),
    removeItem: (key) => data.delete(key),
  };
}

const undo = (id: string): Sending => ({ id, kind: "undo" });
const patch = {} as Patch;

describe("the outbox", () => {
  it("outlasts its tab, and is taken over by another", () => {
    const kept = store();
    const first = new Outbox(kept, "map", "one");
    first.add(undo("a"));
    first.add(undo("b"));
    expect(new Outbox(kept, "map", "one").all().map((s) => s.id)).toEqual(["a", "b"]);
    const other = new Outbox(kept, "map", "two");
    other.add(undo("c"));
    expect(other.others()).toEqual(["one"]);
    other.adopt("one");
    expect(other.all().map((s) => s.id)).toEqual(["a", "b", "c"]);
    expect(other.others()).toEqual([]);
  });

  it("leaves nothing behind once all is sent, and bears damage", () => {
    const kept = store();
    const box = new Outbox(kept, "map", "one");
    box.add(undo("a"));
    box.remove("a");
    expect(kept.data.size).toBe(0);
    kept.setItem("pergamena.unsent.map.one", "{broken");
    expect(new Outbox(kept, "map", "one").all()).toEqual([]);
  });
});

describe("sending", () => {
  beforeEach(() => vi.useFakeTimers());
  afterEach(() => vi.useRealTimers());

  function sending(post: (s: Sending) => Promise<Patch>) {
    const accept = vi.fn();
    const renew = vi.fn();
    const sender = new Sender(new Outbox(store(), "map", "tab"), { post, accept, renew });
    return { sender, accept, renew };
  }

  it("goes one after another, each acknowledged before the next", async () => {
    const sent: string[] = [];
    const { sender, accept } = sending(async (s) => {
      sent.push(s.id);
      return patch;
    });
    sender.send(undo("a"));
    sender.send(undo("b"));
    expect(sent).toEqual(["a"]);
    await vi.runAllTimersAsync();
    expect(sent).toEqual(["a", "b"]);
    expect(accept).toHaveBeenCalledTimes(2);
    expect(sender.snapshot()).toMatchObject({ pending: [], waiting: false, problem: null });
  });

  it("waits for a server that is away, and sends the same again", async () => {
    const sent: string[] = [];
    const { sender } = sending(async (s) => {
      sent.push(s.id);
      if (sent.length === 1) {
        throw new NoConnection();
      }
      if (sent.length === 2) {
        throw new Problem("The database is starting.", 503);
      }
      return patch;
    });
    sender.send(undo("a"));
    await vi.advanceTimersByTimeAsync(10);
    expect(sender.snapshot().waiting).toBe(true);
    expect(sender.snapshot().pending).toHaveLength(1);
    await vi.runAllTimersAsync();
    expect(sent).toEqual(["a", "a", "a"]);
    expect(sender.snapshot()).toMatchObject({ pending: [], waiting: false });
  });

  it("takes back what is refused, with the sentence, and goes on", async () => {
    const { sender, renew } = sending(async (s) => {
      if (s.id === "a") {
        throw new Problem("The root stays.", 422);
      }
      return patch;
    });
    sender.send(undo("a"));
    sender.send(undo("b"));
    await vi.runAllTimersAsync();
    expect(renew).toHaveBeenCalledOnce();
    expect(sender.snapshot().pending).toEqual([]);
    expect(sender.snapshot().problem?.message).toBe("The root stays.");
  });

  it("keeps what a server that does not know the page refused, and asks again", async () => {
    let asked = 0;
    const { sender } = sending(async () => {
      asked++;
      if (asked === 1) {
        throw new Problem("Reload it.", 403);
      }
      return patch;
    });
    sender.send(undo("a"));
    await vi.advanceTimersByTimeAsync(100);
    expect(sender.snapshot().pending).toHaveLength(1);
    expect(sender.snapshot().problem?.message).toBe("Reload it.");
    await vi.runAllTimersAsync();
    expect(sender.snapshot()).toMatchObject({ pending: [], waiting: false, problem: null });
  });

  it("keeps what the server fails at, and asks it again, but not for ever", async () => {
    const times: string[] = [];
    const { sender } = sending(async (s) => {
      times.push(s.id);
      if (s.id === "a" && times.length < 3) {
        throw new Problem("by no fault of yours", 500);
      }
      if (s.id === "b") {
        throw new Problem("by no fault of yours", 500);
      }
      return patch;
    });
    sender.send(undo("a"));
    sender.send(undo("b"));
    sender.send(undo("c"));
    await vi.runAllTimersAsync();
    expect(times).toEqual(["a", "a", "a", "b", "b", "b", "c"]);
    expect(sender.snapshot().pending).toEqual([]);
    expect(sender.snapshot().problem?.message).toContain("no fault");
  });

  it("waits where too much was asked at once", async () => {
    let asked = 0;
    const { sender } = sending(async () => {
      asked++;
      if (asked < 4) {
        throw new Problem("Wait a moment.", 429);
      }
      return patch;
    });
    sender.send(undo("a"));
    await vi.runAllTimersAsync();
    expect(asked).toBe(4);
    expect(sender.snapshot().problem).toBeNull();
  });
});
