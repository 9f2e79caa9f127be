import { type RefObject, useEffect, useState } from "react";
import { Input, Label } from "react-aria-components";
import type { Facts, Paper } from "../api/types";
import type { MapCommands } from "../map/commands";
import { Field } from "../ui/Field";
import { ColourPick } from "./ColourPick";
import { FACES, GRAINS, LINE_STRENGTHS } from "./looks";
import { Property } from "./Property";

type PaperLooksProps = { facts: Facts; map: RefObject<MapCommands | null> };

/** What the whole map is drawn on and with. */
export function PaperLooks({ facts, map }: PaperLooksProps) {
  const { paper } = facts;
  const [words, setWords] = useState(paper.watermark);
  useEffect(() => setWords(paper.watermark), [paper.watermark]);
  const change = (part: Partial<Paper>) => map.current?.arrange({ paper: { ...paper, ...part } });
  return (
    <>
      <Property
        label="On it"
        value={paper.grain}
        options={GRAINS}
        onChange={(grain) => change({ grain })}
      />
      <ColourPick label="Ground" value={paper.ground} onChange={(ground) => change({ ground })} />
      <Property
        label="Typeface"
        value={paper.face}
        options={FACES}
        onChange={(face) => change({ face })}
      />
      <Property
        label="Lines"
        value={paper.strength}
        options={LINE_STRENGTHS}
        onChange={(strength) => change({ strength })}
      />
      <Field
        value={words}
        onChange={setWords}
        maxLength={60}
        onBlur={() => words !== paper.watermark && change({ watermark: words })}
        onKeyDown={(e) => e.key === "Enter" && change({ watermark: words })}
      >
        <Label>Watermark</Label>
        <Input placeholder="None" />
      </Field>
    </>
  );
}
