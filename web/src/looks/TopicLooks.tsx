import { type RefObject, useState } from "react";
import { Input, Label } from "react-aria-components";
import styled from "styled-components";
import type { Facts, Style, Topic } from "../api/types";
import type { Choice as Chosen } from "../choice/choice";
import type { MapCommands } from "../map/commands";
import { Button, TextButton } from "../ui/Button";
import { Choice } from "../ui/Choice";
import { Row as Buttons, Field, Trouble } from "../ui/Field";
import { ColourPick } from "./ColourPick";
import {
  FACES,
  given,
  LINE_FORMS,
  LINE_STRENGTHS,
  NOTHING,
  OUTLINES,
  SIZES,
  shownColour,
} from "./looks";
import { Property, Row } from "./Property";

const Group = styled.div`
  display: grid;
  gap: 8px;
  & + & { border-top: 1px solid ${({ theme }) => theme.rule}; padding-top: 12px; }
  h3 { font: 500 15px/20px ${({ theme }) => theme.control}; }
`;

const Wide = styled.input`
  padding: 3px 8px;
  min-height: 30px;
  font: 400 15px/22px ${({ theme }) => theme.control};
  color: ${({ theme }) => theme.ink};
  background: ${({ theme }) => theme.page};
  border: 1px solid ${({ theme }) => theme.rule};
  border-radius: ${({ theme }) => theme.radius};
`;

const Named = styled.ul`
  display: grid;
  gap: 2px;
  list-style: none;
  padding: 0;
  margin: 0;
  li { display: flex; justify-content: space-between; gap: 8px; align-items: center; }
  .look {
    padding: 1px 8px;
    border: 1px solid transparent;
    border-radius: ${({ theme }) => theme.radius};
    background: none;
    font: 400 16px/24px ${({ theme }) => theme.reading};
    cursor: pointer;
    text-align: left;
    overflow-wrap: anywhere;
  }
  .look:hover { border-color: ${({ theme }) => theme.rule}; }
`;

type Scope = "TOPIC" | "BELOW" | "LEVEL";

type TopicLooksProps = {
  facts: Facts;
  topic: Topic;
  choice: Chosen;
  map: RefObject<MapCommands | null>;
};

/** The look that was copied last, for all maps of this page. */
let copied: Style | null = null;

const LEVELS = 5;

