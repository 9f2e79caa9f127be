import type { RefObject } from "react";
import { Menu, MenuItem, MenuTrigger, Popover } from "react-aria-components";
import styled from "styled-components";
import { SignButton } from "../ui/Button";
import { menuItem, menuList } from "../ui/menu";
import { Sign } from "../ui/Sign";
import type { MapCommands } from "./commands";
import type { Tree } from "./tree";

const Bar = styled.div`
  position: absolute;
  left: 12px;
  bottom: 10px;
  display: flex;
  align-items: center;
  padding: 2px;
  background: ${({ theme }) => theme.vellum};
  border-radius: ${({ theme }) => theme.radius};
`;

const Zoom = styled.span`
  min-width: 44px;
  text-align: center;
  font-size: 14px;
  color: ${({ theme }) => theme.softInk};
`;

const Rule = styled.span`
  width: 1px;
  height: 20px;
  margin: 0 6px;
  background: ${({ theme }) => theme.rule};
`;

const List = styled(Menu)`${menuList}`;
const Item = styled(MenuItem)`${menuItem}`;

type ToolbarProps = {
  tree: Tree;
  commands: MapCommands;
  zoom: number;
  frame: RefObject<HTMLElement | null>;
};

/** Undo, zoom and opening branches, in the corner of the map page. */
export function Toolbar({ tree, commands, zoom, frame }: ToolbarProps) {
  const levels = Math.max(...tree.desk.topics.map((topic) => topic.level));
  const between = Array.from({ length: Math.max(0, levels - 2) }, (_, i) => String(i + 2));
  const choose = (key: React.Key) => {
    key === "all" ? commands.openAll() : commands.openTo(Number(key));
  };
  const fullScreen = () => {
    const page = frame.current;
    document.fullscreenElement ? document.exitFullscreen() : page?.requestFullscreen();
  };
  return (
    <Bar
      role="toolbar"
      aria-label="Map page"
      onPointerDown={(event) => event.stopPropagation()}
      onDoubleClick={(event) => event.stopPropagation()}
    >
      <SignButton aria-label="Undo" isDisabled={!tree.desk.canUndo} onPress={commands.undo}>
        <Sign name="undo" />
      </SignButton>
      <SignButton aria-label="Redo" isDisabled={!tree.desk.canRedo} onPress={commands.redo}>
        <Sign name="redo" />
      </SignButton>
      <Rule />
      <MenuTrigger>
        <SignButton aria-label="Open branches">
          <Sign name="open" />
        </SignButton>
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
      <Rule />
      <SignButton aria-label="Zoom out" onPress={() => commands.zoom(0.8)}>
        <Sign name="minus" />
      </SignButton>
      <Zoom>{Math.round(zoom * 100)}%</Zoom>
      <SignButton aria-label="Zoom in" onPress={() => commands.zoom(1.25)}>
        <Sign name="plus" />
      </SignButton>
      <SignButton aria-label="Fit the map to the window" onPress={commands.fit}>
        <Sign name="fit" />
      </SignButton>
      <SignButton aria-label="Full screen" onPress={fullScreen}>
        <Sign name="full" />
      </SignButton>
      <SignButton aria-label="Show the keys" onPress={commands.showKeys}>
        <Sign name="keys" />
      </SignButton>
    </Bar>
  );
}
