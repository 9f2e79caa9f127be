import {
  type KeyboardEvent,
  type MouseEvent,
  useEffect,
  useLayoutEffect,
  useMemo,
  useRef,
  useState,
} from "react";
import styled from "styled-components";
import type { Topic } from "../api/types";
import { range } from "../choice/choice";
import type { Step } from "../choice/steps";
import { type Editing, STILL } from "../map/commands";
import { type Ended, type FieldPlace, LabelEditor } from "../map/LabelEditor";
import { leaveLabel, saveLabel } from "../map/labelling";
import { Toolbar } from "../map/Toolbar";
import { useCommands, type ViewProps } from "../map/useCommands";
import { useOffers } from "../map/useOffers";
import { Line } from "./Line";
import { lineKeys } from "./lineKeys";
import { along, guestsOf, inward, outward, type Spot, shown } from "./lines";

const Page = styled.div`
  min-height: 0;
  display: grid;
  grid-template: minmax(0, 1fr) auto / minmax(0, 1fr);
`;

const Foot = styled.div`
  padding: 2px 12px 6px;
  background: ${({ theme }) => theme.vellum};
`;

const Lines = styled.div`
  position: relative;
  overflow: auto;
  padding: 18px 16px 60px;
  background: ${({ theme }) => theme.vellum};
  outline: none;
  &:focus-visible { outline: 2px solid ${({ theme }) => theme.rubric}; outline-offset: -3px; }
`;

const Field = styled.span`
  position: relative;
  min-width: 0;
`;

/** The field stands in its line, and takes the line's type. */
const IN_LINE = (words: string): FieldPlace => ({
  field: {
    position: "static",
    width: `min(100%, ${Math.max(20, words.length + 4)}ch)`,
    font: "inherit",
  },
  list: { left: 0, top: 28 },
});

const LINE_STEPS = new Map<string, Step>([
  ["ArrowUp", "up"],
  ["ArrowDown", "down"],
  ["ArrowLeft", "out"],
  ["ArrowRight", "in"],
]);

const NOBODY: readonly string[] = [];

