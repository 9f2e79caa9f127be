import { memo, type RefObject, useSyncExternalStore } from "react";
import { Menu, MenuItem, MenuTrigger, Popover } from "react-aria-components";
import styled from "styled-components";
import type { Crossing, Facts, Topic } from "../api/types";
import { TextButton } from "../ui/Button";
import { menuItem, menuList } from "../ui/menu";
import { Tipped } from "../ui/Tipped";
import type { MapCommands } from "./commands";
import { type Laying, LayoutPanel } from "./LayoutPanel";
import type { MapTool } from "./useCommands";
import type { Tool } from "./usePointers";
import type { Viewport } from "./useViewport";

const Bar = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  padding: 2px 0;
  /* one line under the thumb, to be pushed along */
  @media (max-width: 800px) {
    flex-wrap: nowrap;
    overflow-x: auto;
    scrollbar-width: none;
    max-width: calc(100vw - 16px);
    > * { flex: none; }
  }
`;

const Percent = styled(TextButton)`
  min-width: 44px;
  text-align: center;
  font-size: 14px;
  color: ${({ theme }) => theme.softInk};
`;

const Rule = styled.span`
  width: 1px;
  height: 20px;
  margin: 0 3px;
  background: ${({ theme }) => theme.rule};
`;

const List = styled(Menu)`${menuList}`;
const Item = styled(MenuItem)`
  ${menuItem}
  &[data-selected]::after { content: " \2713"; }
