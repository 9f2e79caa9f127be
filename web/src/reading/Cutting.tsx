import type { PDFPageProxy } from "pdfjs-dist";
import type { PointerEvent } from "react";
import styled from "styled-components";
import { Button } from "../ui/Button";
import { useLive } from "../ui/useLive";

const Area = styled.div`
  position: absolute;
  inset: 0;
  cursor: crosshair;
  touch-action: none;
  button { position: absolute; right: 8px; top: 8px; }
  > span {
    position: absolute;
    border: 2px dashed ${({ theme }) => theme.rubric};
    background: rgb(163 48 43 / 0.08);
    pointer-events: none;
  }
`;

/** A spot on a page, in shares of its width and height. */
type Point = { x: number; y: number };

/** A rectangle of a page, in shares of its width and height. */
export type Part = { left: number; top: number; width: number; height: number };

const WHOLE: Part = { left: 0, top: 0, width: 1, height: 1 };

/** Smaller ones were not meant. */
const LEAST = 0.02;

/** The longer side of what is cut out, in pixels. */
const SIDE = 1600;

/** The rectangle between two corners, within the page. */
export function partOf(from: Point, to: Point): Part {
  const within = (share: number) => Math.max(0, Math.min(1, share));
  const left = within(Math.min(from.x, to.x));
  const top = within(Math.min(from.y, to.y));
  return {
    left,
    top,
    width: within(Math.max(from.x, to.x)) - left,
    height: within(Math.max(from.y, to.y)) - top,
  };
}

/** A part of a page as a picture. */
async function cut(page: PDFPageProxy, part: Part, name: string): Promise<File | null> {
  const natural = page.getViewport({ scale: 1 });
  const wide = natural.width * part.width;
  const high = natural.height * part.height;
  const scale = SIDE / Math.max(wide, high);
  const canvas = document.createElement("canvas");
  canvas.width = Math.ceil(wide * scale);
  canvas.height = Math.ceil(high * scale);
  const context = canvas.getContext("2d");
  if (!context) {
    return null;
  }
  const viewport = page.getViewport({
    scale,
    offsetX: -part.left * natural.width * scale,
    offsetY: -part.top * natural.height * scale,
  });
  await page.render({ canvasContext: context, viewport }).promise;
  const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, "image/png"));
  return blob && new File([blob], name, { type: "image/png" });
}

type CuttingProps = {
  page: PDFPageProxy;
  number: number;
  onCut: (picture: File) => void;
};

/** Lies over a page: a frame that is drawn on it is cut out as a picture. */
export function Cutting({ page, number, onCut }: CuttingProps) {
  const [corners, setCorners, now] = useLive<[from: Point, to: Point] | null>(null);
  const take = async (part: Part) => {
    const picture = await cut(page, part, `page ${number}.png`);
    if (picture) {
      onCut(picture);
    }
  };
  const at = (event: PointerEvent) => {
    const box = event.currentTarget.getBoundingClientRect();
    return { x: (event.clientX - box.left) / box.width, y: (event.clientY - box.top) / box.height };
  };
  const part = corners && partOf(...corners);
  const shares = (share: number) => `${100 * share}%`;
  return (
    <Area
      data-cutting={number}
      onPointerDown={(event) => {
        if (event.button === 0 && event.target === event.currentTarget) {
          event.currentTarget.setPointerCapture(event.pointerId);
          setCorners([at(event), at(event)]);
        }
      }}
      onPointerMove={(event) => {
        const last = now();
        if (last) {
          setCorners([last[0], at(event)]);
        }
      }}
      onPointerUp={() => {
        const last = now();
        const drawn = last && partOf(...last);
        if (drawn && drawn.width > LEAST && drawn.height > LEAST) {
          take(drawn);
        }
        setCorners(null);
      }}
      onPointerCancel={() => setCorners(null)}
    >
      <Button onPress={() => take(WHOLE)}>Take all of page {number}</Button>
      {part && (
        <span
          style={{
            left: shares(part.left),
            top: shares(part.top),
            width: shares(part.width),
            height: shares(part.height),
          }}
        />
      )}
    </Area>
  );
}
