import type { theme } from "../theme/tokens";
import type { components } from "./schema";

type Schemas = components["schemas"];

export type Desk = Omit<Schemas["Desk"], "scene" | "topics" | "links"> & {
  scene: Scene;
  topics: Topic[];
  links: CrossLink[];
};
export type Backdrop = Omit<Schemas["BackdropView"], "tile" | "watermark"> & {
  tile: Schemas["TileView"] | null;
  watermark: Words | null;
};
export type ScenePatch = Omit<Schemas["ScenePatch"], "topics" | "backdrop"> & {
  topics: Placed[];
  backdrop: Backdrop | null;
};
export type Patch = Omit<Schemas["Patch"], "whole" | "facts" | "scene" | "topics" | "links"> & {
  topics: Topic[];
  links: CrossLink[];
  whole: Desk | null;
  facts: Facts | null;
  scene: ScenePatch | null;
};
export type Style = Schemas["StyleView"];
export type Styles = Schemas["StylesView"];
export type Paper = Schemas["PaperView"];
export type Rule = Schemas["RuleView"];
export type Trace = Schemas["Trace"];
export type Topic = Omit<
  Schemas["TopicView"],
  "loose" | "arrangement" | "style" | "below" | "trace"
> & {
  /** The reply that it came with. */
  trace: Trace | null;
  /** Given by hand to it alone, and to it and all below. */
  style: Style | null;
  below: Style | null;
  /** How its branch is laid out; null as around it. */
  arrangement: Arrangement | null;
  loose: { x: number; y: number } | null;
};
export type KnownBrowser = Schemas["KnownBrowser"];
export type Invitation = Schemas["Invitation"];
export type Picture = Schemas["Picture"];
export type KeptImage = Schemas["Kept"];
export type InkDrawing = Schemas["Drawing"];
export type Figure = Schemas["Figure"];
export type Bend = { x: number; y: number };
export type Source = Schemas["SourceView"];
export type CrossLink = Omit<Schemas["CrossLinkView"], "bend"> & { bend: Bend | null };
export type Box = Schemas["Box"];
export type Placed = Omit<Schemas["PlacedView"], "toggle"> & { toggle: Box | null };
export type Across = Schemas["AcrossView"];
export type DropZone = Schemas["DropZone"];
export type Drawn = Schemas["Drawn"];
export type Words = Schemas["Words"];
export type Scene = Omit<Schemas["SceneView"], "topics" | "backdrop"> & {
  backdrop: Backdrop;
  topics: Placed[];
};
export type Facts = Schemas["DeskFacts"];
export type Job = Schemas["View"];
export type Passage = Schemas["PassageView"];
export type Mark = Schemas["MarkView"];
export type SourceText = Schemas["SourceTextView"];
export type Details = Schemas["Details"];
export type Description = Schemas["Description"];
export type Added = Schemas["Added"];
export type Proposal = Schemas["ProposalView"];
export type Outline = Schemas["OutlineView"];
export type ReadOutline = Omit<Schemas["Outline"], "title"> & { title: string | null };
export type LeftOut = Schemas["LeftOutView"];
export type Hits = Schemas["Hits"];
export type PageBox = Schemas["PageBox"];
export type Session = Schemas["Session"];
export type MapSummary = Schemas["Summary"];
export type News = { revision: number; shelf: string; jobs: Job[] };
export type Again = Omit<Schemas["Again"], "outcome"> & { outcome: Schemas["Outcome"] | null };
export type How = Schemas["Taken"]["how"];
export type Ink = keyof typeof theme.byHand;
export type Arrangement = Facts["arrangement"];
export type LayoutKind = NonNullable<Arrangement["layout"]>;
export type DistilOptions = Schemas["DistilOptions"];
export type Wishes = Schemas["Wishes"];
export type Preview = Schemas["Preview"];
export type Belonging = Schemas["Belonging"];
export type Folding = Schemas["Folding"];
export type Tag = Schemas["Tag"];
export type Sign = Schemas["SignView"];
export type Crossing = Facts["crossing"];
export type Direction = CrossLink["direction"];
export type RelationsFound = Schemas["RelationsView"];
export type Brought = Schemas["BroughtView"];
export type Remark = Schemas["Comment"];
export type Revision = Omit<Schemas["Entry"], "job" | "moment" | "name"> & {
  /** An export changes nothing. */
  job: Exclude<Job["kind"], "EXPORT"> | null;
  moment: Schemas["Entry"]["moment"] | null;
  name: string | null;
};
export type RevisionPage = { entries: Revision[]; more: boolean };
export type PastMap = Omit<Schemas["PastView"], "scene" | "topics" | "links"> & {
  scene: Scene;
  links: CrossLink[];
  topics: Topic[];
};
export type Difference = Schemas["Difference"];
export type Template = Schemas["Template"];
export type Sorting = Schemas["Sort"]["by"];
export type Found = Schemas["Found"];
export type BriefChoices = Schemas["BriefView"];
export type WrittenBrief = Schemas["WrittenBrief"];
export type KeptBrief = Schemas["KeptBrief"];
export type Offered = Schemas["Offered"];
export type ProposedNames = Schemas["ProposedNames"];
export type Edit =
  | Schemas["Add"]
  | Schemas["Rename"]
  | Schemas["Note"]
  | Schemas["SetAside"]
  | Schemas["Remove"]
  | Schemas["Move"]
  | Schemas["Link"]
  | Schemas["Unlink"]
  | Schemas["Judge"]
  | Schemas["Connect"]
  | Schemas["Rephrase"]
  | Schemas["Disconnect"]
  | Schemas["Paint"]
  | Schemas["Put"]
  | Schemas["Widen"]
  | Schemas["Plain"]
  | Schemas["ArrangeBranch"]
  | ({ type: "Arrange" } & Partial<Omit<Schemas["Arrange"], "type">>)
  | Schemas["Merge"]
  | Schemas["Between"]
  | Schemas["Sort"]
  | Schemas["MovePassages"]
  | Schemas["Split"]
  | Schemas["Define"]
  | Schemas["Lead"]
  | Schemas["Mark"]
  | Schemas["Legend"]
  | Schemas["Illustrate"]
  | Schemas["Ground"]
  | Schemas["Unground"]
  | { type: "Bow"; link: string; bend: Bend | null }
  | Schemas["Order"]
  | Schemas["Reattach"]
  | Schemas["Qualify"]
  | Schemas["Remark"]
  | Schemas["Clean"]
  | Schemas["Hang"]
  | Schemas["Bring"]
  | Schemas["Plant"]
  | Schemas["Empty"]
  | Schemas["AddLoose"]
  | Schemas["Lay"]
  | Schemas["ShowAlso"]
  | Schemas["HideAlso"]
  | Schemas["Say"]
  | Schemas["Unsay"]
  | Schemas["Reword"]
  | Schemas["Settle"]
  | { type: "Several"; edits: Edit[] };
