import { useRef } from "react";
import { Menu, MenuItem, Popover } from "react-aria-components";
import styled from "styled-components";
import type { Act } from "../acts/acts";
import { menuItem, menuList } from "../ui/menu";

const List = styled(Menu)`${menuList}`;
const Item = styled(MenuItem)`
  ${menuItem}
  display: flex;
  gap: 12px;
  small { margin-left: auto; font-size: 13px; color: ${({ theme }) => theme.softInk}; }
`;

type LinkActListProps = { called: string; acts: readonly Act[]; onClose?: () => void };

/** The actions on a link as a list. */
export function LinkActList({ called, acts, onClose }: LinkActListProps) {
  return (
    <List
      aria-label={called}
      onAction={(key) => {
        onClose?.();
        const act = acts.find(({ id }) => id === key);
        // once the menu has given the focus back
        requestAnimationFrame(() => act?.do());
      }}
    >
      {acts.map((act) => (
        <Item key={act.id} id={act.id} textValue={act.label}>
          {act.label}
          {act.keys && <small>{act.keys}</small>}
        </Item>
      ))}
    </List>
  );
}

type LinkMenuProps = Required<LinkActListProps> & { x: number; y: number };

/** The same where the link was pressed on the map. */
export function LinkMenu({ called, acts, x, y, onClose }: LinkMenuProps) {
  const spot = useRef<HTMLSpanElement>(null);
  return (
    <>
      <span ref={spot} style={{ position: "fixed", left: x, top: y }} />
      <Popover
        isOpen
        onOpenChange={(open) => !open && onClose()}
        triggerRef={spot}
        placement="bottom start"
      >
        <LinkActList called={called} acts={acts} onClose={onClose} />
      </Popover>
    </>
  );
}
