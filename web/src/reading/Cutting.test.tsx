// @vitest-environment jsdom
import { act, render, screen } from "@testing-library/react";
import type { PDFPageProxy } from "pdfjs-dist";
import { expect, test, vi } from "vitest";
import { Cutting, partOf } from "./Cutting";

test("what is drawn before the page is drawn again is cut out all the same", async () => {
  const onCut = vi.fn();
  const cut = vi.fn((_: object) => ({ promise: Promise.resolve() }));
  const page = {
    getViewport: () => ({ width: 600, height: 800 }),
    render: cut,
  } as unknown as PDFPageProxy;
  HTMLCanvasElement.prototype.getContext = vi.fn(() => ({})) as never;
  HTMLCanvasElement.prototype.toBlob = (done) => done(new Blob(["drawn"]));
  render(<Cutting page={page} number={2} onCut={onCut} />);
  const area = screen.getByText("Take all of page 2").closest("[data-cutting]") as HTMLElement;
  area.setPointerCapture = vi.fn();
  area.getBoundingClientRect = () => ({ left: 0, top: 0, width: 600, height: 800 }) as DOMRect;
  const at = (type: string, clientX: number, clientY: number) =>
    area.dispatchEvent(new MouseEvent(type, { bubbles: true, button: 0, clientX, clientY }));
  await act(async () => {
    at("pointerdown", 60, 80);
    at("pointermove", 200, 200);
    at("pointermove", 300, 400);
    at("pointerup", 300, 400);
  });
  expect(cut).toHaveBeenCalledTimes(1);
  expect(onCut).toHaveBeenCalledTimes(1);
  expect(onCut.mock.calls[0]?.[0].name).toBe("page 2.png");
});

test("a part is drawn from any corner and stays on the page", () => {
  expect(partOf({ x: 0.75, y: 0.5 }, { x: 0.25, y: 0.25 })).toEqual({
    left: 0.25,
    top: 0.25,
    width: 0.5,
    height: 0.25,
  });
  expect(partOf({ x: 0.5, y: 0.5 }, { x: 2, y: -1 })).toEqual({
    left: 0.5,
    top: 0,
    width: 0.5,
    height: 0.5,
  });
});
