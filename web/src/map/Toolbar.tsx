import { memo, type RefObject, useSyncExternalStore } from "react";
import { Menu, MenuItem, MenuTrigger, Popover } from "react-aria-components";
import styled from "styled-components";
import type { LayoutKind } from "../api/types";
import { menuItem, menuList } from "../ui/menu";
import { Tipped } from "../ui/Tipped";
import type { MapCommands } from "./commands";
import type { Viewport } from "./useViewport";

const Bar = styled.div`
  display: flex;
  align-items: center;
  padding: 2px 0;
`;

const Percent = styled.span`
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

type ToolbarProps = {
  canUndo: boolean;
  canRedo: boolean;
  layout: LayoutKind;
  /** The deepest level of the map, 0 if it is the root alone. */
  levels: number;
  map: RefObject<MapCommands | null>;
  /** What moves the map on the screen; without it there is nothing to zoom or lay out. */
  sight?: { viewport: Viewport; frame: RefObject<HTMLElement | null> };
};

function Zoom({ viewport }: { viewport: Viewport }) {
  const zoom = useSyncExternalStore(viewport.subscribe, viewport.zoom);
  return <Percent>{Math.round(zoom * 100)}%</Percent>;
}

/** Undo and opening branches, and on the map page layout and zoom. */
export const Toolbar = memo(function Toolbar(props: ToolbarProps) {
  const { canUndo, canRedo, layout, levels, map, sight } = props;
  const between = Array.from({ length: Math.max(0, levels - 2) }, (_, i) => String(i + 2));
  const choose = (key: React.Key) => {
    key === "all" ? map.current?.openAll() : map.current?.openTo(Number(key));
  };
  const fullScreen = () => {
    const page = sight?.frame.current;
    document.fullscreenElement ? document.exitFullscreen() : page?.requestFullscreen();
  };
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
          <MenuTrigger>
            <Tipped label="Layout" sign="layout" />
            <Popover placement="top start">
              <List
                aria-label="Layout"
                selectionMode="single"
                disallowEmptySelection
                selectedKeys={[layout]}
                onAction={(key) => map.current?.arrange(key as LayoutKind)}
              >
                <Item id="BRACES">The root at the left</Item>
                <Item id="BOTH_SIDES">Both sides of the root</Item>
              </List>
            </Popover>
          </MenuTrigger>
          <Rule />
          <Tipped label="Zoom out" sign="minus" onPress={() => map.current?.zoom(0.8)} />
          <Zoom viewport={sight.viewport} />
          <Tipped label="Zoom in" sign="plus" onPress={() => map.current?.zoom(1.25)} />
          <Tipped label="Fit the map to the window" sign="fit" onPress={() => map.current?.fit()} />
          <Tipped label="Full screen" sign="full" onPress={fullScreen} />
        </>
      )}
      <Tipped label="Go to a topic" sign="find" onPress={() => map.current?.find()} />
      <Tipped label="Help" sign="help" onPress={() => map.current?.showKeys()} />
    </Bar>
  );
});
