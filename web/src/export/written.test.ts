import { afterEach, expect, test, vi } from "vitest";
import { written } from "./written";

afterEach(() => vi.unstubAllGlobals());

/** A server that answers with what stands under the method and path, in turn. */
function serving(answers: Record<string, unknown[]>) {
  const asked: string[] = [];
  vi.stubGlobal("document", { cookie: "" });
  vi.stubGlobal("fetch", async (path: string, init: RequestInit) => {
    const what = `${init.method} ${path.replace("/api/maps/m", "")}`;
    asked.push(what);
    const body = answers[what]?.shift();
    return new Response(body === undefined ? "" : JSON.stringify(body), { status: 200 });
  });
  return asked;
}

const state = (state: string, share = 0, problem: string | null = null) => ({
  state,
  share,
  problem,
  step: "Writing",
});

test("a file is waited for, and how far it is told", async () => {
  const asked = serving({
    "POST /export/txt?levels=2": [{ job: "j" }],
    "GET /export/files/j/state": [state("WAITING"), state("RUNNING", 0.5), state("DONE", 1)],
  });
  const shares: number[] = [];
  const address = await written("m", "txt?levels=2", { tell: (job) => shares.push(job.share) });
  expect(address).toBe("/api/maps/m/export/files/j");
  expect(shares).toEqual([0, 0.5]);
  expect(asked).toHaveLength(4);
});

test("what cannot be written says why", async () => {
  serving({
    "POST /export/png": [{ job: "j" }],
    "GET /export/files/j/state": [state("FAILED", 0, "It would be too large.")],
  });
  await expect(written("m", "png")).rejects.toThrow("It would be too large.");
});

test("one that is stopped before it has begun is stopped on the server too", async () => {
  const stopping = new AbortController();
  const asked = serving({ "POST /export/png": [{ job: "j" }] });
  stopping.abort();
  await expect(written("m", "png", { signal: stopping.signal })).rejects.toThrow();
  expect(asked).toEqual(["POST /export/png", "POST /jobs/j/cancel"]);
});

test("one that is stopped is stopped on the server too", async () => {
  const asked = serving({
    "POST /export/png": [{ job: "j" }],
    "GET /export/files/j/state": Array.from({ length: 9 }, () => state("RUNNING", 0.1)),
  });
  const stopping = new AbortController();
  const waiting = written("m", "png", {
    tell: () => stopping.abort(),
    signal: stopping.signal,
  });
  await expect(waiting).rejects.toThrow();
  expect(asked).toContain("POST /jobs/j/cancel");
});
