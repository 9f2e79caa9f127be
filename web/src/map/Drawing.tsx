import { createContext, memo, useContext } from "react";
import type { Drawn } from "../api/types";
import { imageAddress } from "../pictures/pictures";
import { theme } from "../theme/tokens";

export const FACES = {
  READING: { fontFamily: theme.reading, fontWeight: 400 },
  READING_ITALIC: { fontFamily: theme.reading, fontWeight: 400, fontStyle: "italic" },
  READING_MEDIUM: { fontFamily: theme.reading, fontWeight: 500 },
  READING_SEMIBOLD: { fontFamily: theme.reading, fontWeight: 600 },
  CONTROL: { fontFamily: theme.control, fontWeight: 400 },
  CONTROL_MEDIUM: { fontFamily: theme.control, fontWeight: 500 },
  CONTROL_BOLD: { fontFamily: theme.control, fontWeight: 700 },
} as const;

/** What words on a line have around them, as they may stand over others. */
export const HALO = {
  style: { paintOrder: "stroke", stroke: "var(--ground, none)", strokeWidth: 4 },
} as const;

/** The map whose images are drawn. */
export const MapOfImages = createContext("");

type DrawingProps = { drawn: Drawn; x: number; y: number };

/**
 * Draws items of a scene as they are painted there, from a corner. The corner goes into the items,
 * as a browser keeps a layer apart for each transform and is slow with thousands.
 */
export const Drawing = memo(function Drawing({ drawn, x, y }: DrawingProps) {
  return (
    <>
      {drawn.lines.map((line) => (
        <path
          key={line.path}
          d={`M${x} ${y}${line.path}`}
          fill="none"
          stroke={line.stroke}
          strokeWidth={line.width}
          strokeDasharray={line.dash || undefined}
          strokeLinecap={line.dash ? "butt" : "round"}
          strokeLinejoin="round"
        />
      ))}
      {drawn.texts.map((text) => (
        <text
          key={`${text.role}${text.x} ${text.y}`}
          x={x + text.x}
          y={y + text.y}
          fill={text.fill}
          fontSize={text.size}
          {...(text.role === "PHRASE" ? HALO : {})}
          {...FACES[text.face]}
        >
          {text.text}
        </text>
      ))}
      {drawn.images.length > 0 && <Images images={drawn.images} x={x} y={y} />}
      {drawn.bars.map((bar) => (
        <rect
          key={bar.x}
          x={x + bar.x}
          y={y + bar.y}
          width={bar.width}
          height={bar.height}
          fill={bar.fill}
        />
      ))}
    </>
  );
});

function Images({ images, x, y }: { images: Drawn["images"]; x: number; y: number }) {
  const map = useContext(MapOfImages);
  return images.map((image) => (
    <image
      key={image.id}
      href={imageAddress(map, image.image)}
      x={x + image.x}
      y={y + image.y}
      width={image.width}
      height={image.height}
      preserveAspectRatio="none"
    />
  ));
}
