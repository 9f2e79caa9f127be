import { useEffect, useState } from "react";
import { Menu, MenuItem, MenuTrigger, Popover, Separator } from "react-aria-components";
import styled from "styled-components";
import type { MapSummary } from "../api/types";
import { Button, TextButton } from "../ui/Button";
import { menuItem, menuList } from "../ui/menu";
import { Sign } from "../ui/Sign";
import { useUnsaved } from "../ui/typing";
import { counted } from "../ui/words";

const Frame = styled.header`
  display: flex;
  align-items: center;
  gap: 18px;
  padding: 0 20px;
  @media (max-width: 800px) { gap: 10px; padding: 0 12px; }
  height: 52px;
  border-bottom: 1px solid ${({ theme }) => theme.rule};
  background: ${({ theme }) => theme.vellum};
  button:not(:has(svg)) { flex: none; white-space: nowrap; }
  @media print { display: none; }
`;

const Wide = styled.span`
  display: contents;
  @media (max-width: 800px) { display: none; }
`;

const Wordmark = styled.span`
  font: 600 21px/28px ${({ theme }) => theme.reading};
  &::first-letter { color: ${({ theme }) => theme.rubric}; }
  display: inline-block;
`;

const Rule = styled.span`
  width: 1px;
  height: 24px;
  background: ${({ theme }) => theme.rule};
`;

const Title = styled(TextButton)`
  display: flex;
  align-items: center;
  gap: 4px;
  min-width: 0;
  font: 500 17px/24px ${({ theme }) => theme.reading};
  color: ${({ theme }) => theme.ink};
  span { overflow: hidden; text-overflow: ellipsis; white-space: nowrap; }
  svg { flex: none; }
`;

const List = styled(Menu)`${menuList}`;
const Item = styled(MenuItem)`
  ${menuItem}
  display: flex;
  justify-content: space-between;
  gap: 20px;
  small { color: ${({ theme }) => theme.softInk}; font-size: 14px; white-space: nowrap; }
`;
const Line = styled(Separator)`
  height: 1px;
  margin: 4px 0;
  background: ${({ theme }) => theme.rule};
`;

const Space = styled.span`
  flex: 1;
`;

const Kept = styled.span`
  font-size: 14px;
  color: ${({ theme }) => theme.softInk};
  white-space: nowrap;
`;

const LATE_MS = 600;

/** Whether something has been so for a while. */
function useLate(now: boolean): boolean {
  const [late, setLate] = useState(false);
  useEffect(() => {
    if (!now) {
      setLate(false);
      return;
    }
    const timer = setTimeout(() => setLate(true), LATE_MS);
    return () => clearTimeout(timer);
  }, [now]);
  return late;
}

type HeaderProps = {
  title: string;
  maps: MapSummary[];
  current: string | null;
  ready: boolean;
  onOpen: (map: string) => void;
  onNew: () => void;
  /** Begins a map from a template. */
  onBegin: () => void;
  /** Makes a map of a file that one was saved in. */
  onBring: () => void;
  onDuplicate: () => void;
  onTemplate: () => void;
  onDelete: () => void;
  /** All that is the person's, to take along or to be gone. */
  onMine: () => void;
  /** How the application looks. */
  onAppearance: () => void;
  onExport: (() => void) | null;
  /** Number of edits that the server has not acknowledged. */
  unsent?: number;
  /** Whether they wait for the server. */
  waiting?: boolean;
};

/** The head of the desk: which map this is, other maps, and what to do with it. */
export function Header(props: HeaderProps) {
  const { title, maps, current, ready, onOpen, onNew, onExport, unsent } = props;
  const unsaved = useUnsaved();
  const late = useLate(unsent !== undefined && unsent > 0);
  const act = (key: React.Key) => {
    const does = new Map<React.Key, () => void>([
      ["new", onNew],
      ["begin", props.onBegin],
      ["bring", props.onBring],
      ["duplicate", props.onDuplicate],
      ["template", props.onTemplate],
      ["delete", props.onDelete],
      ["mine", props.onMine],
      ["appearance", props.onAppearance],
    ]).get(key);
    does ? does() : onOpen(String(key));
  };
  return (
    <Frame>
      <Wide>
        <Wordmark>Pergamena</Wordmark>
        <Rule />
      </Wide>
      <MenuTrigger>
        <Title aria-label={`${title}: your maps`}>
          <span>{title}</span>
          <Sign name="down" />
        </Title>
        <Popover>
          <List aria-label="Your maps" onAction={act}>
            {maps.map((map) => (
              <Item key={map.id} id={map.id} textValue={map.title}>
                {map.title}
                <small>{counted(map.topics, "topic")}</small>
              </Item>
            ))}
            <Line />
            <Item id="new">New map</Item>
            <Item id="begin">Begin from a template…</Item>
            <Item id="bring">Bring a map from a file…</Item>
            {current && (
              <>
                <Line />
                <Item id="duplicate">Duplicate this map</Item>
                <Item id="template">Make a template of this map</Item>
                <Item id="delete">Delete this map…</Item>
              </>
            )}
            <Line />
            <Item id="mine">All of mine…</Item>
            <Item id="appearance">Appearance…</Item>
          </List>
        </Popover>
      </MenuTrigger>
      <Space />
      {unsent !== undefined && (
        <Kept role="status" data-unsent={unsent + (unsaved ? 1 : 0)}>
          {props.waiting && unsent > 0
            ? `${counted(unsent, "change")} not sent yet`
            : late || unsaved
              ? "Saving…"
              : "Saved"}
        </Kept>
      )}
      <Wide>
        <Button isDisabled={!ready} onPress={onNew}>
          New map
        </Button>
      </Wide>
      {onExport && (
        <Button $strong onPress={onExport}>
          Export
        </Button>
      )}
    </Frame>
  );
}
