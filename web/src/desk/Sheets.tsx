import type { Topic } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import { BriefSheet } from "../brief/BriefSheet";
import { SelectSheet } from "../choice/SelectSheet";
import { ExportSheet } from "../export/ExportSheet";
import { AgainSheet } from "../gather/AgainSheet";
import { Bring } from "../gather/Bring";
import { Distilling } from "../gather/Distilling";
import type { useGather } from "../gather/useGather";
import { HistorySheet } from "../history/HistorySheet";
import { OverSheet } from "../history/OverSheet";
import { HelpSheet } from "../map/HelpSheet";
import type { Tree } from "../map/tree";
import { NamesSheet } from "../names/NamesSheet";
import { OutlineSheet } from "../outline/OutlineSheet";
import { ProposalsSheet } from "../outline/ProposalsSheet";
import { PictureSheet } from "../pictures/PictureSheet";
import type { OpenSource } from "../reading/spot";
import { ReferencesSheet } from "../references/ReferencesSheet";
import { LinkSheet } from "../relations/LinkSheet";
import { type Making, NewTopicSheet } from "../relations/NewTopicSheet";
import { PlaceSheet } from "../relations/PlaceSheet";
import type { Placing } from "../relations/placing";
import { RelationsSheet } from "../relations/RelationsSheet";
import { TablesSheet } from "../relations/TablesSheet";
import { RemarksSheet } from "../remarks/RemarksSheet";
import { ReplySheet } from "../reply/ReplySheet";
import type { Asked } from "../reply/useReply";
import { LeftOutSheet } from "../source/LeftOutSheet";
import { SearchSheet } from "../source/SearchSheet";
import { SourceSheet } from "../source/SourceSheet";
import { LegendSheet } from "../tags/LegendSheet";
import { afterPaint } from "../ui/afterPaint";
import { Sheet } from "../ui/Sheet";
import { FreshSheet } from "./FreshSheet";
import { GoSheet } from "./GoSheet";
import { ReplaceSheet } from "./ReplaceSheet";

/** What opens above the desk, one at a time. */
export type Opened =
  | {
      sheet:
        | "add"
        | "again"
        | "compare"
        | "fresh"
        | "go"
        | "help"
        | "history"
        | "legend"
        | "left out"
        | "outline"
        | "over"
        | "proposals"
        | "references"
        | "relations"
        | "remarks"
        | "replace"
        | "search"
        | "select";
    }
  | { sheet: "link"; topic: string; to: string | null }
  | { sheet: "names"; topic: string; reply: string | null }
  | { sheet: "brief"; topics: readonly string[] }
  | { sheet: "replies"; asked: Asked; reply: string | null }
  | { sheet: "picture"; topic: string }
  | { sheet: "tables"; topic: string; text: string }
  | { sheet: "place"; placing: Placing }
  | { sheet: "new"; making: Making }
  | { sheet: "source"; source: string };

/** What nobody asked for here. */
export const UNASKED: Asked = { wish: null, about: [], text: "" };

type SheetsProps = {
  tree: Tree;
  /** The chosen topic. */
  selected: Topic;
  actions: DeskActions;
  gathering: ReturnType<typeof useGather>;
  opened: Opened | null;
  exporting: boolean;
  onExporting: (open: boolean) => void;
  onOpened: (opened: Opened | null) => void;
  onSource: OpenSource;
  onRead: (source: string) => void;
  onShow: (topic: Topic) => void;
  onSelect: (topic: string) => void;
  onChoose: (topics: readonly string[]) => void;
  onOpenMap: (map: string) => void;
  onAllSeen: () => void;
  /** Brings files as pictures of a topic. */
  onPictures: (topic: Topic, files: readonly File[]) => void;
  say: (words: string) => void;
};

