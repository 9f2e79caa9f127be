import { type PointerEvent, useEffect, useRef, useState } from "react";
import styled from "styled-components";
import { pigment } from "../theme/tokens";
import { TextButton } from "../ui/Button";
import { CalmMap } from "./CalmMap";
import type { ShownProps } from "./Showing";
import { StepsSheet } from "./StepsSheet";
import { stepBy, stepsOf, type WalkAct, walkAct } from "./steps";
import { NoteOf, PassagesOf, PicturesOf } from "./Told";
import { useLed } from "./useLed";

const Page = styled.main`
  grid-row: 1 / 3;
  display: grid;
  grid-template: minmax(0, 1fr) auto / minmax(0, 1.35fr) minmax(0, 1fr);
  min-height: 0;
  background: ${({ theme }) => theme.page};
  @media (max-width: 800px) { grid-template-columns: minmax(0, 1fr); > :nth-child(2) { display: none; } }
`;

const Step = styled.article`
  display: grid;
  align-content: safe center;
  gap: 22px;
  min-height: 0;
  overflow: auto;
  padding: 40px clamp(24px, 6vw, 96px);
  &, &:focus-visible { outline: none; }
  h1 {
    font: 600 clamp(34px, 5vw, 64px)/1.16 ${({ theme }) => theme.reading};
    text-wrap: balance;
    overflow-wrap: anywhere;
  }
  h1 span { font: 700 0.5em/1 ${({ theme }) => theme.control}; margin-right: 0.5em; }
  > p { font: 400 19px/28px ${({ theme }) => theme.reading}; max-width: 62ch; }
`;

const Above = styled.p`
  font: 400 17px/24px ${({ theme }) => theme.control} !important;
  color: ${({ theme }) => theme.softInk};
`;

const Below = styled.ul`
  display: grid;
  gap: 8px;
  list-style: none;
  margin: 0;
  padding: 0;
  font: 400 24px/32px ${({ theme }) => theme.reading};
  li { padding-left: 18px; border-left: 3px solid; }
`;

const Foot = styled.footer`
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 18px;
  padding: 6px 20px 8px;
  border-top: 1px solid ${({ theme }) => theme.rule};
  background: ${({ theme }) => theme.vellum};
  color: ${({ theme }) => theme.softInk};
  font-size: 15px;
  > span { margin-right: auto; }
`;

const Bar = styled.div`
  grid-column: 1 / -1;
  height: 3px;
  background: ${({ theme }) => theme.rule};
  i { display: block; height: 100%; background: ${({ theme }) => theme.rubric}; }
`;

const SWIPE = 60;

