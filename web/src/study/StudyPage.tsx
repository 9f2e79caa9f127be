import { ToggleButton, ToggleButtonGroup } from "react-aria-components";
import styled from "styled-components";
import { STILL } from "../map/commands";
import { Toolbar } from "../map/Toolbar";
import { useCommands, type ViewProps } from "../map/useCommands";
import type { OpenSource } from "../reading/spot";
import { AgreePane } from "./AgreePane";
import { AskPane } from "./AskPane";
import { ComparePane } from "./ComparePane";
import { DraftPane } from "./DraftPane";
import { EndsPane } from "./EndsPane";
import { EventsPane } from "./EventsPane";
import { FiguresPane } from "./FiguresPane";
import { MinutesPane } from "./MinutesPane";
import { PeoplePane } from "./PeoplePane";
import { RecallPane } from "./RecallPane";
import { ScopePane } from "./ScopePane";
import { STUDIES, type Study } from "./study";

const Page = styled.div`
  min-height: 0;
  min-width: 0;
  display: grid;
  grid-template: minmax(0, 1fr) auto / minmax(0, 1fr);
  background: ${({ theme }) => theme.vellum};
  container-type: inline-size;
`;

const Opened = styled.div`
  min-height: 0;
  display: grid;
  grid-template: minmax(0, 1fr) / 128px minmax(0, 1fr);
  @container (max-width: 620px) { grid-template: auto minmax(0, 1fr) / minmax(0, 1fr); }
`;

const Contents = styled(ToggleButtonGroup)`
  display: flex;
  flex-direction: column;
  align-items: start;
  gap: 2px;
  padding: 18px 0 12px 20px;
  overflow: auto;
  @container (max-width: 620px) { flex-flow: row wrap; gap: 0 16px; padding: 8px 20px 0; }
`;

const Kind = styled(ToggleButton)`
  border: 0;
  background: none;
  padding: 3px 0;
  min-height: 28px;
  font: 400 15px/22px ${({ theme }) => theme.control};
  color: ${({ theme }) => theme.softInk};
  text-align: left;
  cursor: pointer;
  &[data-hovered] { color: ${({ theme }) => theme.ink}; }
  &[data-selected] {
    color: ${({ theme }) => theme.ink};
    font-weight: 500;
    text-decoration: underline;
    text-decoration-color: ${({ theme }) => theme.rubric};
    text-decoration-thickness: 2px;
    text-underline-offset: 5px;
  }
  &[data-focus-visible] { outline: 2px solid ${({ theme }) => theme.rubric}; outline-offset: 1px; }
`;

const Scroll = styled.div`
  min-height: 0;
  overflow: auto;
  padding: 16px 20px 24px;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 14px;
  align-content: start;
  h3 { margin: 10px 0 8px; }
  h2 { font: 600 20px/28px ${({ theme }) => theme.reading}; }
  h2:focus { outline: none; }
  select { max-width: 100%; }
`;

const Foot = styled.div`
  padding: 2px 12px 6px;
`;

const PANES = {
  ask: AskPane,
  events: EventsPane,
  people: PeoplePane,
  agreement: AgreePane,
  compare: ComparePane,
  figures: FiguresPane,
  minutes: MinutesPane,
  scope: ScopePane,
  draft: DraftPane,
  recall: RecallPane,
  ends: EndsPane,
};

const NO_EDITING = () => {};

type StudyPageProps = ViewProps & {
  study: Study;
  onStudy: (study: Study) => void;
  onOpen: OpenSource;
};

/** What the sources answer, each answer with its passages: asked, told in order, and so on. */
export function StudyPage(props: StudyPageProps) {
  const { tree, actions, handle, selected, study, onStudy, onOpen, onSelect, say } = props;
  useCommands(props, {
    pages: STILL,
    prefix: "study",
    setEditing: NO_EDITING,
    layOut: null,
    dress: null,
  });
  const Pane = PANES[study];
  const name = STUDIES.find(([id]) => id === study)?.[1];
  return (
    <Page data-study={study}>
      <Opened>
        <Contents
          aria-label="Study"
          selectionMode="single"
          disallowEmptySelection
          selectedKeys={[study]}
          onSelectionChange={(keys) => onStudy([...keys][0] as Study)}
        >
          {STUDIES.map(([id, words]) => (
            <Kind key={id} id={id}>
              {words}
            </Kind>
          ))}
        </Contents>
        <Scroll key={study} role="region" aria-label={name} tabIndex={-1}>
          <Pane
            tree={tree}
            actions={actions}
            selected={selected}
            onOpen={onOpen}
            onSelect={onSelect}
            onChoose={props.choice.set}
            say={say}
          />
        </Scroll>
      </Opened>
      {handle && (
        <Foot>
          <Toolbar
            facts={tree.desk.facts}
            levels={tree.levels}
            linked={tree.desk.links.length > 0}
            map={handle}
          />
        </Foot>
      )}
    </Page>
  );
}