export type References = Schemas["ReferencesView"];
export type WorkView = Schemas["WorkView"];
export type ReferenceForm = Schemas["ReferenceForm"];
export type WorkType = Schemas["WorkTypeView"];
export type CitedWords = Schemas["CitedWords"];
export type Citation = Schemas["CitationView"];
export type BroughtReferences = Schemas["BroughtReferences"];
export type CatalogueAnswer = Schemas["CatalogueAnswer"];
export type Templates = Schemas["TemplatesView"];
export type Reply = Schemas["ReplyView"];
export type Point = Schemas["Point"];
export type ReplyDifference = Schemas["DifferenceView"];
export type ReplyCheck = Schemas["CheckView"];
export type Judged = Schemas["JudgedView"];
export type FoundPassage = Schemas["FoundView"];
export type KeptReply = Schemas["KeptReply"];
export type Beside = Schemas["Beside"];
export type ReplyPreview = { map: PastMap; points: (string | null)[] };
export type Assistant = Schemas["AssistantView"];
export type Ask = Schemas["AskView"];
export type Answers = Schemas["AnswersView"];
export type Answer = Schemas["AnswerView"];
export type Events = Omit<Schemas["EventsView"], "events" | "open" | "counted"> & {
  events: HappenedEvent[];
  open: HappenedEvent[];
  /** The event that times are counted from. */
  counted: Schemas["CountedView"] | null;
};
/** An event; its place in days since 1970, or in years after an event. */
export type HappenedEvent = Omit<Schemas["EventView"], "from" | "to" | "after" | "basis"> & {
  from: number | null;
  to: number | null;
  after: number | null;
  basis: Schemas["EventView"]["basis"] | null;
};
export type People = Schemas["PeopleView"];
export type Somebody = Schemas["SomebodyView"];
export type Tie = Schemas["TieView"];
export type Agreement = Schemas["AgreementView"];
export type Disputed = Schemas["DisputedView"];
export type Stated = Schemas["StatedView"];
export type ProposedStance = Schemas["ProposedStance"];
export type Figures = Schemas["FiguresView"];
export type GivenFigure = Schemas["FigureView"];
export type LooseEnds = Schemas["LooseEndsView"];
export type AllMinutes = Schemas["AllMinutes"];
export type Minutes = Schemas["MinutesView"];
export type MinutesPoint = Schemas["PointView"];
export type KeptQuestion = Schemas["KeptQuestion"];
export type Comparison = Omit<
  Schemas["ComparisonView"],
  "concord" | "topics" | "terms" | "passages"
