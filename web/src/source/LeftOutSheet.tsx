import { useQuery } from "@tanstack/react-query";
import { request } from "../api/client";
import type { Desk, LeftOut } from "../api/types";
import type { OpenSource } from "../reading/spot";
import { Sheet } from "../ui/Sheet";
import { counted } from "../ui/words";
import { Found, FoundList } from "./Found";

const REASONS = [
  ["NO_TOPIC", "Found no place on a topic"],
  ["SHORT", "Fewer than a dozen words"],
  ["TERM", "With a term that you leave out"],
  ["REPEATED", "The same words are on the map from elsewhere"],
  ["FRONT_MATTER", "Before the first heading"],
  ["INDEX", "An index of words"],
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
    queryKey: ["left-out", desk.id, desk.facts.revision],
    queryFn: () => request<LeftOut[]>("GET", `/api/maps/${desk.id}/left-out`),
    enabled: isOpen,
  });
  const all = left.data ?? [];
  return (
    <Sheet title="Left out" wide isOpen={isOpen} onOpenChange={onOpenChange}>
      <p role="status">
        {left.isSuccess &&
          (all.length === 0
            ? `Everything that the sources say${desk.facts.share < 1 ? ", but for headings," : ""} is on the map.`
            : `${counted(all.length, "passage")} on no topic. Open one to read it in its source; select its words there to link them.`)}
      </p>
      <FoundList>
        {REASONS.map(([why, words]) => {
          const some = all.filter((passage) => passage.why === why);
          return (
            some.length > 0 && (
              <section key={why}>
                <h3>
                  {words}: {some.length}
                </h3>
                {some.map((passage) => (
                  <Found
                    key={`${passage.source} ${passage.start}`}
                    spot={passage}
                    place={passage.place}
                    source={desk.sources.find((s) => s.id === passage.source)?.name}
                    onOpen={(spot) => {
                      onOpenChange(false);
                      onOpen(spot);
                    }}
                  >
                    {passage.exact.slice(0, LONGEST)}
                    {passage.exact.length > LONGEST && "\u2026"}
                  </Found>
                ))}
              </section>
            )
          );
        })}
      </FoundList>
    </Sheet>
  );
}
