import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { NoConnection, Problem, request } from "./client";

const answer = (status: number, body: string) => vi.fn(async () => new Response(body, { status }));

describe("asking the API", () => {
  beforeEach(() => vi.stubGlobal("document", { cookie: "a=b; XSRF-TOKEN=the-token" }));
  afterEach(() => vi.unstubAllGlobals());

  it("sends the token with what changes something, and not with what does not", async () => {
    const fetched = answer(200, "{}");
    vi.stubGlobal("fetch", fetched);
    await request("POST", "/api/maps", { title: "x" });
    await request("GET", "/api/maps");
    const headers = (fetched.mock.calls as unknown as [string, RequestInit][]).map(
      (c) => c[1].headers,
    );
    expect(headers[0]).toEqual({ "X-XSRF-TOKEN": "the-token", "Content-Type": "application/json" });
    expect(headers[1]).toEqual({});
  });

  it("gives what came, and nothing where nothing came", async () => {
    vi.stubGlobal("fetch", answer(200, '{"id":"1"}'));
    expect(await request("GET", "/x")).toEqual({ id: "1" });
    vi.stubGlobal("fetch", answer(202, ""));
    expect(await request("POST", "/x")).toBeUndefined();
  });

  it("refuses with the server's sentence, or one of its own", async () => {
    vi.stubGlobal("fetch", answer(422, '{"detail":"The root stays."}'));
    await expect(request("POST", "/x")).rejects.toEqual(new Problem("The root stays.", 422));
    vi.stubGlobal("fetch", answer(502, "<html>"));
    await expect(request("POST", "/x")).rejects.toThrow("The server answered with 502. Try again.");
  });

  it("tells a lost connection from a refusal", async () => {
    vi.stubGlobal("fetch", vi.fn().mockRejectedValue(new TypeError("failed")));
    await expect(request("GET", "/x")).rejects.toBeInstanceOf(NoConnection);
  });
});
