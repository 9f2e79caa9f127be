import { type RefObject, useRef } from "react";
import {
  Autocomplete,
  Input,
  Menu,
  MenuItem,
  MenuSection,
  Popover,
  SearchField,
  Separator,
  SubmenuTrigger,
  useFilter,
} from "react-aria-components";
import styled from "styled-components";
import type { Tag, Topic } from "../api/types";
import { INKS } from "../looks/looks";
import type { MapCommands } from "../map/commands";
import type { MenuAt } from "../map/useCommands";
import { TagSign } from "../tags/TagSign";
import { useSigns } from "../tags/useSigns";
import { theme } from "../theme/tokens";
import { menuItem, menuList } from "../ui/menu";
import type { Acts } from "./acts";

const Box = styled(Popover)`
  ${menuList}
  /* the field, in which the focus is, stays above what is scrolled */
  padding-top: 0;
  width: 290px;
  max-height: min(560px, 90vh);
`;

const Top = styled(SearchField)`
  position: sticky;
  top: 0;
  z-index: 1;
  padding-top: 4px;
  background: ${({ theme }) => theme.page};
`;

const Find = styled(Input)`
  width: 100%;
  padding: 6px 9px;
  margin-bottom: 4px;
  font: 400 14px/20px ${({ theme }) => theme.control};
  color: ${({ theme }) => theme.ink};
  background: ${({ theme }) => theme.vellum};
  border: 1px solid ${({ theme }) => theme.rule};
  border-radius: ${({ theme }) => theme.radius};
`;

const List = styled(Menu)`
  outline: none;
  > * { scroll-margin-top: 44px; }
`;

const Item = styled(MenuItem)`
  ${menuItem}
  display: flex;
  align-items: center;
  gap: 8px;
  padding: 5px 9px;
  small { margin-left: auto; font-size: 13px; color: ${({ theme }) => theme.softInk}; }
  i { width: 12px; height: 12px; border-radius: 2px; flex: none; }
`;

const Line = styled(Separator)`
  height: 1px;
  margin: 4px 0;
  background: ${({ theme }) => theme.rule};
`;

const Inks = styled(Popover)`${menuList} min-width: 160px;`;

const AS_THEME = "AS_THEME";

type TopicMenuProps = {
  topic: Topic;
  at: MenuAt;
  /** How many topics it is about, 0 for one alone. */
  several: number;
  acts: Acts;
  legend: readonly Tag[];
  /** Opens what gives the map its tags. */
  onLegend: () => void;
  map: RefObject<MapCommands | null>;
  onClose: () => void;
};

/** All that can be done to a topic, found by typing too. */
export function TopicMenu({ topic, at, several, acts, map, ...props }: TopicMenuProps) {
  const { legend, onLegend, onClose } = props;
  const title =
    several > 0 ? `What to do with ${several} topics` : `What to do with ${topic.label}`;
  const spot = useRef<HTMLSpanElement>(null);
  const { contains } = useFilter({ sensitivity: "base" });
  const does = new Map(acts.flatMap((section) => section.acts.map((act) => [act.id, act.do])));
  return (
    <>
      <span ref={spot} style={{ position: "fixed", left: at.x, top: at.y }} />
      <Box
        isOpen
        onOpenChange={(open) => !open && onClose()}
        triggerRef={spot}
        placement="bottom start"
        aria-label={title}
      >
        <Autocomplete filter={contains}>
          <Top autoFocus aria-label="Find an act">
            <Find placeholder="Find an act" />
          </Top>
          <List
            aria-label={title}
            onAction={(key) => {
              onClose();
              const act = does.get(String(key));
              // once the menu has given the focus back
              requestAnimationFrame(() => act?.());
            }}
          >
            {acts.map((section, i) => (
              <MenuSection key={section.title} aria-label={section.title}>
                {section.acts.map((act) => (
                  <Item key={act.id} id={act.id} textValue={act.label}>
                    {act.label}
                    {act.keys && <small>{act.keys}</small>}
                  </Item>
                ))}
                {section.title === "Write" && (
                  <SubmenuTrigger>
                    <Item id="tags" textValue="Tags">
                      Tags
                      <small>›</small>
                    </Item>
                    <Inks>
                      <TagItems
                        chosen={topic.tags}
                        legend={legend}
                        onMark={(tag) => {
                          onClose();
                          map.current?.mark(topic, tag);
                        }}
                        onLegend={() => {
                          onClose();
                          requestAnimationFrame(onLegend);
                        }}
                      />
                    </Inks>
                  </SubmenuTrigger>
                )}
                {section.title === "Place" && (
                  <SubmenuTrigger>
                    <Item id="ink" textValue="Ink of the label">
                      Ink of the label
                      <small>›</small>
                    </Item>
                    <Inks>
                      <List
                        aria-label="Ink of the label"
                        selectionMode="single"
                        selectedKeys={[topic.style?.ink ?? AS_THEME]}
                        onAction={(key) => {
                          onClose();
                          map.current?.paint(topic, { ink: key === AS_THEME ? null : String(key) });
                        }}
                      >
                        <Item id={AS_THEME} textValue="As the others">
                          <i style={{ background: theme.ink }} />
                          As the others
                        </Item>
                        {INKS.map(([ink, name]) => (
                          <Item key={ink} id={ink} textValue={name}>
                            <i style={{ background: theme.byHand[ink] }} />
                            {name}
                          </Item>
                        ))}
                      </List>
                    </Inks>
                  </SubmenuTrigger>
                )}
                {i < acts.length - 1 && <Line />}
              </MenuSection>
            ))}
          </List>
        </Autocomplete>
      </Box>
    </>
  );
}

type TagItemsProps = {
  chosen: readonly string[];
  legend: readonly Tag[];
  onMark: (tag: string) => void;
  onLegend: () => void;
};

const LEGEND = "legend of the map";

/** The tags of the map, those that a topic has marked. */
function TagItems({ chosen, legend, onMark, onLegend }: TagItemsProps) {
  const signs = useSigns(legend.map((tag) => tag.sign));
  return (
    <List
      aria-label="Tags"
      selectionMode="multiple"
      selectedKeys={chosen}
      onAction={(key) => (key === LEGEND ? onLegend() : onMark(String(key)))}
    >
      {legend.map((tag) => (
        <Item key={tag.id} id={tag.id} textValue={tag.word}>
          <TagSign path={signs.get(tag.sign)} />
          {tag.word}
          {chosen.includes(tag.id) && <small>\u2713</small>}
        </Item>
      ))}
      <Item id={LEGEND} textValue="Tags of this map">
        Tags of this map…
      </Item>
    </List>
  );
}
