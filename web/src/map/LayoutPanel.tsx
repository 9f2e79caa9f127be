import type { RefObject } from "react";
import { Dialog, DialogTrigger, Label, Popover, Radio, RadioGroup } from "react-aria-components";
import styled from "styled-components";
import type { Arrangement, Facts, LayoutKind, Topic } from "../api/types";
import { LINE_FORMS } from "../looks/looks";
import type { MapTheme } from "../theme/mapLooks";
import { Choice } from "../ui/Choice";
import { Tipped } from "../ui/Tipped";
import type { MapCommands } from "./commands";
import { LayoutGlyph, ThemeGlyph } from "./LayoutGlyph";

/** What is being laid out: the map, the branch of the chosen topic, or nothing. */
export type Laying = "map" | "branch" | null;

const Panel = styled(Dialog)`
  display: grid;
  gap: 14px;
  width: min(420px, 100vw);
  max-height: 100%;
  overflow: auto;
  padding: 16px 18px;
  background: ${({ theme }) => theme.page};
  border: 1px solid ${({ theme }) => theme.rule};
  border-radius: ${({ theme }) => theme.radius};
  box-shadow: 0 4px 16px rgb(42 37 33 / 0.16);
  outline: none;
`;

/** Over the reading page, so that one sees the map that one lays out. */
const Aside = styled(Popover)`
  && {
    position: fixed !important;
    top: 60px !important;
    right: 8px !important;
    left: auto !important;
    bottom: auto !important;
    max-height: calc(100vh - 76px) !important;
    display: flex;
  }
  @media (max-width: 800px) {
    && { top: auto !important; bottom: 0 !important; right: 0 !important; max-height: 45vh !important; }
  }
`;

const Kinds = styled(RadioGroup)`
  display: grid;
  gap: 6px;
  > span:first-child { font-weight: 500; }
`;

const Grid = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(94px, 1fr));
  gap: 4px;
`;

const Kind = styled(Radio)`
  display: grid;
  justify-items: center;
  gap: 2px;
  padding: 6px 4px 5px;
  font-size: 14px;
  text-align: center;
  border: 1px solid ${({ theme }) => theme.rule};
  border-radius: ${({ theme }) => theme.radius};
  cursor: pointer;
  &[data-selected] {
    border-color: ${({ theme }) => theme.ink};
    box-shadow: inset 0 -2px 0 ${({ theme }) => theme.rubric};
    font-weight: 500;
  }
  &[data-focus-visible] { outline: 2px solid ${({ theme }) => theme.rubric}; outline-offset: 2px; }
