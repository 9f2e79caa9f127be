import { useQuery } from "@tanstack/react-query";
import styled from "styled-components";
import { request } from "../api/client";
import type { Bearing, Hypothesis } from "../api/types";
import { ButtonLink, TextButton } from "../ui/Button";
import { Row, Trouble } from "../ui/Field";
import { StudyPassage } from "./StudyPassage";
import type { PaneProps } from "./study";

const List = styled.ul`
  list-style: none;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 18px;
  h4 { font: 600 16px/24px ${({ theme }) => theme.reading}; margin: 0 0 2px; }
  h5 { font: 600 14px/20px ${({ theme }) => theme.control}; margin: 8px 0 4px; }
  section { display: grid; grid-template-columns: minmax(0, 1fr); gap: 8px; }
`;

const STANCES: readonly (readonly [Bearing["stance"], string, string])[] = [
  ["SUPPORTS", "For it", "It is for it"],
  ["DISPUTES", "Against it", "It is against it"],
  ["MENTIONS", "Speaks of both", "It only speaks of both"],
];

/** Cross-links that are only supposed, with what the sources say for and against them. */
export function Hypotheses({ tree, actions, onOpen, onSelect, say }: PaneProps) {
  const { id, facts } = tree.desk;
  const path = `/api/maps/${id}/scope/hypotheses`;
  const all = useQuery({
    queryKey: ["hypotheses", id, facts.revision, facts.shelf],
    queryFn: () => request<Hypothesis[]>("GET", path),
    placeholderData: (before) => before,
  });
  const supposed = tree.desk.links.filter((link) => link.supposed).length;
  const set = (link: string, bearing: Bearing, stance: Bearing["stance"]) => {
    const { source, start, end } = bearing.passage;
    actions.edit({ type: "Ground", link, source, start, end, stance });
    say("Set, and kept with the cross-link");
  };
  return (
    <section aria-label="Suppositions">
      <h3>Suppositions</h3>
      {all.error && <Trouble role="alert">{all.error.message}</Trouble>}
      {all.data?.length === 0 && (
        <p>
          No cross-link of the map is only supposed. Link two topics and tick “Hypothesis, not yet
          shown”: here stands then what the sources say for and against it.
        </p>
      )}
      {all.data && all.data.length < supposed && (
        <p>
          {all.data.length} of {supposed} that are supposed are weighed here.
        </p>
      )}
      <List>
        {(all.data ?? []).map((each) => (
          <li key={each.link}>
            <h4>{each.statement}?</h4>
            <Row>
              {[each.from, each.to].flatMap((end) => {
                const topic = tree.get(end);
                return topic ? (
                  <TextButton key={end} onPress={() => onSelect(end)}>
                    {topic.number} {topic.label}
                  </TextButton>
                ) : (
                  []
                );
              })}
            </Row>
            {each.bearings.length === 0 && <p>No sentence of the sources speaks of both.</p>}
            {STANCES.map(([stance, title]) => {
              const those = each.bearings.filter((bearing) => bearing.stance === stance);
              return those.length === 0 ? null : (
                <section key={stance} aria-label={`${title}: ${each.statement}`}>
                  <h5>{title}</h5>
                  {those.map((bearing) => (
                    <StudyPassage
                      key={`${bearing.passage.source} ${bearing.passage.start}`}
                      passage={bearing.passage}
                      told={bearing.byHand ? "by hand" : bearing.reason}
                      tree={tree}
                      onOpen={onOpen}
                      onSelect={onSelect}
                    >
                      {STANCES.filter(([other]) => other !== stance || !bearing.byHand).map(
                        ([other, , words]) => (
                          <TextButton
                            key={other}
                            aria-label={`${words}: ${bearing.passage.exact.slice(0, 60)}`}
                            onPress={() => set(each.link, bearing, other)}
                          >
                            {words}
                          </TextButton>
                        ),
                      )}
                    </StudyPassage>
                  ))}
                </section>
              );
            })}
          </li>
        ))}
      </List>
      {all.data && all.data.length > 0 && (
        <Row>
          <ButtonLink href={`${path}/table`} download="hypotheses.csv">
            Save as a table
          </ButtonLink>
        </Row>
      )}
    </section>
  );
}