/** How topics look by hand: one, those chosen with it, what is below it, or its level. */
export function TopicLooks({ facts, topic, choice, map }: TopicLooksProps) {
  const [scope, setScope] = useState<Scope>("TOPIC");
  const [name, setName] = useState("");
  const [, setCopies] = useState(0);
  const { styles } = facts;
  const level = Math.min(topic.level, LEVELS - 1);
  const several = choice.several ? choice.ids.size : 0;
  const style =
    scope === "TOPIC"
      ? (topic.style ?? NOTHING)
      : scope === "BELOW"
        ? (topic.below ?? NOTHING)
        : (styles.levels[Math.min(level, styles.levels.length - 1)] ?? NOTHING);
  const change = (part: Partial<Style>) => {
    if (scope === "LEVEL") {
      const levels = Array.from({ length: LEVELS }, (_, i) => {
        const before = styles.levels[Math.min(i, styles.levels.length - 1)] ?? NOTHING;
        return i === level ? { ...before, ...part } : before;
      });
      map.current?.arrange({ styles: { ...styles, levels } });
    } else {
      map.current?.paint(topic, part, scope === "BELOW");
    }
  };
  const widen = (typed: string) => {
    const width = typed === "" ? null : Math.min(1200, Math.max(60, Math.round(Number(typed))));
    if (width !== topic.wide) {
      map.current?.widen(topic, width);
    }
  };
  const keep = () => {
    const named = [...styles.named.filter((look) => look.name !== name.trim())];
    map.current?.arrange({
      styles: { ...styles, named: [...named, { name: name.trim(), style }] },
    });
    setName("");
  };
  const these = several > 0 ? `These ${several} topics` : "This topic";
  return (
    <>
      <Choice
        label="What"
        value={scope}
        options={[
          ["TOPIC", these],
          ["BELOW", several > 0 ? "Them and all below" : "It and all below"],
          ["LEVEL", topic.level === 0 ? "The title" : levelWords(level)],
        ]}
        onChange={(what) => setScope(what as Scope)}
      />
      <Group>
        <Property
          label="Typeface"
          value={style.face}
          options={FACES}
          onChange={(face) => change({ face })}
        />
        <Property
          label="Size"
          value={style.size}
          options={SIZES}
          onChange={(size) => change({ size })}
        />
        <Property
          label="Weight"
          value={yes(style.bold)}
          options={[
            ["YES", "Bold"],
            ["NO", "Regular"],
          ]}
          onChange={(bold) => change({ bold: bold && bold === "YES" })}
        />
        <Property
          label="Slant"
          value={yes(style.italic)}
          options={[
            ["YES", "Italic"],
            ["NO", "Upright"],
          ]}
          onChange={(italic) => change({ italic: italic && italic === "YES" })}
        />
        <Property
          label="Around it"
          value={style.outline}
          options={OUTLINES}
          onChange={(outline) => change({ outline })}
        />
        <ColourPick label="Ink" value={style.ink} onChange={(ink) => change({ ink })} />
        <ColourPick label="Ground" value={style.ground} onChange={(ground) => change({ ground })} />
        {scope === "TOPIC" && several === 0 && (
          <Row>
            Width
            <Wide
              key={`${topic.id}${topic.wide}`}
              type="number"
              min={60}
              max={1200}
              placeholder="As it is laid out"
              defaultValue={topic.wide ?? ""}
              onBlur={(event) => widen(event.target.value)}
              onKeyDown={(event) => event.key === "Enter" && widen(event.currentTarget.value)}
            />
          </Row>
        )}
        {topic.contrast !== null && (
          <Trouble role="status">
            The label stands out from what is behind it by {topic.contrast} to 1. From 4.5 on it
            reads well: choose a stronger ink or a weaker ground.
          </Trouble>
        )}
      </Group>
      <Group>
        <h3>Lines to what is below</h3>
        <ColourPick label="Colour" value={style.line} onChange={(line) => change({ line })} />
        <Property
          label="Strength"
          value={style.strength}
          options={LINE_STRENGTHS}
          onChange={(strength) => change({ strength })}
        />
        <Property
          label="Form"
          value={style.form}
          options={LINE_FORMS}
          nothing="As the layout has it"
          onChange={(form) => change({ form })}
        />
        <Property
          label="Ends"
          value={yes(style.arrows)}
          options={[
            ["YES", "With heads"],
            ["NO", "Without heads"],
          ]}
          onChange={(arrows) => change({ arrows: arrows && arrows === "YES" })}
        />
      </Group>
      <Group>
        <Buttons>
          <Button
            onPress={() => {
              copied = style;
              setCopies((n) => n + 1);
            }}
            isDisabled={!given(style)}
          >
            Copy this look
          </Button>
          <Button onPress={() => copied && change(copied)} isDisabled={copied === null}>
            Give it the copied look
          </Button>
          <Button onPress={() => change(NOTHING)} isDisabled={!given(style)}>
            Back to the theme
          </Button>
          <TextButton onPress={() => map.current?.plain(topic, "BRANCH", false)}>
            Back to the theme with all below it
          </TextButton>
        </Buttons>
      </Group>
      <Group>
        <h3>Looks that you keep</h3>
        {styles.named.length > 0 && (
          <Named>
            {styles.named.map((look) => (
              <li key={look.name}>
                <button
                  type="button"
                  className="look"
                  onClick={() => change(look.style)}
                  style={{
                    color: shownColour(look.style.ink),
                    background: shownColour(look.style.ground),
                    fontWeight: look.style.bold ? 600 : undefined,
                    fontStyle: look.style.italic ? "italic" : undefined,
                  }}
                >
                  {look.name}
                </button>
                <TextButton
                  aria-label={`Forget the look ${look.name}`}
                  onPress={() =>
                    map.current?.arrange({
                      styles: { ...styles, named: styles.named.filter((l) => l !== look) },
                    })
                  }
                >
                  Forget
                </TextButton>
              </li>
            ))}
          </Named>
        )}
        <Field value={name} onChange={setName} maxLength={40}>
          <Label>Keep this look as</Label>
          <Input placeholder="A name" />
        </Field>
        <Buttons>
          <Button onPress={keep} isDisabled={!name.trim() || !given(style)}>
            Keep it
          </Button>
        </Buttons>
      </Group>
    </>
  );
}

function yes(value: boolean | null): "YES" | "NO" | null {
  return value === null ? null : value ? "YES" : "NO";
}

function levelWords(level: number): string {
  if (level === 1) {
    return "All main branches";
  }
  return level === LEVELS - 1 ? `All of level ${level} and below` : `All of level ${level}`;
}
