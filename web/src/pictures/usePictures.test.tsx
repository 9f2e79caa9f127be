// @vitest-environment jsdom
import { act, cleanup, renderHook } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { upload } from "../api/client";
import { marsh, topic } from "../api/testDesk";
import type { Desk, Edit, Picture } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import { Tree } from "../map/tree";
import { pictureOf } from "./pictures";
import { usePictures } from "./usePictures";

vi.mock("../api/client", () => ({ upload: vi.fn() }));

const file = (name: string) => new File(["ink"], name, { type: "image/png" });
const picture = (image: string) => pictureOf({ image, width: 40, height: 20 }, "");

function desk(pictures: Picture[] = []): Desk {
  const first = marsh();
  return {
    ...first,
    topics: first.topics.map((each) => (each.id === "wall" ? { ...each, pictures } : each)),
  };
}

function desked(first: Desk) {
  const edits: Edit[] = [];
  const said: string[] = [];
  const actions = { edit: (edit: Edit) => edits.push(edit) } as unknown as DeskActions;
  const say = (words: string) => said.push(words);
  const hook = renderHook(({ tree }) => usePictures(tree, actions, say), {
    initialProps: { tree: new Tree(first) },
  });
  const wall = new Tree(first).get("wall") ?? topic("wall", "root");
  const images = () =>
    edits.map((edit) => edit.type === "Illustrate" && edit.pictures.map(imageOf));
  return { hook, said, wall, images, now: () => hook.result.current };
}

const imageOf = (each: Picture) => each.image;

beforeEach(() => {
  vi.mocked(upload).mockImplementation(async (_, sent) => ({
    image: (sent as File).name,
    width: 40,
    height: 20,
  }));
});
afterEach(() => {
  cleanup();
  vi.clearAllMocks();
});

describe("files for a topic", () => {
  it("become its pictures, after those that it has, as one step", async () => {
    const { now, wall, images, said } = desked(desk([picture("old.png")]));
    await act(() => now().addFiles(wall, [file("a.png"), file("b.png")]));
    expect(images()).toEqual([["old.png", "a.png", "b.png"]]);
    expect(said).toEqual(["2 pictures on wall"]);
    expect(now()).toMatchObject({ sending: null, problem: null });
  });

  it("say how far they are", async () => {
    let done = (_: { image: string; width: number; height: number }) => {};
    vi.mocked(upload).mockImplementation((_, __, tell) => {
      tell?.(0.5);
      return new Promise((resolve) => {
        done = resolve as typeof done;
      });
    });
    const { now, wall } = desked(desk());
    let all = Promise.resolve();
    await act(async () => {
      all = now().addFiles(wall, [file("a.png")]);
    });
    expect(now().sending).toEqual({ count: 1, share: 0.5 });
    await act(async () => {
      done({ image: "a", width: 4, height: 4 });
      await all;
    });
    expect(now().sending).toBeNull();
  });

  it("are as many as there is room for, and the rest is told", async () => {
    const full = [1, 2, 3].map((n) => picture(`${n}.png`));
    const { now, wall, images } = desked(desk(full));
    await act(() => now().addFiles(wall, [file("a.png"), file("b.png")]));
    expect(images()).toEqual([["1.png", "2.png", "3.png", "a.png"]]);
    expect(now().problem?.message).toContain("at most 4 pictures");
    act(() => now().dismiss());
    expect(now().problem).toBeNull();
  });

  it("are none where there is no room, and nothing is sent", async () => {
    const { now, wall, images } = desked(desk([1, 2, 3, 4].map((n) => picture(`${n}.png`))));
    await act(() => now().addFiles(wall, [file("a.png")]));
    expect(images()).toEqual([]);
    expect(upload).not.toHaveBeenCalled();
    expect(now().problem?.message).toContain("Take one off first");
  });

  it("are taken without the one that is no picture, which is named", async () => {
    vi.mocked(upload).mockImplementation(async (_, sent) => {
      if ((sent as File).name === "bad.png") {
        throw new Error("This is not a picture.");
      }
      return { image: "good", width: 4, height: 4 };
    });
    const { now, wall, images } = desked(desk());
    await act(() => now().addFiles(wall, [file("bad.png"), file("good.png")]));
    expect(images()).toEqual([["good"]]);
    expect(now().problem?.message).toBe("“bad.png”: This is not a picture.");
  });

  it("join what the topic got while they were sent", async () => {
    const { hook, now, wall, images } = desked(desk());
    let done = (_: { image: string; width: number; height: number }) => {};
    vi.mocked(upload).mockImplementation(
      () =>
        new Promise((resolve) => {
          done = resolve as typeof done;
        }),
    );
    let all = Promise.resolve();
    await act(async () => {
      all = now().addFiles(wall, [file("a.png")]);
    });
    hook.rerender({ tree: new Tree(desk([picture("meanwhile.png")])) });
    await act(async () => {
      done({ image: "a.png", width: 4, height: 4 });
      await all;
    });
    expect(images()).toEqual([["meanwhile.png", "a.png"]]);
  });
});
