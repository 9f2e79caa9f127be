import { type ReactNode, useCallback, useEffect, useMemo, useState } from "react";
import styled from "styled-components";

const Unseen = styled.div`
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  clip-path: inset(50%);
  white-space: nowrap;
`;

const Seen = styled.p`
  position: fixed;
  left: 50%;
  top: 58px;
  translate: -50% 0;
  z-index: 15;
  max-width: min(560px, 90vw);
  padding: 5px 12px;
  font: 400 14px/20px ${({ theme }) => theme.control};
  color: ${({ theme }) => theme.ink};
  background: ${({ theme }) => theme.page};
  border: 1px solid ${({ theme }) => theme.rule};
  border-radius: ${({ theme }) => theme.radius};
  pointer-events: none;
  @media print { display: none; }
`;

const SHOWN_MS = 3500;

/** Says what has happened, for a moment to those who see and once to those who do not. */
export function useAnnouncer(): { say: (words: string) => void; announcer: ReactNode } {
  const [said, setSaid] = useState({ words: "", count: 0 });
  const say = useCallback(
    (words: string) => setSaid((before) => ({ words, count: before.count + 1 })),
    [],
  );
  const [shown, setShown] = useState(0);
  useEffect(() => {
    if (said.count === 0) {
      return;
    }
    setShown(said.count);
    const timer = setTimeout(() => setShown(0), SHOWN_MS);
    return () => clearTimeout(timer);
  }, [said.count]);
  const announcer = useMemo(
    () => (
      <>
        <Unseen role="log" aria-live="polite">
          <span key={said.count}>{said.words}</span>
        </Unseen>
        {shown === said.count && said.words && <Seen aria-hidden="true">{said.words}</Seen>}
      </>
    ),
    [said, shown],
  );
  return { say, announcer };
}
