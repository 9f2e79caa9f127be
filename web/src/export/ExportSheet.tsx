import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import styled from "styled-components";
import { request } from "../api/client";
import type { Desk } from "../api/types";
import { Choice } from "../ui/Choice";
import { Sheet, SheetButtons } from "../ui/Sheet";

const Take = styled.a`
  padding: 8px 14px;
  border-radius: ${({ theme }) => theme.radius};
  background: ${({ theme }) => theme.ink};
  color: ${({ theme }) => theme.page};
  font: 500 15px/20px ${({ theme }) => theme.control};
  text-decoration: none;
  &[aria-disabled="true"] { opacity: 0.45; pointer-events: none; }
`;

const FORMATS = [
  ["markdown", "Markdown"],
  ["png", "PNG picture"],
  ["json", "JSON"],
] as const;
const PARTS = [
  ["whole", "The whole map"],
  ["shown", "What is open now"],
] as const;
const SCALES = ["1", "2", "3", "4", "6", "8"].map((n) => [n, `${n}\u00d7`] as const);

type ExportSheetProps = { desk: Desk; isOpen: boolean; onOpenChange: (open: boolean) => void };

/** Takes the map along as a file. */
export function ExportSheet({ desk, isOpen, onOpenChange }: ExportSheetProps) {
  const [format, setFormat] = useState("markdown");
  const [part, setPart] = useState("whole");
  const [scale, setScale] = useState("2");
  const picture = format === "png";
  const options = `scale=${scale}&whole=${part === "whole"}`;
  const path = `/api/maps/${desk.id}/export`;
  const size = useQuery({
    queryKey: ["picture", desk.id, desk.facts.revision, options, desk.scene.height],
    queryFn: () => request<{ width: number; height: number }>("GET", `${path}/png/size?${options}`),
    enabled: isOpen && picture,
    retry: false,
  });
  const impossible = picture && size.isError;
  return (
    <Sheet title="Export" isOpen={isOpen} onOpenChange={onOpenChange}>
      <Choice label="Format" value={format} options={FORMATS} onChange={setFormat} />
      {picture ? (
        <>
          <Choice label="What to show" value={part} options={PARTS} onChange={setPart} />
          <Choice label="Scale" value={scale} options={SCALES} onChange={setScale} />
          <p role="status">
            {size.data &&
              `The picture will be ${size.data.width.toLocaleString("en")} \u00d7 ${size.data.height.toLocaleString("en")} pixels.`}
            {size.isError && size.error.message}
          </p>
        </>
      ) : (
        <p>
          {format === "json"
            ? "The topics, their passages and links, and the sources’ texts, for other programs."
            : "Headings and lists with your notes and links, and every passage as a footnote: quote, source, page or time."}
        </p>
      )}
      <SheetButtons>
        <Take
          href={picture ? `${path}/png?${options}` : `${path}/${format}`}
          download
          aria-disabled={impossible}
        >
          {picture
            ? "Save the picture"
            : `Save the ${format === "json" ? "JSON" : "Markdown"} file`}
        </Take>
      </SheetButtons>
    </Sheet>
  );
}
