import { NoConnection, Problem } from "./client";
import type { Outbox, Sending } from "./outbox";
import type { Patch } from "./types";

const RETRY_MS = 1000;

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
  accept: (patch: Patch) => void;
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
  private wake: () => void = () => {};

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
      try {
        const patch = await this.way.post(next);
        this.outbox.remove(next.id);
        this.way.accept(patch);
        this.set({ pending: this.outbox.all(), waiting: false });
      } catch (error) {
        if (!(await this.goesOn(next, error))) {
          return;
        }
      }
    }
  }

  private async goesOn(sent: Sending, error: unknown): Promise<boolean> {
    const status = error instanceof Problem ? error.status : 0;
    if (error instanceof NoConnection || status >= 502) {
      this.set({ waiting: true });
      await this.pause();
      return true;
    }
    const problem = error instanceof Error ? error : new Error(String(error));
    if (status === 401 || status === 403) {
      this.set({ problem, waiting: true });
      return false; // kept: it is sent when the page has been loaded anew
    }
    this.outbox.remove(sent.id);
    this.set({ pending: this.outbox.all(), problem, waiting: false });
    this.way.renew();
    return true;
  }

  private pause(): Promise<void> {
    return new Promise((resolve) => {
      const timer = setTimeout(resolve, RETRY_MS);
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
