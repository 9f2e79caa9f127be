import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { FileTrigger, Input, Label } from "react-aria-components";
import styled from "styled-components";
import { request } from "../api/client";
import type { Desk, Figure, InkDrawing, KeptImage, Topic } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import type { Tree } from "../map/tree";
import { Button } from "../ui/Button";
import { Choice } from "../ui/Choice";
import { Field, Select, Trouble } from "../ui/Field";
import { Sheet } from "../ui/Sheet";
import { illustrated, imageAddress, pictureOf, type Shown } from "./pictures";

const Shelf = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(84px, 1fr));
  gap: 6px;
  max-height: min(46vh, 420px);
  min-height: 120px;
  align-content: start;
  overflow: auto;
  button {
    display: grid;
    justify-items: center;
    gap: 2px;
    padding: 6px 4px;
    border: 1px solid transparent;
    border-radius: ${({ theme }) => theme.radius};
    background: none;
    cursor: pointer;
    font: 400 13px/17px ${({ theme }) => theme.control};
    color: ${({ theme }) => theme.softInk};
    overflow-wrap: anywhere;
    &:hover, &:focus-visible { border-color: ${({ theme }) => theme.rule}; background: ${({ theme }) => theme.vellum}; color: ${({ theme }) => theme.ink}; }
  }
  &[data-large] { grid-template-columns: repeat(auto-fill, minmax(140px, 1fr)); }
  img { width: 56px; height: 56px; object-fit: contain; }
  &[data-large] img { width: 100%; height: 96px; }
`;

const Small = styled.p`
  font-size: 13px;
  color: ${({ theme }) => theme.softInk};
  a { color: inherit; }
`;

const ORIGINS = [
  ["files", "Your files"],
  ["drawings", "Ink drawings"],
  ["figures", "Figures of the sources"],
] as const;

type PictureSheetProps = {
  tree: Tree;
  actions: DeskActions;
  /** The topic that gets a picture, or null while none does. */
  topic: string | null;
  onFiles: (topic: Topic, files: readonly File[]) => void;
  onClose: () => void;
  say: (words: string) => void;
};

/** Chooses a picture for a topic: a file, a drawing that ships, or a figure of a source. */
export function PictureSheet(props: PictureSheetProps) {
  const topic = props.tree.get(props.topic);
  return (
    <Sheet
      title={topic ? `A picture for “${topic.label}”` : "A picture"}
      isOpen={topic !== undefined}
      onOpenChange={(open) => !open && props.onClose()}
      wide
    >
      {topic && <Origins {...props} topic={topic} />}
    </Sheet>
  );
}

function Origins(props: Omit<PictureSheetProps, "topic"> & { topic: Topic }) {
  const { tree, actions, topic, onFiles, onClose, say } = props;
  const [origin, setOrigin] = useState("files");
  const take = (shown: Shown, alt: string) => {
    actions.edit(illustrated(topic, [...topic.pictures, pictureOf(shown, alt)]));
    say(`A picture on ${topic.label}`);
    onClose();
  };
  return (
    <>
      <Choice label="Where it is from" value={origin} options={ORIGINS} onChange={setOrigin} />
      {origin === "files" && (
        <>
          <p>
            PNG, JPEG, WebP, GIF or SVG, up to 10 MB. You can also drop a picture on a topic, or
            paste one on the map.
          </p>
          <p>
            <FileTrigger
              acceptedFileTypes={[
                "image/png",
                "image/jpeg",
                "image/webp",
                "image/gif",
                "image/svg+xml",
              ]}
              allowsMultiple
              onSelect={(files) => {
                if (files) {
                  onFiles(topic, [...files]);
                  onClose();
                }
              }}
            >
              <Button $strong>Choose files…</Button>
            </FileTrigger>
          </p>
        </>
      )}
      {origin === "drawings" && <Drawings map={tree.desk.id} onTake={take} />}
      {origin === "figures" && <Figures desk={tree.desk} onTake={take} />}
    </>
  );
}

type TakingProps = { onTake: (shown: Shown, alt: string) => void };

function Drawings({ map, onTake }: TakingProps & { map: string }) {
  const [words, setWords] = useState("");
  const sought = words.trim();
  const found = useQuery({
    queryKey: ["drawings", sought],
    queryFn: () =>
      request<InkDrawing[]>("GET", `/api/drawings?words=${encodeURIComponent(sought || "nature")}`),
    placeholderData: (before) => before,
  });
  return (
    <>
      <Field autoFocus value={words} onChange={setWords}>
        <Label>Find a drawing by a word</Label>
        <Input placeholder="bird, boat, house, rain" />
      </Field>
      <Shelf>
        {found.data?.map((drawing) => (
          <button key={drawing.image} type="button" onClick={() => onTake(drawing, drawing.words)}>
            <img src={imageAddress(map, drawing.image)} alt="" loading="lazy" />
            {drawing.words}
          </button>
        ))}
        {found.data?.length === 0 && <p>No drawing is found for that. Try another word.</p>}
      </Shelf>
      <Small>Drawn after OpenMoji, CC BY-SA 4.0.</Small>
    </>
  );
}

function Figures({ desk, onTake }: TakingProps & { desk: Desk }) {
  const sources = desk.sources.filter((source) => source.length > 0);
  const [source, setSource] = useState(sources[0]?.id ?? "");
  const [problem, setProblem] = useState<Error | null>(null);
  const [taking, setTaking] = useState<number | null>(null);
  const path = `/api/maps/${desk.id}/sources/${source}/figures`;
  const figures = useQuery({
    queryKey: ["figures", desk.id, source],
    queryFn: () => request<Figure[]>("GET", path),
    enabled: source !== "",
    staleTime: Number.POSITIVE_INFINITY,
    retry: false,
  });
  const take = async (number: number) => {
    setTaking(number);
    setProblem(null);
    try {
      onTake(await request<KeptImage>("POST", `${path}/${number}`), "");
    } catch (error) {
      setProblem(error as Error);
    } finally {
      setTaking(null);
    }
  };
  const trouble = problem ?? figures.error;
  const cuttable = sources.some(({ id, pages }) => id === source && pages > 0);
  if (sources.length === 0) {
    return <p>There are no sources on this map yet.</p>;
  }
  return (
    <>
      <p>
        <Select
          aria-label="Source"
          value={source}
          onChange={(event) => setSource(event.target.value)}
        >
          {sources.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </Select>
      </p>
      <Shelf data-large="">
        {figures.data?.map((figure, number) => {
          const name = `Figure ${number + 1}${figure.page > 0 ? `, page ${figure.page}` : ""}`;
          return (
            <button
              // biome-ignore lint/suspicious/noArrayIndexKey: figures are known by their number
              key={number}
              type="button"
              disabled={taking !== null}
              onClick={() => take(number)}
            >
              <img src={`${path}/${number}`} alt="" loading="lazy" />
              {taking === number ? "Taking it…" : name}
            </button>
          );
        })}
        {figures.isPending && <p role="status">Looking for figures…</p>}
      </Shelf>
      {figures.data?.length === 0 && <p>There are no pictures in the file of this source.</p>}
      {cuttable && (
        <p>
          A figure that is drawn on a page of a PDF is not a picture in the file: open the source,
          show its pages, and cut it out.
        </p>
      )}
      {trouble && <Trouble role="alert">{trouble.message}</Trouble>}
    </>
  );
}
