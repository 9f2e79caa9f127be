import type { PointerEvent } from "react";
import type { Placed, Topic } from "../api/types";
import { theme } from "../theme/tokens";
import { useLive } from "../ui/useLive";
import { allowed } from "./pictures";

const SIDE = 9;
const HIT = 24;

type PictureHandlesProps = {
  placed: Placed;
  topic: Topic;
  /** Where a point of the window is in the scene. */
  toScene: (clientX: number, clientY: number) => { x: number; y: number };
  onSize: (picture: string, width: number) => void;
};

/** A corner on each picture of the chosen topic, by which it is made larger or smaller. */
export function PictureHandles({ placed, topic, toScene, onSize }: PictureHandlesProps) {
  const [sizing, setSizing, now] = useLive<{ id: string; width: number } | null>(null);
  return (
    <>
      {placed.drawn.images.map((image) => {
        const picture = topic.pictures.find((each) => each.id === image.id);
        if (!picture) {
          return null;
        }
        const left = placed.x + image.x;
        const top = placed.y + image.y;
        const width = sizing?.id === image.id ? sizing.width : image.width;
        const height = width * picture.ratio;
        const size = (event: PointerEvent) => {
          const at = toScene(event.clientX, event.clientY);
          const byHeight = (at.y - top) / picture.ratio;
          setSizing({
            id: image.id,
            width: allowed(Math.max(at.x - left, byHeight), picture.ratio),
          });
        };
        return (
          <g key={image.id} data-size={image.id}>
            {sizing?.id === image.id && (
              <rect
                x={left}
                y={top}
                width={width}
                height={height}
                fill="none"
                stroke={theme.rubric}
                strokeDasharray="4 3"
                pointerEvents="none"
              />
            )}
            <rect
              x={left + width - SIDE / 2}
              y={top + height - SIDE / 2}
              width={SIDE}
              height={SIDE}
              fill={theme.page}
              stroke={theme.rubric}
              pointerEvents="none"
            />
            <rect
              x={left + width - HIT / 2}
              y={top + height - HIT / 2}
              width={HIT}
              height={HIT}
              fill="none"
              pointerEvents="all"
              style={{ cursor: "nwse-resize" }}
              onPointerDown={(event) => {
                if (event.button === 0) {
                  event.stopPropagation();
                  event.currentTarget.setPointerCapture(event.pointerId);
                  setSizing({ id: image.id, width: image.width });
                }
              }}
              onPointerMove={(event) => now()?.id === image.id && size(event)}
              onPointerUp={() => {
                const last = now();
                if (last && last.width !== image.width) {
                  onSize(image.id, last.width);
                }
                setSizing(null);
              }}
              onPointerCancel={() => setSizing(null)}
            />
          </g>
        );
      })}
    </>
  );
}
