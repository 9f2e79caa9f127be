import { NoConnection, Problem } from "./client";
import type { Outbox, Sending } from "./outbox";
import type { Patch } from "./types";

const RETRY_MS = 1000;
const UNKNOWN_RETRY_MS = 5000;

/** How often a change is sent at which the server fails by no fault of the change. */
const MOST_FAILURES = 3;

/**
 * @param pending what the server has not acknowledged, the oldest first
 * @param waiting whether the server is not reached
 * @param problem what the server refused, or null
 */
export type SenderState = {
  pending: readonly Sending[];
  waiting: boolean;
  problem: Error | null;
};

type Way = {
  post: (sending: Sending) => Promise<Patch>;
  accept: (patch: Patch) => void | Promise<void>;
  /** Asks for the whole desk, after something was refused. */
  renew: () => void;
};

/**
 * Sends changes one after another, each until the server has acknowledged or refused it. While the
 * server is away they wait; what is refused is taken back with a sentence.
 */
export class Sender {
  private state: SenderState;
  private readonly listeners = new Set<() => void>();
  private running = false;
  private closed = false;
  private failing: { id: string; times: number } | null = null;
  private wake: () => void = () => {};
  private answer: Promise<void> = Promise.resolve();

  constructor(
    private readonly outbox: Outbox,
    private readonly way: Way,
  ) {
    this.state = { pending: outbox.all(), waiting: false, problem: null };
  }

  readonly subscribe = (listener: () => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  readonly snapshot = () => this.state;

  send(sending: Sending): void {
    this.outbox.add(sending);
    this.set({ pending: this.outbox.all(), problem: null });
    this.start();
  }

  /** Takes over what a tab that is gone has left behind, and sends it. */
  adopt(tab: string): void {
    this.outbox.adopt(tab);
    this.set({ pending: this.outbox.all() });
    this.start();
  }

  dismiss(): void {
    this.set({ problem: null });
  }

  /** When what is being sent now has been answered. */
  answered(): Promise<void> {
    return this.answer;
  }

  /** Tries at once what waits for the server. */
  hurry(): void {
    this.wake();
  }

  close(): void {
    this.closed = true;
    this.wake();
  }

  start(): void {
    if (!this.running) {
      this.running = true;
      this.run().finally(() => {
        this.running = false;
      });
    }
  }

  private async run(): Promise<void> {
    for (let next = this.outbox.all()[0]; next && !this.closed; next = this.outbox.all()[0]) {
      let answered = () => {};
      this.answer = new Promise((resolve) => {
        answered = resolve;
      });
      const error = await this.sent(next);
      answered();
      if (error !== null) {
        await this.refusedOrAway(next, error);
      }
    }
  }

  /** Sends a change and takes the answer in; gives what went wrong, or null. */
  private async sent(next: Sending): Promise<unknown> {
    try {
      const taken = this.way.accept(await this.way.post(next));
      if (taken) {
        await taken; // what is taken out of the box is on the desk by then
      }
      this.outbox.remove(next.id);
      const problem = this.state.waiting ? null : this.state.problem;
      this.set({ pending: this.outbox.all(), waiting: false, problem });
      return null;
    } catch (error) {
      return error ?? new Error("unknown");
    }
  }

  /** Waits where it is to be sent again, and takes it back where it is refused. */
  private async refusedOrAway(sent: Sending, error: unknown): Promise<void> {
    const status = error instanceof Problem ? error.status : 0;
    if (error instanceof NoConnection || status === 429 || status >= 502) {
      this.set({ waiting: true });
      await this.pause();
      return;
    }
    if (status === 500 && this.failed(sent) < MOST_FAILURES) {
      await this.pause(); // kept: what went wrong there may go right the next time
      return;
    }
    const problem = error instanceof Error ? error : new Error(String(error));
    if (status === 401 || status === 403) {
      this.set({ problem, waiting: true });
      await this.pause(UNKNOWN_RETRY_MS); // kept: it is sent at the latest when the page is reloaded
      return;
    }
    this.outbox.remove(sent.id);
    this.set({ pending: this.outbox.all(), problem, waiting: false });
    this.way.renew();
  }

  /** How often the server has failed at a change by now. */
  private failed(sent: Sending): number {
    const times = this.failing?.id === sent.id ? this.failing.times + 1 : 1;
    this.failing = { id: sent.id, times };
    return times;
  }

  private pause(millis = RETRY_MS): Promise<void> {
    return new Promise((resolve) => {
      const timer = setTimeout(resolve, millis);
      this.wake = () => {
        clearTimeout(timer);
        resolve();
      };
    });
  }

  private set(change: Partial<SenderState>): void {
    this.state = { ...this.state, ...change };
    for (const listener of this.listeners) {
      listener();
    }
  }
}
