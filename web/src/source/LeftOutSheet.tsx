import { useQuery } from "@tanstack/react-query";
import styled from "styled-components";
import { request } from "../api/client";
import type { Desk, LeftOut } from "../api/types";
import type { OpenSource } from "../reading/spot";
import { Sheet } from "../ui/Sheet";
import { counted } from "../ui/words";

const List = styled.div`
  display: grid;
  gap: 14px;
  max-height: 60vh;
  overflow: auto;
  h3 { font: 700 15px/22px ${({ theme }) => theme.control}; }
  button {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 2px 12px;
    width: 100%;
    border: 0;
    background: none;
    padding: 5px 0;
    text-align: left;
    cursor: pointer;
    color: ${({ theme }) => theme.ink};
    font: 400 16px/24px ${({ theme }) => theme.reading};
    &:hover { background: ${({ theme }) => theme.shelf}; }
    small { font: 400 14px/24px ${({ theme }) => theme.control}; color: ${({ theme }) => theme.softInk}; }
    small:last-child { grid-column: 1 / -1; line-height: 18px; }
  }
`;

const REASONS = [
  ["NO_TOPIC", "Found no place on a topic"],
  ["SHORT", "Fewer than a dozen words"],
  ["REPEATED", "The same words are on the map from elsewhere"],
  ["FRONT_MATTER", "Before the first heading"],
  ["ASIDE", "Footnotes and captions"],
  ["EXCLUDED", "Left out by you"],
] as const;

const LONGEST = 240;

type LeftOutSheetProps = {
  desk: Desk;
  isOpen: boolean;
  onOpenChange: (open: boolean) => void;
  onOpen: OpenSource;
};

/** What the sources say that is on no topic, grouped by why; each can be read and linked by hand. */
export function LeftOutSheet({ desk, isOpen, onOpenChange, onOpen }: LeftOutSheetProps) {
  const left = useQuery({
    queryKey: ["left-out", desk.id, desk.revision],
    queryFn: () => request<LeftOut[]>("GET", `/api/maps/${desk.id}/left-out`),
    enabled: isOpen,
  });
  const all = left.data ?? [];
  return (
    <Sheet title="Left out" wide isOpen={isOpen} onOpenChange={onOpenChange}>
      <p role="status">
        {left.isSuccess &&
          (all.length === 0
            ? "Everything that the sources say is on the map."
            : `${counted(all.length, "passage")} on no topic. Open one to read it in its source; select its words there to link them.`)}
      </p>
      <List>
        {REASONS.map(([why, words]) => {
          const some = all.filter((passage) => passage.why === why);
          return (
            some.length > 0 && (
              <section key={why}>
                <h3>
                  {words}: {some.length}
                </h3>
                {some.map((passage) => (
                  <button
                    key={`${passage.source} ${passage.start}`}
                    type="button"
                    onClick={() => {
                      onOpenChange(false);
                      onOpen(passage);
                    }}
                  >
                    <span>
                      {passage.exact.slice(0, LONGEST)}
                      {passage.exact.length > LONGEST && "\u2026"}
                    </span>
                    <small>{passage.place}</small>
                    <small>{desk.sources.find((s) => s.id === passage.source)?.name}</small>
                  </button>
                ))}
              </section>
            )
          );
        })}
      </List>
    </Sheet>
  );
}
