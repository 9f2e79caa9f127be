import { Trouble } from "../ui/Field";

/** What stands where something is still read from the sources, or could not be. */
export function Waiting({ problem, words }: { problem: Error | null; words: string }) {
  return problem ? <Trouble role="alert">{problem.message}</Trouble> : <p role="status">{words}</p>;
}