/** The map as an outline: a line a topic, written in like text. */
export function LinesPage(props: ViewProps) {
  const { tree, actions, selected, handle, choice, onSelect, onMenu, onPaste, say } = props;
  const page = useRef<HTMLDivElement>(null);
  const [editing, setEditing] = useState<Editing>(null);
  const topic = tree.get(selected) ?? tree.root;
  const lines = useMemo(() => shown(tree), [tree]);
  const guests = useMemo(() => guestsOf(tree), [tree]);

  const commands = useCommands(props, {
    pages: STILL,
    prefix: "line",
    setEditing,
    layOut: null,
    dress: null,
  });
  // biome-ignore lint/correctness/useExhaustiveDependencies: whenever another is chosen, or it moves
  useLayoutEffect(() => {
    document.getElementById(`line-${topic.id}`)?.scrollIntoView({ block: "nearest" });
  }, [topic.id, lines]);
  // a field that moves with its line loses the focus
  // biome-ignore lint/correctness/useExhaustiveDependencies: whenever the lines are other ones
  useLayoutEffect(() => {
    page.current?.querySelector("input")?.focus({ preventScroll: true });
  }, [lines]);

  // a map that is written here keeps the branches open that are
  const { fold } = actions;
  const unfolded = !tree.desk.facts.folded && tree.desk.topics.length > 1 && editing !== null;
  useEffect(() => {
    if (unfolded) {
      fold({ closed: [] });
    }
  }, [unfolded, fold]);

  const focus = () => page.current?.focus({ preventScroll: true });
  const beside = (step: number) => lines[lines.findIndex((line) => line.id === topic.id) + step];

  /** Moves a topic; one that is not there yet moves as it is written. */
  const move = (moved: Topic, spot: Spot | null) => {
    const { draft } = actions;
    if (!spot) {
      return;
    }
    if (draft?.topic === moved.id) {
      actions.setDraft({ ...draft, ...spot });
    } else {
      commands.moveTo(moved, spot.parent, spot.after);
    }
  };

  const moved = (at: Topic, event: KeyboardEvent): boolean => {
    const arrow = event.altKey && event.key.startsWith("Arrow");
    if (arrow && choice.several) {
      commands.step(at, LINE_STEPS.get(event.key) ?? "up");
    } else if (arrow && (event.key === "ArrowUp" || event.key === "ArrowDown")) {
      move(at, along(tree, at, event.key === "ArrowUp" ? -1 : 1));
    } else if (arrow) {
      move(at, event.key === "ArrowLeft" ? outward(tree, at) : inward(tree, at));
    }
    return arrow;
  };

  const finish = (id: string, label: string, ended: Ended) => {
    setEditing(null);
    const edited = tree.get(id);
    leaveLabel({ tree, actions, onSelect, say }, id, label);
    if (ended === "enter" && label && edited) {
      edited.parent === null || (edited.children.length > 0 && !edited.closed)
        ? commands.addFirst(edited)
        : commands.addSibling(edited);
    } else if (ended !== "blur") {
      focus();
    }
  };

  /** The keys that mean more than text while a label is written. */
  const writingKey = (at: Topic) => (event: KeyboardEvent<HTMLInputElement>, words: string) => {
    if (event.key === "Tab") {
      const kept = actions.draft?.topic === at.id || words.trim() !== "";
      if (kept) {
        move(at, event.shiftKey ? outward(tree, at) : inward(tree, at));
      }
      return kept;
    }
    if (moved(at, event)) {
      return true;
    }
    const step = event.key === "ArrowUp" ? -1 : event.key === "ArrowDown" ? 1 : 0;
    const next = step !== 0 && !event.altKey ? beside(step) : undefined;
    const offering = event.currentTarget.getAttribute("aria-expanded") === "true";
    if (next && !offering) {
      event.currentTarget.blur();
      onSelect(next.id);
      commands.edit(next.id, null);
      return true;
    }
    const empty = event.key === "Backspace" && words === "";
    if (empty && actions.draft?.topic === at.id) {
      const before = beside(-1);
      event.currentTarget.blur();
      if (before) {
        onSelect(before.id);
        commands.edit(before.id, null);
      }
    }
    return empty;
  };

  /** Text becomes topics after the chosen one, or under the root; branches that were copied too. */
  const paste = (text: string) => {
    const { draft } = actions;
    const branches = draft ? null : commands.copied(text);
    const spot = draft ?? {
      parent: topic.parent ?? topic.id,
      after: topic.parent ? topic.id : (topic.children.at(-1) ?? null),
    };
    actions.setDraft(null);
    setEditing(null);
    branches
      ? commands.pasteUnder(topic, branches)
      : onPaste(text, { parent: spot.parent, after: spot.after ?? null });
    focus();
  };

  const press = (event: MouseEvent<HTMLElement>) => {
    const target = event.target as Element;
    const toggle = target.closest("[data-toggle]")?.getAttribute("data-toggle");
    const id = target.closest("[data-topic]")?.getAttribute("data-topic");
    if (toggle) {
      commands.toggle(toggle);
    } else if (id && !target.closest("input")) {
      if (event.shiftKey) {
        choice.set(range(lines, topic.id, id));
      } else if (event.ctrlKey || event.metaKey) {
        choice.toggle(id);
      } else {
        onSelect(id);
      }
      focus();
    }
  };
  const lineAt = (event: MouseEvent<HTMLElement>) =>
    (event.target as Element).closest("[data-topic]")?.getAttribute("data-topic");

  const offers = useOffers(tree, editing ? tree.get(editing.topic) : undefined);
  return (
    <Page>
      <Lines
        ref={page}
        role="tree"
        aria-label="Outline. The question mark shows help."
        aria-multiselectable="true"
        aria-activedescendant={`line-${topic.id}`}
        tabIndex={0}
        onClick={press}
        onDoubleClick={(event) => {
          const id = lineAt(event);
          if (id) {
            commands.edit(id, null);
          }
        }}
        onContextMenu={(event) => {
          const id = lineAt(event);
          if (id) {
            event.preventDefault();
            if (!choice.ids.has(id)) {
              onSelect(id);
            }
            onMenu({ topic: id, x: event.clientX, y: event.clientY });
          }
        }}
        onPaste={(event) => {
          const text = event.clipboardData.getData("text/plain");
          if (!editing || text.trim().includes("\n")) {
            event.preventDefault();
            paste(text);
          }
        }}
        onCopy={(event) => {
          if (!editing) {
            event.preventDefault();
            event.clipboardData.setData("text/plain", commands.copy(topic, false));
          }
        }}
        onCut={(event) => {
          if (!editing) {
            event.preventDefault();
            event.clipboardData.setData("text/plain", commands.copy(topic, true));
          }
        }}
        onKeyDown={(event) => {
          if (event.currentTarget === event.target && !moved(topic, event)) {
            lineKeys(tree, topic, commands, beside)(event);
          } else if (event.altKey) {
            event.preventDefault();
          }
        }}
      >
        {lines.map((line) => (
          <Line
            key={line.id}
            topic={line}
            placed={tree.placed(line.id)}
            selected={choice.ids.has(line.id)}
            last={line.id === topic.id}
            position={tree.index(line)}
            guests={guests.get(line.id) ?? NOBODY}
            siblings={tree.parent(line)?.children.length ?? 1}
          >
            {editing?.topic === line.id && (
              <Field>
                <LabelEditor
                  place={IN_LINE}
                  label={line.label}
                  typed={editing.typed}
                  offers={editing.named ? offers : undefined}
                  named={editing.named ?? false}
                  onKey={writingKey(line)}
                  onSave={(label, typed) =>
                    saveLabel({ tree, actions, onSelect, say }, line.id, label, typed)
                  }
                  onDone={(label, ended) => finish(line.id, label, ended)}
                />
              </Field>
            )}
          </Line>
        ))}
      </Lines>
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
