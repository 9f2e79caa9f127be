import { useRef, useState } from "react";
import { answer } from "../api/client";
import { bytes } from "../ui/words";

/** How often it is told how much of a file is there, in milliseconds. */
const TELLING_MS = 400;

/** Saves a file, telling how far it is; it can be stopped. */
export function useSaving() {
  const [state, setState] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const controller = useRef<AbortController | null>(null);
  const save = async (address: string, title: string) => {
    const stopping = new AbortController();
    controller.current = stopping;
    setProblem(null);
    setState("Writing the file\u2026");
    try {
      const response = await answer(address, { signal: stopping.signal });
      const blob = await taken(response, setState);
      const link = document.createElement("a");
      link.href = URL.createObjectURL(blob);
      link.download = fileName(response.headers.get("Content-Disposition"), title);
      link.click();
      setTimeout(() => URL.revokeObjectURL(link.href), 60_000);
    } catch (fault) {
      if (!stopping.signal.aborted) {
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

/** All of an answer, telling how much has come. */
async function taken(response: Response, tell: (state: string) => void): Promise<Blob> {
  const reader = response.body?.getReader();
  const parts: BlobPart[] = [];
  let length = 0;
  let told = performance.now();
  for (;;) {
    const next = await reader?.read();
    if (!next || next.done) {
      return new Blob(parts, { type: response.headers.get("Content-Type") ?? "" });
    }
    parts.push(next.value);
    length += next.value.length;
    if (performance.now() - told > TELLING_MS) {
      told = performance.now();
      tell(`Writing the file\u2026 ${bytes(length)} so far.`);
    }
  }
}

/** The name that the server gives a file (RFC 6266). */
export function fileName(disposition: string | null, title: string): string {
  const named = /filename\*=UTF-8''([^;]+)/i.exec(disposition ?? "");
  const plain = /filename="([^"]+)"/i.exec(disposition ?? "");
  return named?.[1] ? decodeURIComponent(named[1]) : (plain?.[1] ?? title);
}
