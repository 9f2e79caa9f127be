import { type RefObject, useState } from "react";
import { Input, Label } from "react-aria-components";
import styled from "styled-components";
import type { Rule, Style } from "../api/types";
import type { MapCommands } from "../map/commands";
import type { Tree } from "../map/tree";
import { Button, TextButton } from "../ui/Button";
import { Row as Buttons, Field, Select } from "../ui/Field";
import { counted } from "../ui/words";
import { ColourPick } from "./ColourPick";
import { KeySample } from "./KeySample";
import { given, NOTHING, RULES_BY, SIZES } from "./looks";
import { Property, Row } from "./Property";

const List = styled.ol`
  display: grid;
  gap: 10px;
  margin: 0;
  padding: 0 0 0 18px;
  li > b { font-weight: 500; }
  ul { list-style: none; margin: 2px 0; padding: 0; }
  ul li { display: flex; gap: 7px; align-items: baseline; }
  small { margin-left: auto; font-size: 13px; color: ${({ theme }) => theme.softInk}; }
`;

const Making = styled.div`
  display: grid;
  gap: 8px;
  border-top: 1px solid ${({ theme }) => theme.rule};
  padding-top: 12px;
  h3 { font: 500 15px/20px ${({ theme }) => theme.control}; }
`;

const EACH = [
  ["INK", "An ink for each"],
  ["GROUND", "A ground for each"],
  ["SIZE", "A size for each"],
] as const;

const GRADES = [
  ["WELL", "Well borne out"],
  ["THIN", "Thin"],
  ["UNSUPPORTED", "Unsupported"],
] as const;

type RuleLooksProps = { tree: Tree; map: RefObject<MapCommands | null> };

/** The rules by which topics look as they do, in the order in which they hold. */
export function RuleLooks({ tree, map }: RuleLooksProps) {
  const { styles, key } = tree.desk.facts;
  const rule = (rules: Rule[]) => map.current?.arrange({ styles: { ...styles, rules } });
  const without = (at: number) => styles.rules.filter((_, i) => i !== at);
  return (
    <>
      <p>
        What topics are can be told by how they look. Where two rules speak of the same, the first
        holds; what you gave by hand holds before all.
      </p>
      {styles.rules.length > 0 && (
        <List aria-label="Rules">
          {styles.rules.map((each, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a rule is what stands at its place
            <li key={i}>
              <b>{called(each, tree)}</b>
              <ul>
                {key
                  .filter((entry) => entry.rule === i)
                  .map((entry) => (
                    <li key={`${entry.words}${entry.source}`}>
                      <KeySample entry={entry} tree={tree} />
                      <small>{counted(entry.topics, "topic")}</small>
                    </li>
                  ))}
                {!key.some((entry) => entry.rule === i) && <li>No topic is so now.</li>}
              </ul>
              <Buttons>
                {i > 0 && (
                  <TextButton
                    onPress={() => {
                      const rules = without(i);
                      rules.splice(i - 1, 0, each);
                      rule(rules);
                    }}
                  >
                    Earlier
                  </TextButton>
                )}
                <TextButton onPress={() => rule(without(i))}>Take it out</TextButton>
              </Buttons>
            </li>
          ))}
        </List>
      )}
      <NewRule tree={tree} onMade={(made) => rule([...styles.rules, made])} />
    </>
  );
}

function called(rule: Rule, tree: Tree): string {
  const by = RULES_BY.find(([name]) => name === rule.by)?.[1] ?? "";
  if (rule.each) {
    const what = { INK: "Ink", GROUND: "Ground", SIZE: "Size" }[rule.each];
    return `${what} by ${by}`;
  }
  if (rule.by === "SOURCE") {
    return `From ${tree.desk.sources.find(({ id }) => id === rule.match)?.name ?? "a source"}`;
  }
  const entry = matches(rule.by, tree).find(([value]) => value === rule.match);
  return entry?.[1] ?? `${by.charAt(0).toUpperCase()}${by.slice(1)}: ${rule.match}`;
}