`;

const CROSSINGS = [
  ["LINES", "Links as lines where there is room"],
  ["TIES", "Links as pairs of marks"],
  ["CHOSEN", "Links of the chosen topic only"],
] as const;

type ToolbarProps = {
  facts: Facts;
  /** The deepest level of the map, 0 if it is the root alone. */
  levels: number;
  /** Whether the map has links, whose looks can be chosen. */
  linked: boolean;
  map: RefObject<MapCommands | null>;
  /** What moves the map on the screen; without it there is nothing to zoom or lay out. */
  sight?: Viewport;
  tool?: Tool;
  onTool?: (tool: Tool) => void;
  /** What is being laid out, and the topic whose branch that can be. */
  laying?: Laying;
  onLaying?: (laying: Laying) => void;
  /** Whether looks are open beside the map, and what opens or closes them. */
  looking?: boolean;
  onLooks?: () => void;
  /** Leads through the map step by step. */
  onWalk?: () => void;
  topic?: Topic;
};

function Zoom({ viewport }: { viewport: Viewport }) {
  const zoom = useSyncExternalStore(viewport.subscribe, viewport.zoom);
  const percent = `${Math.round(zoom * 100)}%`;
  return (
    <Percent aria-label={`Zoom ${percent}; show it at 100%`} onPress={viewport.natural}>
      {percent}
    </Percent>
  );
}

/** Undo and opening branches, and on the map page layout and zoom. */
export const Toolbar = memo(function Toolbar(props: ToolbarProps) {
  const {
    facts,
    levels,
    linked,
    map,
    sight,
    tool,
    onTool,
    laying,
    onLaying,
    topic,
    looking,
    onLooks,
    onWalk,
  } = props;
  const { canUndo, canRedo } = facts;
  const between = Array.from({ length: Math.max(0, levels - 2) }, (_, i) => String(i + 2));
  const choose = (key: React.Key) => {
    key === "all" ? map.current?.openAll() : map.current?.openTo(Number(key));
  };
  const more = (key: React.Key) => {
    if (key === "loose") {
      map.current?.addLoose(null);
    } else if (key === "numbers") {
      map.current?.arrange({ numbered: !facts.numbered });
    } else if (key === "tinted") {
      map.current?.arrange({ tinted: !facts.tinted });
    } else if (CROSSINGS.some(([crossing]) => crossing === key)) {
      map.current?.arrange({ crossing: key as Crossing });
    } else {
      map.current?.tool(key as MapTool);
    }
  };
  // all of the page, with its ground and its tools
  const fullScreen = () =>
    document.fullscreenElement
      ? document.exitFullscreen()
      : document.documentElement.requestFullscreen();
  return (
    <Bar role="toolbar" aria-label={sight ? "Map page" : "Outline"}>
      <Tipped label="Undo" sign="undo" isDisabled={!canUndo} onPress={() => map.current?.undo()} />
      <Tipped label="Redo" sign="redo" isDisabled={!canRedo} onPress={() => map.current?.redo()} />
      <Rule />
      <MenuTrigger>
        <Tipped label="Open branches" sign="open" />
        <Popover placement="top start">
          <List aria-label="Open branches" onAction={choose}>
            <Item id="1">Main branches only</Item>
            {between.map((level) => (
              <Item key={level} id={level}>{`Down to level ${level}`}</Item>
            ))}
            <Item id="all">Open everything</Item>
          </List>
        </Popover>
      </MenuTrigger>
      {sight && (
        <>
          {onLaying && topic && (
            <LayoutPanel
              facts={facts}
              map={map}
              topic={topic}
              laying={laying ?? null}
              onLaying={onLaying}
            />
          )}
          {onLooks && (
            <Tipped label="Looks" sign="looks" isPressed={looking ?? false} onPress={onLooks} />
          )}
          {onTool && (
            <>
              <Tipped
                label="Draw out a topic or a link"
                sign="draw"
                isPressed={tool === "draw"}
                onPress={() => onTool(tool === "draw" ? "move" : "draw")}
              />
              <Tipped
                label="Choose several"
                sign="choose"
                isPressed={tool === "choose"}
                onPress={() => onTool(tool === "choose" ? "move" : "choose")}
              />
            </>
          )}
          <Rule />
          <Tipped label="Zoom out" sign="minus" onPress={() => map.current?.zoom(0.8)} />
          <Zoom viewport={sight} />
          <Tipped label="Zoom in" sign="plus" onPress={() => map.current?.zoom(1.25)} />
          <Tipped label="Fit the map to the window" sign="fit" onPress={() => map.current?.fit()} />
          <Tipped label="Full screen" sign="full" onPress={fullScreen} />
          {onWalk && <Tipped label="Walk through the map" sign="walk" onPress={onWalk} />}
        </>
      )}
      <MenuTrigger>
        <Tipped label="More for this map" sign="more" />
        <Popover placement="top start">
          <List aria-label="More for this map" onAction={more}>
            {sight && <Item id="loose">Add a loose topic</Item>}
            <Item id="ask">Ask the map…</Item>
            <Item id="select">Choose all topics that…</Item>
            <Item id="relations">Relations of this map…</Item>
            <Item id="tables">Paste tables…</Item>
            <Item id="brief">Brief for a text assistant…</Item>
            <Item id="replies">Replies of text assistants…</Item>
            <Item id="legend">Tags of this map…</Item>
            <Item id="remarks">Remarks…</Item>
            {sight && <Item id="look">Look at it without tools</Item>}
            <Item id="history">History…</Item>
            <Item id="over">Start over…</Item>
            <Item id="numbers">
              {facts.numbered ? "Leave the numbers out" : "Show the numbers"}
            </Item>
            {linked && (
              <Item id="tinted">
                {facts.tinted
                  ? "Links all in one colour"
                  : "Links in the colour of where they come from"}
              </Item>
            )}
            {CROSSINGS.filter(([crossing]) => linked && crossing !== facts.crossing).map(
              ([crossing, words]) => (
                <Item key={crossing} id={crossing}>
                  {words}
                </Item>
              ),
            )}
          </List>
        </Popover>
      </MenuTrigger>
      <Tipped label="Go to a topic" sign="find" onPress={() => map.current?.find()} />
      <Tipped label="Help" sign="help" onPress={() => map.current?.showKeys()} />
    </Bar>
  );
});
