import { useQuery } from "@tanstack/react-query";
import styled from "styled-components";
import { request } from "../api/client";
import type { CrossLink, Desk, Passage } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import type { OpenSource } from "../reading/spot";
import { SignButton } from "../ui/Button";
import { Sign } from "../ui/Sign";

const List = styled.ul`
  list-style: none;
  display: grid;
  gap: 4px;
  padding: 2px 0 4px 9px;
  border-left: 2px solid ${({ theme }) => theme.rule};
  li { display: grid; grid-template-columns: minmax(0, 1fr) auto; gap: 4px; align-items: start; }
  li > button:first-child {
    border: 0;
    background: none;
    padding: 0;
    text-align: left;
    cursor: pointer;
    font: 400 15px/22px ${({ theme }) => theme.reading};
    color: ${({ theme }) => theme.ink};
    &:disabled { cursor: default; }
  }
  em { color: ${({ theme }) => theme.rubric}; font-size: 13px; }
`;

type GroundsProps = {
  desk: Desk;
  link: CrossLink;
  called: string;
  actions: DeskActions;
  onOpen: OpenSource;
};

/** The passages that bear a cross-link out. */
export function Grounds({ desk, link, called, actions, onOpen }: GroundsProps) {
  const passages = useQuery({
    queryKey: ["grounds", desk.id, link.id, desk.facts.revision],
    queryFn: () => request<Passage[]>("GET", `/api/maps/${desk.id}/links/${link.id}/passages`),
    enabled: link.grounds > 0,
    placeholderData: (before) => before,
  });
  if (link.grounds === 0 || !passages.data) {
    return null;
  }
  return (
    <List aria-label={`Passages that bear out ${called}`}>
      {passages.data.map((passage) => (
        <li key={passage.evidence}>
          <button
            type="button"
            disabled={passage.adrift}
            onClick={() =>
              onOpen({ source: passage.source, start: passage.start, end: passage.end })
            }
          >
            “{passage.exact}”{" "}
            <small>
              {desk.sources.find((source) => source.id === passage.source)?.name}
              {passage.place && ` · ${passage.place}`}
            </small>
            {passage.adrift && <em> not found in the newer version of this source</em>}
          </button>
          <SignButton
            aria-label={`Take this passage from ${called}`}
            onPress={() =>
              actions.edit({ type: "Unground", link: link.id, evidence: passage.evidence })
            }
          >
            <Sign name="close" />
          </SignButton>
        </li>
      ))}
    </List>
  );
}
