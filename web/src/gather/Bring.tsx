import { type ClipboardEvent, useState } from "react";
import { FileTrigger, Input, Label, TextArea } from "react-aria-components";
import styled from "styled-components";
import { useSession } from "../api/useSession";
import { Button, TextButton } from "../ui/Button";
import { Field, Row, Trouble } from "../ui/Field";
import { Arrivals } from "./Arrivals";
import type { Gathering } from "./useGather";

const Drop = styled.div`
  display: grid;
  gap: 12px;
  justify-items: start;
  padding: 20px;
  border: 1px dashed ${({ theme }) => theme.softInk};
  border-radius: ${({ theme }) => theme.radius};
  background: ${({ theme }) => theme.page};
  > p { color: ${({ theme }) => theme.softInk}; max-width: 62ch; }
`;

type BringProps = {
  gathering: Gathering;
  onOpen: (source: string) => void;
  onOutline: () => void;
};

/** The ways in which a source comes: files, a folder, text, an address, an outline. */
export function Bring({ gathering, onOpen, onOutline }: BringProps) {
  const [way, setWay] = useState<"text" | "address" | null>(null);
  const toggle = (next: "text" | "address") => setWay(way === next ? null : next);
  const done = () => setWay(null);
  const add = (files: FileList | null) => files && gathering.addFiles([...files]);
  return (
    <Drop>
      <p>
        Drop files or a folder anywhere on this page: PDF, office documents, e-books, web pages,
        Markdown, plain text, tables, transcripts with times, and the recordings they belong to.
        They are read here and go nowhere else.
      </p>
      <Row>
        <FileTrigger allowsMultiple onSelect={add}>
          <Button>Choose files</Button>
        </FileTrigger>
        <FileTrigger acceptDirectory onSelect={add}>
          <Button>Choose a folder</Button>
        </FileTrigger>
        <Button aria-expanded={way === "text"} onPress={() => toggle("text")}>
          Paste text
        </Button>
        <Button aria-expanded={way === "address"} onPress={() => toggle("address")}>
          Web address
        </Button>
        <Button onPress={onOutline}>Follow an outline</Button>
      </Row>
      {way === "text" && <Paste gathering={gathering} onDone={done} />}
      {way === "address" && <Address gathering={gathering} onDone={done} />}
      {gathering.sending.length > 0 && <Arrivals gathering={gathering} onOpen={onOpen} />}
    </Drop>
  );
}

type WayProps = { gathering: Gathering; onDone: () => void };

/** Pasted text; what was copied as rich text keeps its headings and lists. */
function Paste({ gathering, onDone }: WayProps) {
  const [title, setTitle] = useState("");
  const [text, setText] = useState("");
  const [rich, setRich] = useState<{ html: string; text: string } | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const paste = (event: ClipboardEvent<HTMLTextAreaElement>) => {
    const html = event.clipboardData.getData("text/html");
    if (html && text === "") {
      const plain = event.clipboardData.getData("text/plain").replaceAll("\r\n", "\n");
      setRich(/<(h[1-6]|li|p|table|blockquote)\b/i.test(html) ? { html, text: plain } : null);
    }
  };
  const kept = rich && rich.text.trim() === text.trim() ? rich.html : null;
  const add = () => {
    gathering
      .paste(title.trim() || "Pasted text", text, kept)
      .then(onDone, (error: Error) => setProblem(error.message));
  };
  return (
    <>
      <Field value={title} onChange={setTitle}>
        <Label>Title</Label>
        <Input placeholder="Pasted text" />
      </Field>
      <Field value={text} onChange={setText}>
        <Label>Text</Label>
        <TextArea rows={6} onPaste={paste} />
      </Field>
      {kept && <p role="status">Headings, lists and tables of what you copied are kept.</p>}
      {problem && <Trouble role="alert">{problem}</Trouble>}
      <Button isDisabled={!text.trim()} onPress={add}>
        Add this text
      </Button>
    </>
  );
}

function Address({ gathering, onDone }: WayProps) {
  const [address, setAddress] = useState("");
  const [problem, setProblem] = useState<string | null>(null);
  const session = useSession();
  const samples = session.data?.samples ?? [];
  const fetch = (from: string) =>
    gathering.fetch(from.trim()).then(onDone, (error: Error) => setProblem(error.message));
  return (
    <>
      <Field value={address} onChange={setAddress} type="url">
        <Label>Address of a page</Label>
        <Input
          placeholder="https://"
          onKeyDown={(event) => event.key === "Enter" && address.trim() && fetch(address)}
        />
      </Field>
      {problem && <Trouble role="alert">{problem}</Trouble>}
      <Button isDisabled={!address.trim()} onPress={() => fetch(address)}>
        Fetch this page
      </Button>
      {samples.length > 0 && (
        <div>
          Made-up pages to try:
          {samples.map((sample) => (
            <div key={sample}>
              <TextButton onPress={() => fetch(sample)}>{sample}</TextButton>
            </div>
          ))}
        </div>
      )}
    </>
  );
}