/** What a rule can look for, where that can be listed. */
function matches(by: Rule["by"], tree: Tree): readonly (readonly [string, string])[] {
  switch (by) {
    case "BRANCH":
      return tree.root.children.map((id) => [id, tree.get(id)?.label ?? ""]);
    case "LEVEL":
      return Array.from({ length: tree.levels }, (_, i) => [String(i + 1), `Level ${i + 1}`]);
    case "SUPPORT":
      return GRADES;
    case "SOURCE":
      return tree.desk.sources.map((source) => [source.id, source.name]);
    case "RELATIONS":
      return [
        ["1", "Linked"],
        ["2", "2 links or more"],
        ["4", "4 links or more"],
      ];
    case "TAG":
      return tree.desk.facts.legend.map((tag) => [tag.id, tag.word]);
    default:
      return [];
  }
}

type NewRuleProps = { tree: Tree; onMade: (rule: Rule) => void };

function NewRule({ tree, onMade }: NewRuleProps) {
  const [by, setBy] = useState<Rule["by"]>("SUPPORT");
  const [match, setMatch] = useState("");
  const [each, setEach] = useState<NonNullable<Rule["each"]>>("GROUND");
  const [style, setStyle] = useState<Style>(NOTHING);
  const [tag, setTag] = useState<string | null>(null);
  const listed = matches(by, tree);
  const typed = by === "TIME" || by === "WORDS";
  const apart = match.trim() === "" && by !== "WORDS";
  const change = (part: Partial<Style>) => setStyle((before) => ({ ...before, ...part }));
  const ready = apart || (match.trim() !== "" && (given(style) || tag !== null));
  return (
    <Making>
      <h3>Another rule</h3>
      <Row>
        By
        <Select
          value={by}
          onChange={(e) => {
            setBy(e.target.value as Rule["by"]);
            setMatch("");
          }}
        >
          {RULES_BY.map(([name, words]) => (
            <option key={name} value={name}>
              {words}
            </option>
          ))}
        </Select>
      </Row>
      {typed ? (
        <Field value={match} onChange={setMatch} maxLength={200}>
          <Label>{by === "TIME" ? "A year or a span, empty to tell all apart" : "Which"}</Label>
          <Input placeholder={by === "TIME" ? "1990-1999" : "In label, note or definition"} />
        </Field>
      ) : (
        <Property
          label="Which"
          value={match || null}
          options={listed}
          nothing="Tell all apart"
          onChange={(value) => setMatch(value ?? "")}
        />
      )}
      {apart ? (
        <Row>
          With
          <Select value={each} onChange={(e) => setEach(e.target.value as typeof each)}>
            {EACH.map(([name, words]) => (
              <option key={name} value={name}>
                {words}
              </option>
            ))}
          </Select>
        </Row>
      ) : (
        <>
          <ColourPick label="Ink" value={style.ink} onChange={(ink) => change({ ink })} />
          <ColourPick
            label="Ground"
            value={style.ground}
            onChange={(ground) => change({ ground })}
          />
          <Property
            label="Size"
            value={style.size}
            options={SIZES}
            onChange={(size) => change({ size })}
          />
          <Property
            label="Tag"
            value={tag}
            options={tree.desk.facts.legend.map(({ id, word }) => [id, word] as const)}
            nothing="None"
            onChange={setTag}
          />
        </>
      )}
      <Buttons>
        <Button
          isDisabled={!ready}
          onPress={() => {
            onMade(
              apart
                ? { by, match: "", style: NOTHING, tag: null, each }
                : { by, match: match.trim(), style, tag, each: null },
            );
            setMatch("");
            setStyle(NOTHING);
            setTag(null);
          }}
        >
          Add the rule
        </Button>
      </Buttons>
    </Making>
  );
}
