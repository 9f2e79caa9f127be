import type { Backdrop, Scene } from "../api/types";
import { FACES } from "./Drawing";

type GroundProps = { scene: Scene; id: string };

/** What lies behind a scene: a grain all over, and words across it. */
export function Ground({ scene, id }: GroundProps) {
  const { tile, watermark } = scene.backdrop;
  if (!tile && !watermark) {
    return null;
  }
  return (
    // biome-ignore lint/a11y/noAriaHiddenOnFocusable: a group of a drawing takes no focus
    <g pointerEvents="none" aria-hidden="true">
      {tile && <Grain tile={tile} id={id} />}
      {watermark && (
        <text
          x={watermark.x}
          y={watermark.y}
          fill={watermark.fill}
          fontSize={watermark.size}
          {...FACES[watermark.face]}
        >
          {watermark.text}
        </text>
      )}
    </g>
  );
}

/** Wide enough that no edge of it is ever met. */
const FAR = 20_000;

function Grain({ tile, id }: { tile: NonNullable<Backdrop["tile"]>; id: string }) {
  return (
    <>
      <defs>
        <pattern id={id} width={tile.side} height={tile.side} patternUnits="userSpaceOnUse">
          {tile.lines.map((line) => (
            <path
              key={line.path}
              d={`M0 0${line.path}`}
              fill="none"
              stroke={line.stroke}
              strokeWidth={line.width}
            />
          ))}
        </pattern>
      </defs>
      <rect x={-FAR} y={-FAR} width={3 * FAR} height={3 * FAR} fill={`url(#${id})`} />
    </>
  );
}
