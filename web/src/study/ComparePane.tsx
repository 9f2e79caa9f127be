import styled from "styled-components";
import type { Comparison, PairKind } from "../api/types";
import { ButtonLink } from "../ui/Button";
import { Row, Trouble } from "../ui/Field";
import { useKeptState } from "../ui/useKeptState";
import { counted } from "../ui/words";
import { Columns } from "./Columns";
import { ConcordTable } from "./ConcordTable";
import { asked, type Side, usual } from "./compare";
import { Lost } from "./Lost";
import { OnTheMap } from "./OnTheMap";
import { SidePicker } from "./SidePicker";
import type { PaneProps } from "./study";
import { useStudied } from "./useStudied";
import { Waiting } from "./Waiting";

const Sides = styled.div`
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 10px 18px;
  @container (max-width: 620px) { grid-template-columns: minmax(0, 1fr); }
`;

const KINDS = [
  ["TOPIC", "topics", "Topics"],
  ["TERM", "terms", "Terms"],
  ["PASSAGE", "passages", "Passages"],
] as const;

/** Two branches, sources or maps: what both share and what each has alone. */
export function ComparePane(props: PaneProps) {
  const { tree, selected } = props;
  const [sides, setSides] = useKeptState(`compare ${tree.desk.id}`, () => usual(tree, selected));
  const [one, other] = sides;
  const different = one !== "" && other !== "" && one !== other;
  return (
    <>
      <h2>Compare</h2>
      <Sides>
        <SidePicker name="This" tree={tree} side={one} onSide={(side) => setSides([side, other])} />
        <SidePicker
          name="With that"
          tree={tree}
          side={other}
          onSide={(side) => setSides([one, side])}
        />
      </Sides>
      {different ? (
        <Compared {...props} one={one} other={other} />
      ) : (
        <p role="status">Choose two different ones.</p>
      )}
    </>
  );
}

function Compared(props: PaneProps & { one: Side; other: Side }) {
  const { tree, selected, onOpen, onSelect, say, one, other } = props;
  const { desk } = tree;
  const path = `/api/maps/${desk.id}/comparison`;
  const query = asked(one, other);
  const version = `${desk.facts.shelf} ${desk.facts.revision}`;
  const studied = useStudied<Comparison>("comparison", desk.id, version, path, say, query);
  const { data, old, problem, send } = studied;
  if (!data) {
    return <Waiting problem={problem} words="Holding both against each other…" />;
  }
  const pair = (kind: PairKind, first: string, second: string, together: boolean) =>
    send(
      "POST",
      "/pair",
      { one, other, kind, first, second, together },
      together ? "The same" : "Not the same",
    );
  const names = new Map(data.named.map(({ id, name }) => [id, name]));
  return (
    <>
      <p role="status">
        {old
          ? "Holding both against each other…"
          : `${counted(data.topics.boths, "topic")}, ${counted(data.terms.boths, "term")} and ${counted(data.passages.boths, "sentence")} that both have.`}
      </p>
      {problem && <Trouble role="alert">{problem.message}</Trouble>}
      {data.concord && <ConcordTable concord={data.concord} one={data.one} other={data.other} />}
      {KINDS.map(([kind, key, title]) => (
        <Columns
          key={kind}
          title={title}
          sentences={kind === "PASSAGE"}
          columns={data[key]}
          one={data.one}
          other={data.other}
          names={names}
          tree={tree}
          onPair={(first, second, together) => pair(kind, first, second, together)}
          onOpen={onOpen}
          onSelect={onSelect}
        />
      ))}
      <Lost
        title="Paired or kept apart by hand"
        lost={data.marks.map((mark) => ({
          key: mark.key,
          words: `${mark.one} ${mark.together ? "is the same as" : "is not the same as"} ${mark.other}`,
        }))}
        onForget={(key) => send("POST", "/unpair", { one, other, keys: [key] }, "Forgotten")}
      />
      <Row>
        <OnTheMap
          tree={tree}
          selected={selected}
          what="this comparison"
          path={`${path}/branch`}
          body={{ one, other }}
          onSelect={onSelect}
          say={say}
        />
        <ButtonLink href={`${path}/table${query}`} download="comparison.csv">
          Save as a table
        </ButtonLink>
        <ButtonLink href={`${path}/report${query}`} download="comparison.html">
          Save as a page
        </ButtonLink>
      </Row>
    </>
  );
}
