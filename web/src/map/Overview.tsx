import { type PointerEvent, useEffect, useLayoutEffect, useRef, useState } from "react";
import styled from "styled-components";
import type { Scene } from "../api/types";
import type { Viewport } from "./useViewport";

/** A map of fewer topics is seen whole or nearly so. */
const LARGE = 40;

const WIDE = 190;
const HIGH = 130;

const Corner = styled.div`
  position: absolute;
  left: 10px;
  bottom: 10px;
  background: color-mix(in srgb, var(--ground, ${({ theme }) => theme.vellum}) 88%, transparent);
  border: 1px solid ${({ theme }) => theme.rule};
  border-radius: ${({ theme }) => theme.radius};
  cursor: pointer;
  touch-action: none;
  overflow: hidden;
  canvas { display: block; }
  i {
    position: absolute;
    border: 1.5px solid ${({ theme }) => theme.rubric};
    border-radius: 2px;
    pointer-events: none;
  }
  @media print { display: none; }
  @media (max-width: 800px) { display: none; }
`;

type OverviewProps = { scene: Scene; viewport: Viewport };

/** A large map as a whole, in a corner, with what of it is in the window; it moves the window. */
export function Overview({ scene, viewport }: OverviewProps) {
  const [needed, setNeeded] = useState(false);
  useEffect(() => {
    const look = () => {
      const { x, y, k } = viewport.view();
      const { width, height } = viewport.room();
      const whole =
        x >= -1 &&
        y >= -1 &&
        x + scene.width * k <= width + 1 &&
        y + scene.height * k <= height + 1;
      setNeeded(scene.topics.length >= LARGE && !whole && width > 0);
    };
    look();
    return viewport.subscribe(look);
  }, [scene, viewport]);
  return needed ? <Small scene={scene} viewport={viewport} /> : null;
}

function Small({ scene, viewport }: OverviewProps) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const frame = useRef<HTMLElement>(null);
  const scale = Math.min(WIDE / scene.width, HIGH / scene.height);
  const [wide, high] = [Math.ceil(scene.width * scale), Math.ceil(scene.height * scale)];
  useLayoutEffect(() => {
    const element = canvas.current;
    const pen = element?.getContext("2d");
    if (!element || !pen) {
      return;
    }
    const sharp = window.devicePixelRatio || 1;
    element.width = wide * sharp;
    element.height = high * sharp;
    pen.scale(scale * sharp, scale * sharp);
    const styles = getComputedStyle(element);
    const paint = (name: string) => styles.getPropertyValue(name).trim() || "#777";
    const thin = 1 / scale;
    for (const placed of scene.topics) {
      pen.fillStyle = paint(placed.branch < 0 ? "--ink" : `--pigment-${placed.branch % 12}`);
      const height = Math.max(thin, placed.height * 0.5);
      pen.fillRect(placed.x, placed.y + placed.height / 4, placed.width, height);
    }
  }, [scene, scale, wide, high]);
  useLayoutEffect(() => {
    viewport.covered({ width: wide + 20, height: high + 20 });
    return () => viewport.covered(null);
  }, [viewport, wide, high]);
  useLayoutEffect(() => {
    const place = () => {
      const { x, y, k } = viewport.view();
      const room = viewport.room();
      const style = frame.current?.style;
      if (style) {
        style.left = `${(-x / k) * scale}px`;
        style.top = `${(-y / k) * scale}px`;
        style.width = `${(room.width / k) * scale}px`;
        style.height = `${(room.height / k) * scale}px`;
      }
    };
    place();
    return viewport.subscribe(place);
  }, [viewport, scale]);
  const go = (event: PointerEvent<HTMLDivElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    viewport.centre((event.clientX - box.left) / scale, (event.clientY - box.top) / scale);
  };
  return (
    <Corner
      data-overview=""
      aria-hidden="true"
      style={{ width: wide, height: high }}
      onPointerDown={(event) => {
        event.stopPropagation();
        event.currentTarget.setPointerCapture(event.pointerId);
        go(event);
      }}
      onPointerMove={(event) => event.buttons > 0 && go(event)}
      onPointerUp={(event) => event.stopPropagation()}
      onDoubleClick={(event) => event.stopPropagation()}
    >
      <canvas ref={canvas} style={{ width: wide, height: high }} />
      <i ref={frame} />
    </Corner>
  );
}