/** The sheets of the desk. */
export const Sheets = afterPaint(function Sheets(props: SheetsProps) {
  const { tree, actions, gathering, opened, onOpened, onSource, onSelect, say } = props;
  const { desk } = tree;
  const close = () => onOpened(null);
  const onNames = (about: readonly string[], reply: string) =>
    onOpened({ sheet: "names", topic: about[0] ?? tree.root.id, reply });
  const at = (sheet: Opened["sheet"]) => ({
    isOpen: opened?.sheet === sheet,
    onOpenChange: (open: boolean) => !open && close(),
  });
  return (
    <>
      <HelpSheet {...at("help")} />
      <GoSheet
        tree={tree}
        {...at("go")}
        onShow={props.onShow}
        onReplace={() => onOpened({ sheet: "replace" })}
      />
      <ReplaceSheet tree={tree} actions={actions} {...at("replace")} say={say} />
      <LinkSheet
        tree={tree}
        actions={actions}
        from={opened?.sheet === "link" ? opened.topic : null}
        to={opened?.sheet === "link" ? opened.to : null}
        onClose={close}
        say={say}
      />
      <SelectSheet tree={tree} {...at("select")} onChoose={props.onChoose} />
      <HistorySheet
        desk={desk}
        {...at("history")}
        onPatch={actions.accept}
        onOpenMap={props.onOpenMap}
        say={say}
      />
      <OverSheet desk={desk} actions={actions} {...at("over")} onSelect={onSelect} say={say} />
      <BriefSheet
        tree={tree}
        topics={opened?.sheet === "brief" ? opened.topics.flatMap((id) => tree.get(id) ?? []) : []}
        {...at("brief")}
        onReply={(asked, reply) =>
          asked.wish === "WORDING" && reply
            ? onNames(asked.about, reply)
            : onOpened({ sheet: "replies", asked, reply })
        }
      />
      <ReplySheet
        tree={tree}
        asked={opened?.sheet === "replies" ? opened.asked : UNASKED}
        first={opened?.sheet === "replies" ? opened.reply : null}
        {...at("replies")}
        onNames={onNames}
        onOpen={onSource}
        onOpenMap={props.onOpenMap}
        say={say}
      />
      <RemarksSheet tree={tree} {...at("remarks")} onSelect={onSelect} />
      <LegendSheet tree={tree} actions={actions} {...at("legend")} say={say} />
      <RelationsSheet
        tree={tree}
        actions={actions}
        {...at("relations")}
        onChoose={props.onChoose}
        say={say}
      />
      <TablesSheet
        tree={tree}
        actions={actions}
        under={opened?.sheet === "tables" ? opened.topic : null}
        text={opened?.sheet === "tables" ? opened.text : ""}
        onClose={close}
        say={say}
      />
      <NamesSheet
        tree={tree}
        actions={actions}
        topic={opened?.sheet === "names" ? opened.topic : null}
        reply={opened?.sheet === "names" ? opened.reply : null}
        onClose={close}
        say={say}
      />
      <PictureSheet
        tree={tree}
        actions={actions}
        topic={opened?.sheet === "picture" ? opened.topic : null}
        onFiles={props.onPictures}
        onClose={close}
        say={say}
      />
      <PlaceSheet
        tree={tree}
        actions={actions}
        placing={opened?.sheet === "place" ? opened.placing : null}
        onClose={close}
        onSelect={onSelect}
        say={say}
      />
      <NewTopicSheet
        tree={tree}
        actions={actions}
        making={opened?.sheet === "new" ? opened.making : null}
        onClose={close}
        onSelect={onSelect}
        say={say}
      />
      <ExportSheet
        tree={tree}
        topic={props.selected}
        isOpen={props.exporting}
        onOpenChange={props.onExporting}
      />
      <OutlineSheet desk={desk} {...at("outline")} />
      <ProposalsSheet tree={tree} {...at("proposals")} onOpen={onSource} />
      <FreshSheet desk={desk} {...at("fresh")} onShow={props.onShow} onAllSeen={props.onAllSeen} />
      <ReferencesSheet
        desk={desk}
        {...at("references")}
        onSelect={onSelect}
        onSource={(source) => onOpened({ sheet: "source", source })}
      />
      <LeftOutSheet desk={desk} {...at("left out")} onOpen={onSource} />
      <SearchSheet mapId={desk.id} {...at("search")} onOpen={onSource} />
      <SourceSheet
        desk={desk}
        source={opened?.sheet === "source" ? opened.source : null}
        onClose={close}
        onOpen={onSource}
        onSelect={onSelect}
      />
      <Sheet title="Add sources" {...at("add")}>
        <Bring
          gathering={gathering}
          onOpen={props.onRead}
          onOutline={() => onOpened({ sheet: "outline" })}
        />
      </Sheet>
      <AgainSheet desk={desk} {...at("compare")} />
      <Sheet title="Distil again" {...at("again")}>
        <Distilling desk={desk} actions={actions} onDistil={close} />
      </Sheet>
    </>
  );
});
