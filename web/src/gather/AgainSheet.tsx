import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import styled from "styled-components";
import { request } from "../api/client";
import type { Again, Desk, How } from "../api/types";
import { Button } from "../ui/Button";
import { Trouble } from "../ui/Field";
import { Sheet, SheetButtons } from "../ui/Sheet";
import { counted } from "../ui/words";

const Columns = styled.div`
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 8px 32px;
  @media (max-width: 620px) { grid-template-columns: 1fr; }
  section { display: grid; align-content: start; gap: 4px; }
  h3 { margin: 0; font: 700 15px/22px ${({ theme }) => theme.control}; }
  ul { list-style: none; font: 400 15px/22px ${({ theme }) => theme.reading}; }
  li { padding: 1px 0; overflow-wrap: anywhere; }
  i { color: ${({ theme }) => theme.softInk}; }
`;

const MOST = 200;

function Labels({ title, labels }: { title: string; labels: readonly React.ReactNode[] }) {
  if (labels.length === 0) {
    return null;
  }
  return (
    <section aria-label={title}>
      <h3>
        {title}: {labels.length.toLocaleString("en")}
      </h3>
      <ul>
        {labels.slice(0, MOST).map((label, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: labels are shown in a fixed order
          <li key={i}>{label}</li>
        ))}
        {labels.length > MOST && <li>and {labels.length - MOST} more</li>}
      </ul>
    </section>
  );
}

type AgainSheetProps = { desk: Desk; isOpen: boolean; onOpenChange: (open: boolean) => void };

/** A map distilled anew beside the one that stands, and what of it to take. */
export function AgainSheet({ desk, isOpen, onOpenChange }: AgainSheetProps) {
  const client = useQueryClient();
  const path = `/api/maps/${desk.id}/distil/again`;
  const again = useQuery({
    queryKey: ["again", desk.id, desk.facts.revision, desk.facts.shelf],
    queryFn: () => request<Again>("GET", path),
    enabled: isOpen && desk.facts.again,
  });
  const take = useMutation({
    mutationFn: (how: How) => request<void>("POST", path, { id: crypto.randomUUID(), how }),
    onSuccess: () => {
      onOpenChange(false);
      client.invalidateQueries({ queryKey: ["desk", desk.id] });
    },
  });
  const { data } = again;
  const outcome = data?.outcome;
  return (
    <Sheet title="The map distilled again" wide isOpen={isOpen} onOpenChange={onOpenChange}>
      {again.isPending && <p role="status">Comparing it with the map that stands…</p>}
      {again.isError && <Trouble role="alert">{again.error.message}</Trouble>}
      {data && outcome && (
        <>
          <p>
            Before: {counted(data.before, "topic")}. After, if you take it whole:{" "}
            {counted(data.after, "topic")}, of which {outcome.same.toLocaleString("en")} stay what
            they are. Whatever you named, wrote, linked, placed or took out by hand stays as you
            have it. One undo takes it back.
          </p>
          <Columns>
            <Labels title="New topics" labels={outcome.came} />
            <Labels title="Topics that go" labels={outcome.gone} />
            <Labels
              title="Topics with another label"
              labels={outcome.renamed.map((r) => (
                <>
                  <i>{r.before}</i> → {r.after}
                </>
              ))}
            />
            <Labels title="Kept for what you did to them" labels={outcome.kept} />
          </Columns>
        </>
      )}
      {take.isError && <Trouble role="alert">{take.error.message}</Trouble>}
      <SheetButtons>
        <Button isDisabled={take.isPending} onPress={() => take.mutate("NOTHING")}>
          Keep the map as it is
        </Button>
        <Button
          isDisabled={!data || data.added === 0 || take.isPending}
          onPress={() => take.mutate("ONLY_NEW")}
        >
          {data && data.added > 0
            ? `Take only what the map lacks: ${counted(data.added, "topic")}`
            : "The map lacks none of the text"}
        </Button>
        <Button $strong isDisabled={!data || take.isPending} onPress={() => take.mutate("WHOLE")}>
          Take the new map
        </Button>
      </SheetButtons>
    </Sheet>
  );
}
