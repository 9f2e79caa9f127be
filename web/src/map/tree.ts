import type { Desk, Placed, Topic } from "../api/types";

/** The topics of a desk by identity, and what lies around each. */
export class Tree {
  private readonly byId: Map<string, Topic>;
  private readonly drawn: Map<string, Placed>;
  private readonly places = new Map<string, number>();

  constructor(readonly desk: Desk) {
    this.byId = new Map(desk.topics.map((topic) => [topic.id, topic]));
    this.drawn = new Map(desk.scene.topics.map((placed) => [placed.id, placed]));
    for (const topic of desk.topics) {
      for (const [place, child] of topic.children.entries()) {
        this.places.set(child, place);
      }
    }
  }

  get root(): Topic {
    const root = this.desk.topics[0];
    if (!root) {
      throw new Error("a map has a root");
    }
    return root;
  }

  /** The level of the deepest topic, 0 if the root is alone. */
  get levels(): number {
    return this.desk.topics.reduce((deepest, topic) => Math.max(deepest, topic.level), 0);
  }

  get(id: string | null): Topic | undefined {
    return id === null ? undefined : this.byId.get(id);
  }

  /** A topic as it is drawn, undefined within a closed branch. */
  placed(id: string | null): Placed | undefined {
    return id === null ? undefined : this.drawn.get(id);
  }

  /** The first topic below one for which something holds, in reading order. */
  firstBelow(topic: Topic, holds: (below: Topic) => boolean): Topic | undefined {
    for (const id of topic.children) {
      const child = this.get(id);
      const found = child && (holds(child) ? child : this.firstBelow(child, holds));
      if (found) {
        return found;
      }
    }
    return undefined;
  }

  parent(topic: Topic): Topic | undefined {
    return this.get(topic.parent);
  }

  /** Whether the server does not have a topic yet. */
  isNew(topic: Topic): boolean {
    return topic.parent !== null && topic.number === "";
  }

  /** Place among its siblings, from 0. */
  index(topic: Topic): number {
    return this.places.get(topic.id) ?? 0;
  }

  /** A topic at some distance among its siblings. */
  sibling(topic: Topic, step: number): Topic | undefined {
    return this.get(this.parent(topic)?.children[this.index(topic) + step] ?? null);
  }

  /** The topics from the root down to one, itself included. */
  path(topic: Topic): Topic[] {
    const above = this.parent(topic);
    return above ? [...this.path(above), topic] : [topic];
  }

  /** Whether one topic is another or lies below it. */
  within(topic: Topic, branch: Topic): boolean {
    return this.path(topic).some((t) => t.id === branch.id);
  }

  /** Topics with children whose branches are closed. */
  closed(): string[] {
    return this.desk.topics.filter((topic) => topic.closed).map((topic) => topic.id);
  }

  /** The closed branches in which topics are hidden. */
  closedAbove(topics: readonly Topic[]): string[] {
    const above = new Set(topics.flatMap((topic) => this.path(topic).slice(0, -1)));
    return [...above].filter((topic) => topic.closed).map((topic) => topic.id);
  }

  /** What a topic becomes next selected when it is taken out. */
  neighbour(topic: Topic): Topic | undefined {
    return this.sibling(topic, 1) ?? this.sibling(topic, -1) ?? this.parent(topic);
  }
}
