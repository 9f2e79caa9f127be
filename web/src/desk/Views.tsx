import { type ReactNode, useState } from "react";
import { ToggleButton, ToggleButtonGroup } from "react-aria-components";
import styled from "styled-components";

/** What of the map is in sight. */
export type View = "map" | "outline" | "both";

const KEY = "pergamena.view";
const VIEWS = [
  ["map", "Map"],
  ["outline", "Outline"],
  ["both", "Both"],
] as const;

const Frame = styled.div`
  position: relative;
  min-height: 0;
  height: 100%;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  grid-template-rows: auto minmax(0, 1fr);
`;

const Panes = styled.div`
  min-height: 0;
  display: grid;
  grid-template: minmax(0, 1fr) / minmax(0, 1fr);
  &[data-view="both"] { grid-template-columns: minmax(0, 1fr) minmax(0, 1fr); }
  &[data-view="both"] > :first-child { border-right: 1px solid ${({ theme }) => theme.rule}; }
  @media (max-width: 800px) {
    &[data-view="both"] { grid-template: minmax(0, 1fr) minmax(0, 1fr) / minmax(0, 1fr); }
    &[data-view="both"] > :first-child { border-right: 0; border-bottom: 1px solid ${({ theme }) => theme.rule}; }
  }
`;

const Switch = styled(ToggleButtonGroup)`
  display: flex;
  gap: 18px;
  padding: 6px 20px 0;
  background: ${({ theme }) => theme.vellum};
`;

const Choice = styled(ToggleButton)`
  border: 0;
  border-bottom: 2px solid transparent;
  background: none;
  padding: 3px 1px;
  min-height: 28px;
  font: 400 14px/20px ${({ theme }) => theme.control};
  color: ${({ theme }) => theme.softInk};
  cursor: pointer;
  &[data-hovered] { color: ${({ theme }) => theme.ink}; }
  &[data-selected] { color: ${({ theme }) => theme.ink}; font-weight: 500; border-color: ${({ theme }) => theme.rubric}; }
  &[data-focus-visible] { outline: 2px solid ${({ theme }) => theme.rubric}; outline-offset: 1px; }
`;

/** The view that was chosen last, kept in the browser. */
export function useView() {
  const [view, setView] = useState<View>(() => known(localStorage.getItem(KEY)));
  return [
    view,
    (next: View) => {
      localStorage.setItem(KEY, next);
      setView(next);
    },
  ] as const;
}

/** A view by its name, the map if there is none of that name. */
export function known(name: string | null): View {
  return VIEWS.find(([view]) => view === name)?.[0] ?? "map";
}

type ViewsProps = { view: View; onView: (view: View) => void; map: ReactNode; outline: ReactNode };

/** The map, its outline, or both side by side. */
export function Views({ view, onView, map, outline }: ViewsProps) {
  return (
    <Frame>
      <Switch
        aria-label="View"
        selectionMode="single"
        disallowEmptySelection
        selectedKeys={[view]}
        onSelectionChange={(keys) => onView(known(String([...keys][0])))}
      >
        {VIEWS.map(([id, words]) => (
          <Choice key={id} id={id}>
            {words}
          </Choice>
        ))}
      </Switch>
      <Panes data-view={view}>
        {view !== "map" && outline}
        {view !== "outline" && map}
      </Panes>
    </Frame>
  );
}