`;

const OF_MAP: readonly (readonly [LayoutKind, string])[] = [
  ["BRACES", "Braces"],
  ["BOTH_SIDES", "Both sides"],
  ["LEFTWARD", "To the left"],
  ["DOWNWARD", "Downward"],
  ["UPWARD", "Upward"],
  ["RADIAL", "Around"],
  ["INDENTED", "Indented"],
  ["BY_TIME", "By time"],
  ["SIDE_BY_SIDE", "Side by side"],
];

/** A branch has one side, that of the topics around it. */
const OF_BRANCH = OF_MAP.filter(([kind]) => kind !== "BOTH_SIDES" && kind !== "LEFTWARD");

const THEMES: readonly (readonly [MapTheme, string])[] = [
  ["VELLUM", "Vellum"],
  ["NIGHT", "Night"],
  ["PRINT", "Print"],
  ["CONTRAST", "Contrast"],
  ["STAGE", "Stage"],
  ["PLAIN", "Plain"],
];

const AROUND = "AROUND";

const ROOM = [
  ["TIGHT", "Tight"],
  ["USUAL", "Usual"],
  ["WIDE", "Wide"],
] as const;

const WIDTHS = [
  ["NARROW", "Narrow"],
  ["USUAL", "Usual"],
  ["WIDE", "Wide"],
] as const;

const SPREADS = [
  ["360", "All around"],
  ["270", "Three quarters"],
  ["180", "Half"],
  ["90", "A quarter"],
] as const;

const BEGINNINGS = [
  ["0", "at the top"],
  ["90", "at the right"],
  ["180", "at the foot"],
  ["270", "at the left"],
] as const;

type LayoutPanelProps = {
  facts: Facts;
  map: RefObject<MapCommands | null>;
  topic: Topic;
  laying: Laying;
  onLaying: (laying: Laying) => void;
};

const NOTHING: Arrangement = {
  layout: null,
  lines: null,
  spacing: null,
  labels: null,
  fanFrom: null,
  fanSpread: null,
};

/** How the map is laid out and drawn, or a branch laid out; what is chosen shows at once. */
export function LayoutPanel({ facts, map, topic, laying, onLaying }: LayoutPanelProps) {
  const ofBranch = topic.parent !== null && topic.children.length > 0;
  const branch = laying === "branch" && ofBranch;
  const given = branch ? (topic.arrangement ?? NOTHING) : facts.arrangement;
  const change = (change: Partial<Arrangement>) => {
    const next = { ...given, ...change };
    if (branch) {
      map.current?.arrangeBranch(topic.id, next);
    } else {
      map.current?.arrange({ arrangement: next });
    }
  };
  const around = branch ? ([[AROUND, "As around it"]] as const) : [];
  const kind = given.layout ?? AROUND;
  return (
    <DialogTrigger isOpen={laying !== null} onOpenChange={(open) => onLaying(open ? "map" : null)}>
      <Tipped label="Layout and theme" sign="layout" />
      <Aside placement="top start" isNonModal>
        <Panel aria-label="Layout and theme">
          {ofBranch && (
            <Choice
              label="What"
              value={branch ? "branch" : "map"}
              options={[
                ["map", "The whole map"],
                ["branch", `The branch “${shortened(topic.label)}”`],
              ]}
              onChange={(what) => onLaying(what as Laying)}
            />
          )}
          {!branch && (
            <Kinds
              value={facts.theme}
              onChange={(theme) => map.current?.arrange({ theme: theme as MapTheme })}
            >
              <Label>Theme</Label>
              <Grid>
                {THEMES.map(([id, words]) => (
                  <Kind key={id} value={id}>
                    <ThemeGlyph name={id} />
                    {words}
                  </Kind>
                ))}
              </Grid>
            </Kinds>
          )}
          <Kinds
            value={kind}
            onChange={(chosen) =>
              change({ layout: chosen === AROUND ? null : (chosen as LayoutKind), lines: null })
            }
          >
            <Label>Layout</Label>
            <Grid>
              {[...around, ...(branch ? OF_BRANCH : OF_MAP)].map(([id, words]) => (
                <Kind key={id} value={id}>
                  <LayoutGlyph kind={id} />
                  {words}
                </Kind>
              ))}
            </Grid>
          </Kinds>
          {given.layout === "RADIAL" && (
            <>
              <Choice
                label="Opens"
                value={String(given.fanSpread ?? 360)}
                options={SPREADS}
                onChange={(spread) =>
                  change({ fanFrom: given.fanFrom ?? 0, fanSpread: Number(spread) })
                }
              />
              {!branch && (
                <Choice
                  label="Begins"
                  value={String(given.fanFrom ?? 0)}
                  options={BEGINNINGS}
                  onChange={(from) =>
                    change({ fanFrom: Number(from), fanSpread: given.fanSpread ?? 360 })
                  }
                />
              )}
            </>
          )}
          <Choice
            label="Lines"
            value={given.lines ?? ""}
            options={[["", branch ? "As around it" : "As usual"], ...LINE_FORMS]}
            onChange={(lines) => change({ lines: (lines || null) as Arrangement["lines"] })}
          />
          <Choice
            label="Room between"
            value={given.spacing ?? (branch ? "" : "USUAL")}
            options={branch ? [["", "As around it"], ...ROOM] : ROOM}
            onChange={(spacing) => change({ spacing: (spacing || null) as Arrangement["spacing"] })}
          />
          <Choice
            label="Width of labels"
            value={given.labels ?? (branch ? "" : "USUAL")}
            options={branch ? [["", "As around it"], ...WIDTHS] : WIDTHS}
            onChange={(labels) => change({ labels: (labels || null) as Arrangement["labels"] })}
          />
        </Panel>
      </Aside>
    </DialogTrigger>
  );
}

function shortened(label: string): string {
  return label.length > 28 ? `${label.slice(0, 27).trimEnd()}…` : label;
}
