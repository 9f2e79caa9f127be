import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import styled from "styled-components";
import { Problem, request } from "./api/client";
import type { MapSummary } from "./api/types";
import { useDesk } from "./api/useDesk";
import { useSession } from "./api/useSession";
import { Desk } from "./desk/Desk";
import { Header } from "./desk/Header";
import { Button } from "./ui/Button";
import { Sheet, SheetButtons } from "./ui/Sheet";
import { useAddress } from "./useAddress";

const Page = styled.div`
  height: 100%;
  display: grid;
  grid-template: auto minmax(0, 1fr) / minmax(0, 1fr);
`;

const Message = styled.main`
  padding: 48px clamp(16px, 8vw, 96px);
  display: grid;
  gap: 16px;
  align-content: start;
  justify-items: start;
  font: 400 17px/26px ${({ theme }) => theme.reading};
`;

/** The page: makes a newcomer known, then opens a map. */
export function App() {
  const client = useQueryClient();
  const { map, open } = useAddress();
  const [exporting, setExporting] = useState(false);
  const [deleting, setDeleting] = useState(false);
  const session = useSession();
  const maps = useQuery({
    queryKey: ["maps"],
    queryFn: () => request<MapSummary[]>("GET", "/api/maps"),
    enabled: session.isSuccess,
  });
  const first = maps.data?.[0]?.id;
  useEffect(() => {
    if (!map && first) {
      open(first, true);
    }
  }, [map, first, open]);

  const create = async () => {
    const made = await request<{ id: string }>("POST", "/api/maps");
    open(made.id);
    client.invalidateQueries({ queryKey: ["maps"] });
  };
  const remove = async () => {
    setDeleting(false);
    await request<void>("DELETE", `/api/maps/${map}`);
    open(null, true);
    client.invalidateQueries({ queryKey: ["maps"] });
  };
  const header = {
    maps: maps.data ?? [],
    current: map,
    ready: maps.isSuccess && (map !== null || !first), // not while the first map is being opened
    onOpen: open,
    onNew: create,
    onDelete: () => setDeleting(true),
  };

  return (
    <Page>
      {session.isSuccess && map ? (
        <OpenMap
          key={map}
          map={map}
          header={header}
          exporting={exporting}
          onExporting={setExporting}
        />
      ) : (
        <>
          <Header {...header} title="Your maps" onExport={null} />
          <Message>
            {session.isPending && <p role="status">Preparing your desk…</p>}
            {session.isError && <p role="alert">{session.error.message}</p>}
            {maps.data?.length === 0 && (
              <>
                <p>You have no map yet. Begin one, and bring the sources that it is to rest on.</p>
                <Button $strong onPress={create}>
                  New map
                </Button>
              </>
            )}
          </Message>
        </>
      )}
      <Sheet title="Delete this map?" isOpen={deleting} onOpenChange={setDeleting}>
        <p>Its topics, notes and sources go with it. This cannot be undone.</p>
        <SheetButtons>
          <Button onPress={() => setDeleting(false)}>Keep it</Button>
          <Button $strong onPress={remove}>
            Delete the map
          </Button>
        </SheetButtons>
      </Sheet>
    </Page>
  );
}

type OpenMapProps = {
  map: string;
  header: Omit<React.ComponentProps<typeof Header>, "title" | "onExport">;
  exporting: boolean;
  onExporting: (open: boolean) => void;
};

function OpenMap({ map, header, exporting, onExporting }: OpenMapProps) {
  const desk = useDesk(map);
  const title = desk.data?.topics[0]?.label ?? "Your maps";
  useEffect(() => {
    document.title = desk.data ? `${title} \u2013 Pergamena` : "Pergamena";
  }, [title, desk.data]);
  const missing = desk.error instanceof Problem && desk.error.status === 404;
  return (
    <>
      <Header
        {...header}
        maps={header.maps.map((m) => (m.id === map ? { ...m, title } : m))}
        title={title}
        onExport={desk.data && desk.data.topics.length > 1 ? () => onExporting(true) : null}
      />
      {desk.data ? (
        <Desk desk={desk.data} exporting={exporting} onExporting={onExporting} />
      ) : (
        <Message>
          {desk.isError && <p role="alert">{desk.error.message}</p>}
          {missing && <Button onPress={() => header.onOpen("")}>Go to your maps</Button>}
        </Message>
      )}
    </>
  );
}
