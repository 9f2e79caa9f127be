import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { FileTrigger, Input, Label } from "react-aria-components";
import { request, upload } from "../api/client";
import type { Templates } from "../api/types";
import { NamedField } from "../references/WorkFields";
import { TextButton } from "../ui/Button";
import { Choice } from "../ui/Choice";
import { Field, Row, Select, Trouble } from "../ui/Field";
import { Tick } from "../ui/Tick";
import { has, PAPERS, type Wish } from "./wish";

const SCALES = ["0.5", "1", "2", "3", "4", "6", "8"].map((n) => [n, `${n}\u00d7`] as const);
const BYS = [
  ["scale", "Scale"],
  ["dpi", "Dots an inch"],
  ["width", "Width in pixels"],
] as const;

type LooksProps = { map: string; wish: Wish; change: (to: Partial<Wish>) => void };

/** What can be wished of a format beside how much. */
export function Looks({ map, wish, change }: LooksProps) {
  const { format } = wish;
  return (
    <>
      {has(format, "template") && <TemplateChoice map={map} wish={wish} change={change} />}
      {has(format, "cites") && (
        <Tick isSelected={wish.footnotes} onChange={(footnotes) => change({ footnotes })}>
          Citations as footnotes
        </Tick>
      )}
      {has(format, "paper") && (
        <NamedField>
          Paper
          <Select value={wish.paper} onChange={(event) => change({ paper: event.target.value })}>
            {PAPERS.map(([paper, words]) => (
              <option key={paper} value={paper}>
                {words}
              </option>
            ))}
          </Select>
        </NamedField>
      )}
      {has(format, "pixels") && <Size wish={wish} change={change} />}
      {has(format, "clear") && (
        <Tick isSelected={wish.clear} onChange={(clear) => change({ clear })}>
          Clear ground
        </Tick>
      )}
      {has(format, "caption") && (
        <Tick isSelected={wish.captioned} onChange={(captioned) => change({ captioned })}>
          Title and legend below it
        </Tick>
      )}
      {has(format, "foot") && (
        <Field value={wish.foot} onChange={(foot) => change({ foot })} maxLength={300}>
          <Label>At the foot of the page</Label>
          <Input placeholder="Words of your own, [with a link](https://…)" />
        </Field>
      )}
    </>
  );
}

function Size({ wish, change }: Omit<LooksProps, "map">) {
  const set = (size: string) => change({ size: { ...wish.size, [wish.by]: size } });
  return (
    <>
      <Choice
        label="Size by"
        value={wish.by}
        options={BYS}
        onChange={(by) => change({ by: by as Wish["by"] })}
      />
      {wish.by === "scale" ? (
        <Choice label="How large" value={wish.size.scale} options={SCALES} onChange={set} />
      ) : (
        <Field value={wish.size[wish.by]} onChange={(size) => set(size.replace(/\D/g, ""))}>
          <Label>{wish.by === "dpi" ? "How many an inch" : "How many across"}</Label>
          <Input inputMode="numeric" maxLength={6} />
        </Field>
      )}
    </>
  );
}

function TemplateChoice({ map, wish, change }: LooksProps) {
  const client = useQueryClient();
  const path = `/api/maps/${map}/export/templates`;
  const [problem, setProblem] = useState<string | null>(null);
  const known = useQuery({
    queryKey: ["report templates"],
    queryFn: () => request<Templates>("GET", path),
  });
  const bring = (files: FileList | null) => {
    if (files?.[0]) {
      setProblem(null);
      upload(path, files[0], () => {}).then(
        () => {
          client.invalidateQueries({ queryKey: ["report templates"] });
          client.invalidateQueries({ queryKey: ["preview"] });
          change({ template: "own" });
        },
        (fault: Error) => setProblem(fault.message),
      );
    }
  };
  return (
    <Row>
      <NamedField>
        Template
        <Select
          value={wish.template}
          onChange={(event) => change({ template: event.target.value })}
        >
          {known.data?.ours.map((template) => (
            <option key={template.key} value={template.key}>
              {template.word}
            </option>
          ))}
          {(known.data?.own || wish.template === "own") && <option value="own">Your own</option>}
        </Select>
      </NamedField>
      <FileTrigger acceptedFileTypes={[".docx"]} onSelect={bring}>
        <TextButton>Bring a template (.docx)…</TextButton>
      </FileTrigger>
      {problem && <Trouble role="alert">{problem}</Trouble>}
    </Row>
  );
}
