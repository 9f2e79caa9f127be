import { type ReactNode, useCallback, useState } from "react";
import { ToggleButton, ToggleButtonGroup } from "react-aria-components";
import styled from "styled-components";

/** A view of the map. */
export type View = "map" | "outline" | "table" | "study";

/** The views in sight: one, or another beside it. */
export type Shown = { first: View; beside: View | null };

const KEY = "pergamena.views";
const VIEWS = [
  ["map", "Map"],
  ["outline", "Outline"],
  ["table", "Table"],
  ["study", "Study"],
] as const;

const Frame = styled.div`
  position: relative;
  min-height: 0;
  height: 100%;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  grid-template-rows: auto minmax(0, 1fr);
  @media print { grid-template-rows: minmax(0, 1fr); }
`;

const Panes = styled.div`
  min-height: 0;
  display: grid;
  grid-template: minmax(0, 1fr) / minmax(0, 1fr);
  &[data-both] { grid-template-columns: minmax(0, 1fr) minmax(0, 1fr); }
  &[data-both] > :first-child { border-right: 1px solid ${({ theme }) => theme.rule}; }
  @media (max-width: 800px) {
    &[data-both] { grid-template: minmax(0, 1fr) minmax(0, 1fr) / minmax(0, 1fr); }
    &[data-both] > :first-child { border-right: 0; border-bottom: 1px solid ${({ theme }) => theme.rule}; }
  }
`;

const Bar = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 34px;
  padding: 6px 20px 0;
  background: ${({ theme }) => theme.vellum};
  font-size: 14px;
  color: ${({ theme }) => theme.softInk};
  > div { display: flex; align-items: center; gap: 12px; }
  /* there is room for one view */
  @media (max-width: 500px) { padding: 4px 12px 0; > div:last-child { display: none; } }
  @media print { display: none; }
`;

const Switch = styled(ToggleButtonGroup)`
  display: flex;
  gap: 18px;
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
  @media (forced-colors: active) {
    border-color: Canvas;
    &[data-selected] { border-color: Highlight; }
  }
`;

/** The views that were chosen last, kept in the browser. */
export function useShown() {
  const [shown, setShown] = useState<Shown>(() => known(localStorage.getItem(KEY)));
  const show = useCallback((next: Shown) => {
    localStorage.setItem(KEY, `${next.first} ${next.beside ?? ""}`);
    setShown(next);
  }, []);
  return [shown, show] as const;
}

/** Views by their names, the map alone if there are none of these names. */
export function known(names: string | null): Shown {
  const [first, beside] = (names ?? "").split(" ");
  const view = named(first) ?? "map";
  const other = named(beside);
  return { first: view, beside: other === view ? null : other };
}

function named(name: string | undefined): View | null {
  return VIEWS.find(([view]) => view === name)?.[0] ?? null;
}

type ViewsProps = {
  shown: Shown;
  onShown: (shown: Shown) => void;
  views: Readonly<Record<View, () => ReactNode>>;
};

/** One view of the map, or two side by side. */
export function Views({ shown, onShown, views }: ViewsProps) {
  const { first, beside } = shown;
  const choose = (name: React.Key | undefined) => {
    const next = named(String(name));
    if (next) {
      onShown({ first: next, beside: beside === next ? null : beside });
    }
  };
  return (
    <Frame>
      <Bar>
        <Switch
          aria-label="View"
          selectionMode="single"
          disallowEmptySelection
          selectedKeys={[first]}
          onSelectionChange={(keys) => choose([...keys][0])}
        >
          {VIEWS.map(([id, words]) => (
            <Choice key={id} id={id}>
              {words}
            </Choice>
          ))}
        </Switch>
        <div>
          <span aria-hidden="true">beside it</span>
          <Switch
            aria-label="Beside it"
            selectionMode="single"
            selectedKeys={beside ? [beside] : []}
            onSelectionChange={(keys) =>
              onShown({ first, beside: named(String([...keys][0] ?? "")) })
            }
          >
            {VIEWS.filter(([id]) => id !== first).map(([id, words]) => (
              <Choice key={id} id={id}>
                {words}
              </Choice>
            ))}
          </Switch>
        </div>
      </Bar>
      <Panes data-both={beside ? "" : undefined}>
        {views[first]()}
        {beside && views[beside]()}
      </Panes>
    </Frame>
  );
}
