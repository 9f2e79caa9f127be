// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { act, renderHook } from "@testing-library/react";
import type { ReactNode } from "react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { request } from "../api/client";
import { type Asked, useReply } from "./useReply";

vi.mock("../api/client", () => ({ request: vi.fn() }));

const asked: Asked = { wish: null, about: ["wall"], text: "What leaks?" };
let kept: Map<string, { body: string; assistant: string }>;
let calls: string[];
/** What the server is held back by. */
let gate: Promise<void>;

const server = async (method: string, path: string, body?: unknown) => {
  const id = path.split("/")[5] ?? "";
  if (method !== "GET") {
    const said = (body as { body?: string } | undefined)?.body ?? "";
    calls.push([method, id, said].filter(Boolean).join(" "));
    await gate;
  }
  if (method === "POST") {
    const made = `r${kept.size + 1}`;
    kept.set(made, body as { body: string; assistant: string });
    return { id: made };
  }
  if (method === "PUT") {
    if (!kept.has(id)) {
      throw new Error("There is no such reply.");
    }
    kept.set(id, body as { body: string; assistant: string });
  } else if (method === "DELETE") {
    kept.delete(id);
  } else if (id && !path.endsWith("/check")) {
    return { id, ...kept.get(id) };
  }
  return method === "GET" && !id ? [] : {};
};

function sheet(first: string | null) {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  const wrapper = ({ children }: { children: ReactNode }) => (
    <QueryClientProvider client={client}>{children}</QueryClientProvider>
  );
  const hook = renderHook(() => useReply("m", 1, asked, first), { wrapper });
  return { hook, now: () => hook.result.current };
}

const pass = (ms: number) => act(() => vi.advanceTimersByTimeAsync(ms));

beforeEach(() => {
  vi.useFakeTimers();
  kept = new Map();
  calls = [];
  gate = Promise.resolve();
  vi.mocked(request).mockImplementation(server as typeof request);
});
afterEach(() => vi.useRealTimers());

describe("a reply that is written", () => {
  it("is kept once the keys rest, as one reply with what was asked", async () => {
    const { now } = sheet(null);
    act(() => now().write({ body: "- wa" }));
    act(() => now().write({ body: "- wall" }));
    await pass(1000);
    expect(calls).toEqual(["POST - wall"]);
    expect(kept.get("r1")).toMatchObject({ about: ["wall"], asked: "What leaks?" });
    expect(now()).toMatchObject({ id: "r1", body: "- wall", saving: false });
    act(() => now().write({ body: "- walls" }));
    await pass(1000);
    expect(calls.slice(1)).toEqual(["PUT r1 - walls"]);
    expect(now().body).toBe("- walls");
  });

  it("is none while it is blank", async () => {
    const { now } = sheet(null);
    act(() => now().write({ body: "  \n" }));
    await pass(1000);
    expect(calls).toEqual([]);
  });

  it("is kept also if the sheet is closed right after the last key", async () => {
    const { hook, now } = sheet(null);
    act(() => now().write({ body: "- wall" }));
    hook.unmount();
    await pass(0);
    expect(calls).toEqual(["POST - wall"]);
  });

  it("is kept also if another one is opened right after the last key", async () => {
    kept.set("old", { body: "- birds", assistant: "" });
    const { now } = sheet(null);
    act(() => now().write({ body: "- wall" }));
    act(() => now().open("old"));
    await pass(1000);
    expect(calls).toEqual(["POST - wall"]);
    expect(now()).toMatchObject({ id: "old", body: "- birds" });
  });

  it("is one reply, with its last words, while the first are under way", async () => {
    let open = () => {};
    gate = new Promise((resolve) => {
      open = resolve;
    });
    const { hook, now } = sheet(null);
    act(() => now().write({ body: "- wall" }));
    await pass(1000);
    act(() => now().write({ body: "- wall\n- birds" }));
    await pass(1000);
    expect(calls).toEqual(["POST - wall"]);
    expect(now().body).toBe("- wall\n- birds");
    hook.unmount();
    open();
    await pass(0);
    expect(calls).toEqual(["POST - wall", "PUT r1 - wall\n- birds"]);
    expect([...kept.keys()]).toEqual(["r1"]);
  });

  it("stays on the screen where it could not be kept, and is sent again with what follows", async () => {
    kept.set("r1", { body: "", assistant: "" });
    const { now } = sheet("r1");
    await pass(100);
    vi.mocked(request).mockImplementation((async (method: string, ...rest: [string]) => {
      if (method === "PUT") {
        throw new Error("The server is away.");
      }
      return server(method, ...rest);
    }) as typeof request);
    act(() => now().write({ body: "- wall" }));
    await pass(1000);
    expect(now()).toMatchObject({ body: "- wall", problem: new Error("The server is away.") });
    vi.mocked(request).mockImplementation(server as typeof request);
    act(() => now().write({ body: "- wall 2" }));
    await pass(1000);
    expect(now()).toMatchObject({ body: "- wall 2", problem: null });
    expect(kept.get("r1")?.body).toBe("- wall 2");
  });

  it("is gone once it is deleted, with what was about to be kept", async () => {
    kept.set("r1", { body: "- wall", assistant: "" });
    const { now } = sheet("r1");
    await pass(100);
    act(() => now().write({ body: "- wal" }));
    await act(() => now().forget());
    await pass(1000);
    expect(calls).toEqual(["DELETE r1"]);
    expect(now()).toMatchObject({ id: null, body: "" });
  });
});
