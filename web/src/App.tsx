import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useState } from "react";
import styled from "styled-components";
import { Problem, request, requestOrRecall, upload } from "./api/client";
import type { Desk as DeskState, MapSummary } from "./api/types";
import { useDesk, useDeskActions } from "./api/useDesk";
import { useSession } from "./api/useSession";
import { AppearanceSheet } from "./desk/AppearanceSheet";
import { Desk } from "./desk/Desk";
import { Entry } from "./desk/Entry";
import { enteringCode } from "./desk/entering";
import { Header } from "./desk/Header";
import { MineSheet } from "./desk/MineSheet";
import { useKeptFocus } from "./desk/useKeptFocus";
import { TemplateSheet } from "./history/TemplateSheet";
import { Button } from "./ui/Button";
import { Sheet, SheetButtons } from "./ui/Sheet";
import { type Go, type Place, useAddress } from "./useAddress";
import { Showing } from "./walk/Showing";

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

/** The page: lets another browser in if its address says so, or else opens a map. */
export function App({ tab }: { tab: string }) {
  const session = useSession();
  useKeptFocus();
  const [code, setCode] = useState(() => enteringCode(window.location.hash));
  useEffect(() => {
    const changed = () => setCode(enteringCode(window.location.hash));
    window.addEventListener("hashchange", changed);
    return () => window.removeEventListener("hashchange", changed);
  }, []);
  if (code === null) {
    return <Maps tab={tab} session={session} />;
  }
  return <Message>{session.isSuccess && <Entry code={code} />}</Message>;
}

type MapsProps = { tab: string; session: ReturnType<typeof useSession> };

/** Makes a newcomer known, then opens a map. */
function Maps({ tab, session }: MapsProps) {
  const client = useQueryClient();
  const { place, go } = useAddress();
  const { map } = place;
  const open = useCallback(
    (id: string | null, replace = false) =>
      go({ map: id || null, topic: null, spot: null, way: "work" }, replace),
    [go],
  );
  const [exporting, setExporting] = useState(false);
  const [deleting, setDeleting] = useState(false);
  const [mine, setMine] = useState(false);
  const [appearance, setAppearance] = useState(false);
  const [beginning, setBeginning] = useState(false);
  const [said, setSaid] = useState<string | null>(null);
  const maps = useQuery({
    queryKey: ["maps"],
    queryFn: () => requestOrRecall<MapSummary[]>("/api/maps", "maps"),
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
  const begun = (made: string) => {
    open(made);
    client.invalidateQueries({ queryKey: ["maps"] });
  };
  const asking = async (what: "copy" | "template", then: (made: string) => void) => {
    try {
      then((await request<{ id: string }>("POST", `/api/maps/${map}/${what}`)).id);
    } catch (e) {
      setSaid(e instanceof Error ? e.message : String(e));
    }
  };
  const bring = () => {
    const input = document.createElement("input");
    input.type = "file";
    input.accept = ".zip,.json,.jsonld,.opml,.md,.csv";
    input.onchange = () => {
      const file = input.files?.[0];
      if (file) {
        upload<{ id: string }>("/api/imports", file, () => {}).then(
          (made) => begun(made.id),
          (fault: Error) => setSaid(fault.message),
        );
      }
    };
    input.click();
  };
  const duplicate = () => asking("copy", begun);
  const makeTemplate = () =>
    asking("template", () => {
      client.invalidateQueries({ queryKey: ["templates"] });
      setSaid("It is among your templates now, without its sources. Begin a map from it any time.");
    });
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
    onBegin: () => setBeginning(true),
    onBring: bring,
    onDuplicate: duplicate,
    onTemplate: makeTemplate,
    onDelete: () => setDeleting(true),
    onMine: () => setMine(true),
    onAppearance: () => setAppearance(true),
  };

  return (
    <Page>
      {session.isSuccess && map ? (
        <OpenMap
          key={map}
          map={map}
          tab={tab}
          place={place}
          go={go}
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
      <AppearanceSheet isOpen={appearance} onOpenChange={setAppearance} />
      <MineSheet maps={header.maps.length} isOpen={mine} onOpenChange={setMine} />
      <TemplateSheet isOpen={beginning} onOpenChange={setBeginning} onBegun={begun} />
      <Sheet
        title="Your maps"
        isOpen={said !== null}
        onOpenChange={(shown) => !shown && setSaid(null)}
      >
        <p role="status">{said}</p>
        <SheetButtons>
          <Button onPress={() => setSaid(null)}>Close</Button>
        </SheetButtons>
      </Sheet>
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
  tab: string;
  place: Place;
  go: Go;
  header: Omit<React.ComponentProps<typeof Header>, "title" | "onExport" | "unsent">;
  exporting: boolean;
  onExporting: (open: boolean) => void;
};

function OpenMap({ map, ...props }: OpenMapProps) {
  const desk = useDesk(map);
  const { header } = props;
  if (desk.data) {
    return <KnownMap server={desk.data} {...props} />;
  }
  const missing = desk.error instanceof Problem && desk.error.status === 404;
  return (
    <>
      <Header {...header} title="Your maps" onExport={null} />
      <Message>
        {desk.isPending && <p role="status">Opening the map…</p>}
        {desk.isError && <p role="alert">{desk.error.message}</p>}
        {missing && <Button onPress={() => header.onOpen("")}>Go to your maps</Button>}
      </Message>
    </>
  );
}

function KnownMap(props: Omit<OpenMapProps, "map"> & { server: DeskState }) {
  const { server, tab, place, go, header, exporting, onExporting } = props;
  const { desk, actions } = useDeskActions(server, tab);
  const title = desk.topics[0]?.label ?? "Your maps";
  useEffect(() => {
    document.title = `${title} \u2013 Pergamena`;
    return () => {
      document.title = "Pergamena";
    };
  }, [title]);
  if (place.way !== "work") {
    return <Showing desk={desk} actions={actions} place={place} go={go} />;
  }
  return (
    <>
      <Header
        {...header}
        maps={header.maps.map((m) => (m.id === desk.id ? { ...m, title } : m))}
        title={title}
        unsent={actions.pending}
        waiting={actions.waiting}
        onExport={desk.topics.length > 1 ? () => onExporting(true) : null}
      />
      <Desk
        desk={desk}
        actions={actions}
        place={place}
        go={go}
        exporting={exporting}
        onExporting={onExporting}
      />
    </>
  );
}
