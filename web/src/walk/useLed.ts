import { useCallback, useEffect, useRef } from "react";

type Told = { topic: string | null; asked?: boolean };

/**
 * Keeps two windows that are led through one map at the same step.
 *
 * @param topic the step here
 * @param onStep told of the step of another window
 */
export function useLed(map: string, topic: string | null, onStep: (topic: string) => void) {
  const channel = useRef<BroadcastChannel | null>(null);
  const here = useRef(topic);
  const step = useRef(onStep);
  step.current = onStep;
  useEffect(() => {
    const opened = new BroadcastChannel(`pergamena-walk-${map}`);
    channel.current = opened;
    opened.onmessage = ({ data }: MessageEvent<Told>) => {
      if (data.asked) {
        opened.postMessage({ topic: here.current });
      } else if (data.topic && data.topic !== here.current) {
        here.current = data.topic;
        step.current(data.topic);
      }
    };
    opened.postMessage({ topic: null, asked: true });
    return () => opened.close();
  }, [map]);
  useEffect(() => {
    here.current = topic;
  }, [topic]);
  return useCallback((to: string) => {
    here.current = to;
    channel.current?.postMessage({ topic: to });
  }, []);
}
