import { Problem, request } from "../api/client";
import type { Job } from "../api/types";

/** How long it is waited before asking how far a file is, in milliseconds: longer each time. */
const FIRST_MS = 60;
const LONGEST_MS = 500;

type Waiting = {
  /** Told how far the file is. */
  tell?: (job: Job) => void;
  /** Stops the writing. */
  signal?: AbortSignal;
};

/**
 * Has a map written as a file.
 *
 * @param asked the ending of the file, and what is wished
 * @returns the address from which it can be taken
 */
export async function written(map: string, asked: string, waiting: Waiting = {}): Promise<string> {
  const { tell, signal } = waiting;
  const path = `/api/maps/${map}/export`;
  const { job } = await request<{ job: string }>("POST", `${path}/${asked}`);
  const stop = () => {
    request("POST", `/api/maps/${map}/jobs/${job}/cancel`).catch(() => {});
  };
  signal?.addEventListener("abort", stop);
  try {
    if (signal?.aborted) {
      stop();
    }
    for (let pause = FIRST_MS; ; pause = Math.min(LONGEST_MS, pause * 1.5)) {
      await new Promise((rest) => setTimeout(rest, pause));
      signal?.throwIfAborted();
      const state = await request<Job>("GET", `${path}/files/${job}/state`);
      if (state.state === "DONE") {
        return `${path}/files/${job}`;
      }
      if (state.state === "FAILED" || state.state === "CANCELLED") {
        throw new Problem(state.problem ?? "The file was not written.", 422);
      }
      tell?.(state);
    }
  } finally {
    signal?.removeEventListener("abort", stop);
  }
}
