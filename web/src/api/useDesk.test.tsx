// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { act, renderHook, waitFor } from "@testing-library/react";
import type { ReactNode } from "react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { marsh } from "./testDesk";
import type { Desk } from "./types";
import { useDesk, useDeskActions } from "./useDesk";

class News {
  static open: News[] = [];
  private told: ((event: { data: string }) => void) | null = null;
  constructor() {
    News.open.push(this);
  }
  addEventListener(_: string, told: (event: { data: string }) => void) {
    this.told = told;
  }
  close() {}
  tell(news: object) {
    this.told?.({ data: JSON.stringify(news) });
  }
}

const answers: { method: string; path: string; body: unknown }[] = [];
let answer: (path: string) => unknown = () => ({});

function inPage({ children }: { children: ReactNode }) {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  return <QueryClientProvider client={client}>{children}</QueryClientProvider>;
}

const whole = (desk: Desk) => ({ whole: desk, base: null, facts: null, topics: [], jobs: [] });

const to = (stamp: number, part: object) => ({
  whole: null,
  base: stamp - 1,
  facts: { ...marsh().facts, stamp, revision: stamp },
  topics: [],
  gone: [],
  scene: null,
  sources: [],
  shelf: null,
  links: [],
  goneLinks: [],
  proposals: null,
  jobs: [],
  ...part,
});

function useBoth() {
  const desk = useDesk("map");
  return useDeskActions(desk.data ?? marsh(0), "tab");
}

beforeEach(() => {
  News.open = [];
  answers.length = 0;
  localStorage.clear();
  vi.stubGlobal("EventSource", News);
  vi.stubGlobal("fetch", async (path: string, init: RequestInit) => {
    answers.push({ method: String(init.method), path, body: JSON.parse(String(init.body ?? "0")) });
    return new Response(JSON.stringify(answer(path)), { status: 200 });
  });
});
afterEach(() => vi.unstubAllGlobals());

describe("the desk on the page", () => {
  it("asks for what has changed when news tell of a later revision, and only then", async () => {
    answer = (path) => (path.includes("since=1") ? to(2, {}) : whole(marsh(1)));
    const { result } = renderHook(useBoth, { wrapper: inPage });
    await waitFor(() => expect(result.current.desk.facts.stamp).toBe(1));
    await act(async () => News.open[0]?.tell({ revision: 1, shelf: "s", jobs: [] }));
    expect(answers).toHaveLength(1);
    await act(async () => News.open[0]?.tell({ revision: 2, shelf: "s", jobs: [] }));
    await waitFor(() => expect(result.current.desk.facts.stamp).toBe(2));
    expect(answers[1]?.path).toBe("/api/maps/map/patch?since=1");
  });

  it("does not ask for what the answer to its own edit brings", async () => {
    answer = () => whole(marsh(1));
    const { result } = renderHook(useBoth, { wrapper: inPage });
    await waitFor(() => expect(result.current.desk.facts.stamp).toBe(1));
    answer = (path) => {
      if (path.endsWith("/edits")) {
        News.open[0]?.tell({ revision: 2, shelf: "s", jobs: [] });
        return to(2, { topics: [] });
      }
      return whole(marsh(9));
    };
    act(() => result.current.actions.edit({ type: "Note", topic: "wall", note: "old" }));
    await waitFor(() => expect(result.current.actions.pending).toBe(0));
    expect(result.current.desk.facts.stamp).toBe(2);
    expect(answers.map((a) => a.path)).toEqual(["/api/maps/map/patch", "/api/maps/map/edits"]);
  });

  it("shows an edit at once, sends it from the state it has, and settles with the answer", async () => {
    answer = () => whole(marsh(1));
    const { result } = renderHook(useBoth, { wrapper: inPage });
    await waitFor(() => expect(result.current.desk.facts.stamp).toBe(1));
    const renamed = { ...marsh().topics[1], label: "Old bank" };
    answer = () => to(2, { topics: [renamed] });
    act(() => result.current.actions.edit({ type: "Rename", topic: "wall", label: "Old bank" }));
    expect(result.current.desk.topics[1]?.label).toBe("Old bank");
    expect(result.current.desk.facts.stamp).toBe(1);
    await waitFor(() => expect(result.current.desk.facts.stamp).toBe(2));
    expect(result.current.desk.topics[1]?.label).toBe("Old bank");
    expect(result.current.actions.pending).toBe(0);
    expect(answers.at(-1)?.body).toMatchObject({ base: 1, edit: { type: "Rename" } });
  });

  it("shows a draft that is never sent", async () => {
    answer = () => whole(marsh(1));
    const { result } = renderHook(() => useDeskActions(marsh(1), "tab"), { wrapper: inPage });
    act(() =>
      result.current.actions.setDraft({
        type: "Add",
        topic: "new",
        parent: "root",
        after: null,
        label: "",
      }),
    );
    expect(result.current.desk.topics.map((t) => t.id)).toContain("new");
    act(() => result.current.actions.setDraft(null));
    expect(result.current.desk.topics.map((t) => t.id)).not.toContain("new");
    expect(answers.filter((a) => a.method === "POST")).toEqual([]);
  });
});
