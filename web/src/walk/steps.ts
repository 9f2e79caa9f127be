import type { Topic } from "../api/types";
import type { Tree } from "../map/tree";

/** The topics through which one is led: those arranged by hand, or all in the map's order. */
export function stepsOf(tree: Tree): Topic[] {
  const arranged = tree.desk.facts.walk.flatMap((id) => tree.get(id) ?? []);
  return arranged.length > 0
    ? arranged
    : tree.desk.topics.filter((topic) => !topic.aside && !topic.loose && !setAside(tree, topic));
}

function setAside(tree: Tree, topic: Topic): boolean {
  return tree.path(topic).some((above) => above.aside || above.loose !== null);
}

/** The step at some distance from a topic; from one that is no step, the first. */
export function stepFrom(steps: readonly Topic[], topic: string | null, by: number): Topic | null {
  const at = steps.findIndex((step) => step.id === topic);
  const next = at < 0 ? 0 : Math.min(steps.length - 1, Math.max(0, at + by));
  return steps[next] ?? null;
}

/** What a key or a clicker means while one is led through a map. */
export type WalkAct = "next" | "back" | "first" | "last" | "passages" | "notes" | "end" | "speaker";

const KEYS: Record<string, WalkAct> = {
  ArrowRight: "next",
  ArrowDown: "next",
  PageDown: "next",
  " ": "next",
  Enter: "next",
  ArrowLeft: "back",
  ArrowUp: "back",
  PageUp: "back",
  Backspace: "back",
  Home: "first",
  End: "last",
  p: "passages",
  n: "notes",
  s: "speaker",
  Escape: "end",
};

export function walkAct(key: string): WalkAct | null {
  return KEYS[key] ?? null;
}

/** The step that an act leads to. */
export function stepBy(steps: readonly Topic[], topic: string | null, act: WalkAct): Topic | null {
  switch (act) {
    case "next":
      return stepFrom(steps, topic, 1);
    case "back":
      return stepFrom(steps, topic, -1);
    case "first":
      return steps[0] ?? null;
    case "last":
      return steps.at(-1) ?? null;
    default:
      return null;
  }
}

/** A time that has passed, as 1:04:09 or 4:09. */
export function passed(ms: number): string {
  const seconds = Math.floor(ms / 1000);
  const two = (n: number) => String(n).padStart(2, "0");
  const minutes = Math.floor(seconds / 60) % 60;
  const hours = Math.floor(seconds / 3600);
  return hours > 0
    ? `${hours}:${two(minutes)}:${two(seconds % 60)}`
    : `${minutes}:${two(seconds % 60)}`;
}