> & {
  topics: ComparedColumns;
  terms: ComparedColumns;
  passages: ComparedColumns;
  concord: Concord | null;
};
export type Concord = Schemas["ConcordView"];
export type ComparedColumns = Omit<Schemas["ColumnsView"], "one" | "both" | "other"> & {
  one: Matter[];
  both: BothMatters[];
  other: Matter[];
};
export type Matter = Omit<Schemas["MatterView"], "topic"> & { topic: string | null };
export type BothMatters = Omit<Schemas["BothView"], "one" | "other"> & {
  one: Matter;
  other: Matter;
};
export type PairKind = Schemas["PairSaid"]["kind"];
export type KeptDraft = Schemas["KeptDraft"];
export type HeldDraft = Omit<Schemas["DraftView"], "lines" | "rooms"> & {
  lines: DraftLine[];
  rooms: DraftRoom[];
};
/** A sentence of a draft; its topic is null if it is on none, its point -1. */
export type DraftLine = Omit<Schemas["LineView"], "topic"> & { topic: string | null };
export type DraftRoom = Omit<Schemas["RoomView"], "topic"> & { topic: string | null };
export type CarriedPoint = Schemas["CarriedView"];
export type DraftsCompared = Omit<Schemas["DraftsCompared"], "rooms"> & {
  rooms: (Omit<Schemas["RoomChange"], "topic"> & { topic: string | null })[];
};
export type Recall = Omit<Schemas["RecallView"], "quiz"> & { quiz: Quiz | null };
export type Quiz = Schemas["QuizView"];
export type KnownTopic = Schemas["KnownTopic"];
export type Grade = NonNullable<Schemas["RecallAnswer"]["grade"]>;
export type Answered = Omit<Schemas["AnsweredView"], "grade" | "known"> & {
  grade: Grade | null;
  known: KnownTopic | null;
};
export type ScopeFrame = Schemas["ScopeFilled"]["frame"];
export type ScopeField = Schemas["FieldView"];
export type Scope = Omit<Schemas["ScopeView"], "synonyms"> & { synonyms: ScopeSynonym[] };
/** Another word; no passage if a person said so. */
export type ScopeSynonym = Omit<Schemas["SynonymView"], "passage"> & {
  passage: Schemas["StudiedPassage"] | null;
};
export type KeptResearch = Schemas["KeptResearch"];
export type Hypothesis = Schemas["HypothesisView"];
export type Bearing = Schemas["BearingView"];
