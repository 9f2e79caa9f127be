import { useState } from "react";
import styled from "styled-components";
import type { FoundPassage, Reply, ReplyCheck, ReplyDifference, Source } from "../api/types";
import type { OpenSource } from "../reading/spot";
import { TextButton } from "../ui/Button";
import { Tick } from "../ui/Tick";
import { counted } from "../ui/words";
import { freely, judgement, KINDS, offered, takeable } from "./reply";

const Groups = styled.div`
  overflow: auto;
  display: grid;
  align-content: start;
  gap: 14px;
  h3 { font: 600 16px/24px ${({ theme }) => theme.reading}; }
  header { display: flex; flex-wrap: wrap; gap: 0 14px; align-items: baseline; }
  header p { color: ${({ theme }) => theme.softInk}; font-size: 14px; }
  ul { list-style: none; }
`;

const Item = styled.li<{ $level: number }>`
  padding: 3px 0 3px ${({ $level }) => Math.min($level - 1, 5) * 18}px;
  border-top: 1px solid ${({ theme }) => theme.rule};
  font: 400 16px/23px ${({ theme }) => theme.reading};
  &[data-refused] { color: ${({ theme }) => theme.softInk}; }
  &[data-refused] > span { text-decoration: line-through; }
  small { font: 400 14px/20px ${({ theme }) => theme.control}; color: ${({ theme }) => theme.softInk}; }
`;

const Below = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0 14px;
  padding-left: 23px;
  font-size: 14px;
  [data-grade="UNSUPPORTED"] { color: ${({ theme }) => theme.rubric}; }
`;

const Quotes = styled.div`
  padding: 2px 0 6px 23px;
  display: grid;
  gap: 6px;
  p { padding-left: 11px; border-left: 3px dashed ${({ theme }) => theme.softInk}; }
`;

/** So many of a kind are shown at first. */
const MANY = 150;

type OffersProps = {
  reply: Reply;
  check: ReplyCheck | undefined;
  sources: readonly Source[];
  chosen: ReadonlySet<string>;
  onChoose: (ids: readonly string[], on: boolean) => void;
  onRefuse: (id: string, refused: boolean) => void;
  onOpen: OpenSource;
};

/** In what a reply and the map differ, kind by kind, to be taken or refused. */
export function Offers(props: OffersProps) {
  const { reply, chosen, onChoose } = props;
  const [shown, setShown] = useState(MANY);
  return (
    <Groups>
      {KINDS.map(([kind, title, words]) => {
        const all = reply.differences.filter((each) => each.kind === kind);
        const free = all.filter(freely).map(({ id }) => id);
        if (all.length === 0) {
          return null;
        }
        const said =
          kind === "MISSING" && reply.onlyMore ? "It was asked only for what is not there." : words;
        const on = free.length > 0 && free.every((id) => chosen.has(id));
        return (
          <section key={kind} aria-label={title}>
            <header>
              {free.length > 0 ? (
                <Tick isSelected={on} onChange={(now) => onChoose(free, now)}>
                  <h3>
                    {title} ({all.length})
                  </h3>
                </Tick>
              ) : (
                <h3>
                  {title} ({all.length})
                </h3>
              )}
              <p>{said}</p>
            </header>
            <ul>
              {all.slice(0, shown).map((each) => (
                <Offer key={each.id} {...props} difference={each} />
              ))}
            </ul>
            {all.length > shown && (
              <TextButton onPress={() => setShown(shown + MANY)}>
                Show more of the {all.length}
              </TextButton>
            )}
          </section>
        );
      })}
    </Groups>
  );
}

function Offer(props: OffersProps & { difference: ReplyDifference }) {
  const { reply, check, sources, chosen, difference, onChoose, onRefuse, onOpen } = props;
  const [open, setOpen] = useState(false);
  const { id, kind, point, refused, yours } = difference;
  const words = offered(difference, reply);
  const told = kind === "RELATED" ? undefined : reply.points[point];
  const judged = kind === "RELATED" ? undefined : check?.points[point];
  const found: readonly FoundPassage[] = judged?.found ?? [];
  const short = words.slice(0, 60);
  return (
    <Item
      id={`offer-${id.replace(" ", "-")}`}
      $level={kind === "NEW" ? (told?.level ?? 1) : 1}
      data-refused={refused ? "" : undefined}
    >
      {takeable(difference) && !refused ? (
        <Tick isSelected={chosen.has(id)} onChange={(on) => onChoose([id], on)}>
          <span>{words}</span>
        </Tick>
      ) : (
        <span>{words}</span>
      )}
      {kind === "NEW" && told?.definition && !refused && (
        <Below>
          <small>{told.definition}</small>
        </Below>
      )}
      {takeable(difference) && (
        <Below>
          {judged && !refused && <small data-grade={judged.grade}>{judgement(judged)}</small>}
          {yours && <small>yours: taken only where you tick it here</small>}
          {found.length > 0 && !refused && (
            <TextButton
              aria-expanded={open}
              aria-label={`${counted(found.length, "passage")} for: ${short}`}
              onPress={() => setOpen(!open)}
            >
              {counted(found.length, "passage")}
            </TextButton>
          )}
          <TextButton
            aria-label={`${refused ? "Offer again" : "Refuse"}: ${short}`}
            onPress={() => onRefuse(id, !refused)}
          >
            {refused ? "Offer again" : "Refuse"}
          </TextButton>
        </Below>
      )}
      {open && (
        <Quotes>
          {found.map((each) => (
            <p key={`${each.source} ${each.start}`}>
              {each.exact}{" "}
              <small>
                {sources.find((source) => source.id === each.source)?.name} · strength{" "}
                {each.strength.toFixed(2)}
              </small>{" "}
              <TextButton
                aria-label={`Read in the source: ${each.exact.slice(0, 60)}`}
                onPress={() => onOpen({ source: each.source, start: each.start, end: each.end })}
              >
                Read it there
              </TextButton>
            </p>
          ))}
        </Quotes>
      )}
    </Item>
  );
}
