import { createContext, memo, useContext } from "react";
import type { Drawn } from "../api/types";
import { imageAddress } from "../pictures/pictures";
import { theme } from "../theme/tokens";

type Face = Drawn["texts"][number]["face"];

const FAMILIES = {
  READING: theme.reading,
  CONTROL: theme.control,
  FINE: theme.fine,
  NARROW: theme.narrow,
  TYPED: theme.typed,
};

const WEIGHTS = { MEDIUM: 500, SEMIBOLD: 600, BOLD: 700 };

function face(family: keyof typeof FAMILIES, weight?: keyof typeof WEIGHTS, italic?: "italic") {
  return {
    fontFamily: FAMILIES[family],
    fontWeight: weight ? WEIGHTS[weight] : 400,
    fontStyle: italic,
  };
}

export const FACES: Record<Face, ReturnType<typeof face>> = {
  READING: face("READING"),
  READING_ITALIC: face("READING", undefined, "italic"),
  READING_MEDIUM: face("READING", "MEDIUM"),
  READING_SEMIBOLD: face("READING", "SEMIBOLD"),
  READING_SEMIBOLD_ITALIC: face("READING", "SEMIBOLD", "italic"),
  CONTROL: face("CONTROL"),
  CONTROL_ITALIC: face("CONTROL", undefined, "italic"),
  CONTROL_MEDIUM: face("CONTROL", "MEDIUM"),
  CONTROL_BOLD: face("CONTROL", "BOLD"),
  CONTROL_BOLD_ITALIC: face("CONTROL", "BOLD", "italic"),
  FINE: face("FINE"),
  FINE_ITALIC: face("FINE", undefined, "italic"),
  FINE_SEMIBOLD: face("FINE", "SEMIBOLD"),
  FINE_SEMIBOLD_ITALIC: face("FINE", "SEMIBOLD", "italic"),
  NARROW: face("NARROW"),
  NARROW_ITALIC: face("NARROW", undefined, "italic"),
  NARROW_SEMIBOLD: face("NARROW", "SEMIBOLD"),
  NARROW_SEMIBOLD_ITALIC: face("NARROW", "SEMIBOLD", "italic"),
  TYPED: face("TYPED"),
  TYPED_ITALIC: face("TYPED", undefined, "italic"),
  TYPED_BOLD: face("TYPED", "BOLD"),
  TYPED_BOLD_ITALIC: face("TYPED", "BOLD", "italic"),
};

/** What words on a line have around them, as they may stand over others. */
export const HALO = {
  style: { paintOrder: "stroke", stroke: "var(--ground, none)", strokeWidth: 4 },
} as const;

/** Letters that are written from right to left. */
const RIGHT_TO_LEFT = /[\u0590-\u08ff\ufb1d-\ufdff\ufe70-\ufeff]/;

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
      {drawn.areas.map((area) => (
        <path key={area.path} d={`M${x} ${y}${area.path}`} fill={area.fill} />
      ))}
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
          unicodeBidi={RIGHT_TO_LEFT.test(text.text) ? "plaintext" : undefined}
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