/** Leads through a map topic by topic, each as large as the window lets it be. */
export function WalkPage({ tree, actions, topic: at, go }: ShownProps) {
  const steps = stepsOf(tree);
  const topic = tree.get(at) ?? steps[0] ?? tree.root;
  const [passages, setPassages] = useState(false);
  const [notes, setNotes] = useState(true);
  const [arranging, setArranging] = useState(false);
  const [copied, setCopied] = useState(false);
  const frame = useRef<HTMLElement>(null);
  const pressed = useRef<{ x: number; y: number } | null>(null);
  const show = (id: string) => {
    setCopied(false);
    go({ topic: id }, true);
  };
  const tell = useLed(tree.desk.id, topic.id, show);
  const { fold } = actions;

  const below = topic.children.flatMap((id) => tree.get(id) ?? []);
  // what a step needs is opened, what is right below it too
  const closed = tree.closedAbove([...below, topic]).join(" ");
  useEffect(() => {
    if (closed) {
      fold({ open: closed.split(" ") });
    }
  }, [closed, fold]);
  const outside =
    tree.desk.facts.focus !== null &&
    !tree.path(topic).some((above) => above.id === tree.desk.facts.focus);
  const { focus } = actions;
  useEffect(() => {
    if (outside) {
      focus(null);
    }
  }, [outside, focus]);

  const end = () => {
    if (document.fullscreenElement) {
      document.exitFullscreen();
    }
    go({ way: "work", topic: topic.id });
  };
  const speaker = () =>
    window.open(
      `/maps/${tree.desk.id}/speaker/topics/${topic.id}`,
      `speaker-${tree.desk.id}`,
      "width=760,height=640",
    );
  const act = (what: WalkAct) => {
    const next = stepBy(steps, topic.id, what);
    if (next) {
      tell(next.id);
      show(next.id);
    } else if (what === "passages") {
      setPassages((on) => !on);
    } else if (what === "notes") {
      setNotes((on) => !on);
    } else if (what === "speaker") {
      speaker();
    } else if (what === "end") {
      end();
    }
  };
  const acting = useRef(act);
  acting.current = act;
  useEffect(() => {
    const key = (event: KeyboardEvent) => {
      const on = event.target as Element;
      const typing = on.closest?.("input, [role=dialog]");
      const pressing = on.closest?.("button") && (event.key === " " || event.key === "Enter");
      const what = walkAct(event.key);
      if (what && !typing && !pressing && !event.ctrlKey && !event.metaKey && !event.altKey) {
        event.preventDefault();
        acting.current(what);
      }
    };
    window.addEventListener("keydown", key);
    return () => window.removeEventListener("keydown", key);
  }, []);
  // biome-ignore lint/correctness/useExhaustiveDependencies: at each step anew
  useEffect(() => {
    frame.current?.scrollTo(0, 0);
    frame.current?.focus({ preventScroll: true });
  }, [topic.id]);

  const swiped = (event: PointerEvent) => {
    const from = pressed.current;
    pressed.current = null;
    if (!from || event.pointerType !== "touch") {
      return;
    }
    const dx = event.clientX - from.x;
    const dy = event.clientY - from.y;
    if (Math.abs(dx) > SWIPE && Math.abs(dx) > 2 * Math.abs(dy)) {
      act(dx < 0 ? "next" : "back");
    }
  };
  const place = steps.findIndex((step) => step.id === topic.id);
  const above = tree.path(topic).slice(0, -1);
  return (
    <Page>
      <Step
        ref={frame}
        tabIndex={-1}
        aria-label="Step"
        onPointerDown={(event) => {
          pressed.current = { x: event.clientX, y: event.clientY };
        }}
        onPointerUp={swiped}
      >
        {above.length > 0 && <Above>{above.map((each) => each.label).join(" › ")}</Above>}
        <h1>
          {topic.number && <span style={{ color: pigment(topic.branch) }}>{topic.number}</span>}
          {topic.label}
        </h1>
        {topic.definition && <p>{topic.definition}</p>}
        <PicturesOf tree={tree} topic={topic} />
        {notes && <NoteOf topic={topic} />}
        {passages && <PassagesOf tree={tree} topic={topic} />}
        {!passages && below.length > 0 && (
          <Below aria-label="What is below it">
            {below.map((each) => (
              <li key={each.id} style={{ borderLeftColor: pigment(each.branch) }}>
                {each.label}
              </li>
            ))}
          </Below>
        )}
      </Step>
      <CalmMap
        tree={tree}
        chosen={topic.id}
        led
        onSelect={(id) => {
          tell(id);
          show(id);
        }}
        actions={actions}
      />
      <Bar aria-hidden="true">
        <i style={{ width: `${((place + 1) / Math.max(1, steps.length)) * 100}%` }} />
      </Bar>
      <Foot>
        <span role="status">
          {place < 0 ? "Beside the way" : `Step ${place + 1} of ${steps.length}`}
        </span>
        <TextButton isDisabled={place <= 0} onPress={() => act("back")}>
          Back
        </TextButton>
        <TextButton isDisabled={place === steps.length - 1} onPress={() => act("next")}>
          On
        </TextButton>
        <TextButton aria-pressed={passages} onPress={() => act("passages")}>
          {passages ? "Hide the passages" : "Show the passages"}
        </TextButton>
        <TextButton aria-pressed={notes} onPress={() => act("notes")}>
          {notes ? "Hide the note" : "Show the note"}
        </TextButton>
        <TextButton onPress={speaker}>Speaker’s window</TextButton>
        <TextButton onPress={() => setArranging(true)}>Arrange the steps…</TextButton>
        <TextButton
          onPress={() =>
            navigator.clipboard?.writeText(window.location.href).then(
              () => setCopied(true),
              () => setCopied(false),
            )
          }
        >
          {copied ? "Copied" : "Copy a link to this step"}
        </TextButton>
        <TextButton
          onPress={() =>
            document.fullscreenElement
              ? document.exitFullscreen()
              : document.documentElement.requestFullscreen()
          }
        >
          Full screen
        </TextButton>
        <TextButton onPress={end}>End</TextButton>
      </Foot>
      <StepsSheet tree={tree} actions={actions} isOpen={arranging} onOpenChange={setArranging} />
    </Page>
  );
}
