import { useQuery } from "@tanstack/react-query";
import type { PDFDocumentProxy, PDFPageProxy } from "pdfjs-dist";
import workerUrl from "pdfjs-dist/build/pdf.worker.min.mjs?url";
import { useEffect, useRef, useState } from "react";
import styled from "styled-components";
import { request } from "../api/client";
import type { Mark, PageBox } from "../api/types";
import { pigment } from "../theme/tokens";
import { Cutting } from "./Cutting";
import { land } from "./land";
import type { Spot } from "./spot";

const Pages = styled.div`
  display: grid;
  gap: 14px;
  padding: 14px;
  background: ${({ theme }) => theme.shelf};
`;

const Sheet = styled.div`
  position: relative;
  width: 100%;
  background: #fff;
  border: 1px solid ${({ theme }) => theme.rule};
  canvas { display: block; width: 100%; height: 100%; }
`;

const Linked = styled.button`
  position: absolute;
  padding: 0;
  border: 0;
  border-bottom: 2px solid;
  background: none;
  cursor: pointer;
`;

const Sought = styled.span`
  position: absolute;
  background: ${({ theme }) => theme.highlight};
  mix-blend-mode: multiply;
`;

type PdfPagesProps = {
  path: string;
  marks: Mark[];
  sought: Spot;
  onSelect: (topic: string) => void;
  /** Takes what is cut out of a page; null while nothing is. */
  onCut: ((picture: File) => void) | null;
};

const NO_BOXES: PageBox[] = [];

async function open(path: string): Promise<PDFDocumentProxy> {
  const pdf = await import("pdfjs-dist");
  pdf.GlobalWorkerOptions.workerSrc = workerUrl;
  return pdf.getDocument({
    url: `${path}/original`,
    withCredentials: true,
    cMapUrl: "/assets/pdf/cmaps/",
    cMapPacked: true,
    standardFontDataUrl: "/assets/pdf/standard_fonts/",
    isEvalSupported: false,
  }).promise;
}

/** The real pages of a PDF, with the linked passages and the sought words marked on them. */
export function PdfPages({ path, marks, sought, onSelect, onCut }: PdfPagesProps) {
  const pdf = useQuery({
    queryKey: ["pdf", path],
    queryFn: () => open(path),
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 0,
  });
  const boxes = useQuery({
    queryKey: ["boxes", path, sought.start, sought.end],
    queryFn: () =>
      request<PageBox[]>(
        "GET",
        `${path}/boxes?start=${sought.start}&end=${Math.max(sought.end, sought.start + 1)}`,
      ),
  });
  const first = boxes.data?.[0]?.page ?? 1;
  if (pdf.isError) {
    return <p role="alert">The pages cannot be shown here. Read the text, or download the file.</p>;
  }
  if (!pdf.data) {
    return <p role="status">Opening the pages…</p>;
  }
  const document = pdf.data;
  return (
    <Pages>
      {Array.from({ length: document.numPages }, (_, i) => i + 1).map((number) => (
        <PdfPage
          key={number}
          document={document}
          number={number}
          marks={marks}
          boxes={sought.end > sought.start ? (boxes.data ?? NO_BOXES) : NO_BOXES}
          wanted={boxes.isSuccess && number === first}
          onSelect={onSelect}
          onCut={onCut}
        />
      ))}
    </Pages>
  );
}

type PdfPageProps = {
  document: PDFDocumentProxy;
  number: number;
  marks: Mark[];
  boxes: PageBox[];
  wanted: boolean;
  onSelect: (topic: string) => void;
  onCut: ((picture: File) => void) | null;
};

function PdfPage(props: PdfPageProps) {
  const { document, number, marks, boxes, wanted, onSelect, onCut } = props;
  const frame = useRef<HTMLDivElement>(null);
  const canvas = useRef<HTMLCanvasElement>(null);
  const [page, setPage] = useState<PDFPageProxy | null>(null);
  const [near, setNear] = useState(false);

  useEffect(() => {
    const watch = new IntersectionObserver(([entry]) => setNear(entry?.isIntersecting ?? false), {
      rootMargin: "600px",
    });
    if (frame.current) {
      watch.observe(frame.current);
    }
    return () => watch.disconnect();
  }, []);
  useEffect(() => {
    if (near && !page) {
      document.getPage(number).then(setPage);
    }
  }, [near, page, document, number]);
  useEffect(() => {
    const on = canvas.current;
    const context = on?.getContext("2d");
    if (!near || !page || !on || !context || !frame.current) {
      return;
    }
    const natural = page.getViewport({ scale: 1 });
    const scale = (frame.current.clientWidth / natural.width) * window.devicePixelRatio;
    const viewport = page.getViewport({ scale });
    on.width = viewport.width;
    on.height = viewport.height;
    const drawing = page.render({ canvasContext: context, viewport });
    drawing.promise.catch(() => {});
    return () => drawing.cancel();
  }, [near, page]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: again when its height is known
  useEffect(
    () =>
      wanted
        ? land(() => frame.current?.querySelector("[data-sought]") ?? frame.current)
        : undefined,
    [wanted, boxes, page],
  );

  const size = page?.getViewport({ scale: 1 });
  const place = (box: PageBox) =>
    size && {
      left: `${(100 * box.left) / size.width}%`,
      top: `${(100 * box.top) / size.height}%`,
      width: `${(100 * (box.right - box.left)) / size.width}%`,
      height: `${(100 * (box.bottom - box.top)) / size.height}%`,
    };
  const here = (all: PageBox[]) => (size ? all.filter((box) => box.page === number) : []);
  return (
    <Sheet
      ref={frame}
      role="group"
      data-page={number}
      aria-label={`Page ${number}`}
      style={{ aspectRatio: size ? `${size.width} / ${size.height}` : "1 / 1.414" }}
    >
      {near && <canvas ref={canvas} />}
      {here(boxes).map((box) => (
        <Sought key={`${box.top} ${box.left}`} data-sought="" style={place(box)} />
      ))}
      {marks.map((mark) =>
        here(mark.boxes).map((box) => (
          <Linked
            key={`${mark.evidence} ${box.top} ${box.left}`}
            type="button"
            tabIndex={-1}
            aria-label={`Topic ${mark.number}`}
            title={mark.number || "root"}
            style={{ ...place(box), borderColor: pigment(mark.branch) }}
            onClick={() => onSelect(mark.topic)}
          />
        )),
      )}
      {page && onCut && <Cutting page={page} number={number} onCut={onCut} />}
    </Sheet>
  );
}
