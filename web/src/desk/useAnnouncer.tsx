import { type ReactNode, useCallback, useMemo, useState } from "react";
import styled from "styled-components";

const Unseen = styled.div`
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  clip-path: inset(50%);
  white-space: nowrap;
`;

/** Says what has happened to those who do not see it. */
export function useAnnouncer(): { say: (words: string) => void; announcer: ReactNode } {
  const [said, setSaid] = useState({ words: "", count: 0 });
  const say = useCallback(
    (words: string) => setSaid((before) => ({ words, count: before.count + 1 })),
    [],
  );
  const announcer = useMemo(
    () => (
      <Unseen role="log" aria-live="polite">
        <span key={said.count}>{said.words}</span>
      </Unseen>
    ),
    [said],
  );
  return { say, announcer };
}
