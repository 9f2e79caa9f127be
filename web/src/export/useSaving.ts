import { useRef, useState } from "react";
import type { Job } from "../api/types";
import { written } from "./written";

type Writing = Pick<Job, "step" | "share">;

/** Saves a map as a file, telling how far it is; it can be stopped. */
export function useSaving() {
  const [state, setState] = useState<Writing | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const controller = useRef<AbortController | null>(null);
  const save = async (map: string, asked: string) => {
    const stopping = new AbortController();
    const { signal } = stopping;
    controller.current = stopping;
    setProblem(null);
    setState({ step: "Beginning", share: 0 });
    try {
      const link = document.createElement("a");
      link.href = await written(map, asked, { tell: setState, signal });
      link.download = "";
      link.click();
    } catch (fault) {
      if (!signal.aborted) {
        setProblem(fault instanceof Error ? fault.message : String(fault));
      }
      throw fault;
    } finally {
      setState(null);
      controller.current = null;
    }
  };
  return { state, problem, save, stop: state ? () => controller.current?.abort() : null };
}
