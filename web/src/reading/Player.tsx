import { useEffect, useRef } from "react";
import styled from "styled-components";
import type { SourceText } from "../api/types";
import type { Spot } from "./spot";

const Bar = styled.div`
  grid-column: 1 / -1;
  audio, video { width: 100%; display: block; }
  audio { height: 36px; }
  audio::-webkit-media-controls-panel { background: ${({ theme }) => theme.shelf}; }
  video { max-height: 30vh; background: #000; }
`;

type PlayerProps = {
  path: string;
  text: SourceText;
  sought: Spot;
  onNow: (now: { start: number; end: number } | null) => void;
};

/** The cue that a moment of the recording lies in. */
export function cueAt(cues: SourceText["cues"], ms: number): SourceText["cues"][number] | null {
  let found = null;
  for (const cue of cues) {
    if (cue.startMs > ms) {
      break;
    }
    found = cue;
  }
  return found && ms <= found.endMs + 1500 ? found : null;
}

/** Plays the recording of a transcript, which tells what is said now. */
export function Player({ path, text, sought, onNow }: PlayerProps) {
  const media = useRef<HTMLMediaElement>(null);

  useEffect(() => {
    const cue = text.cues.findLast((c) => c.start <= sought.start);
    if (media.current && cue && (sought.start > 0 || sought.play)) {
      media.current.currentTime = cue.startMs / 1000;
      if (sought.play) {
        media.current.play().catch(() => {});
      }
    }
  }, [text, sought]);

  const moved = () => {
    const at = media.current;
    const cue = at && !at.paused ? cueAt(text.cues, at.currentTime * 1000) : null;
    onNow(cue && { start: cue.start, end: cue.end });
  };
  const common = {
    src: `${path}/recording`,
    controls: true,
    preload: "metadata",
    "aria-label": "Recording",
    onTimeUpdate: moved,
    onPause: moved,
  } as const;
  return (
    <Bar>
      {text.sound?.startsWith("video/") ? (
        <video {...common} ref={media as React.RefObject<HTMLVideoElement>} />
      ) : (
        <audio {...common} ref={media as React.RefObject<HTMLAudioElement>} />
      )}
    </Bar>
  );
}
