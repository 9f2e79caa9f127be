import type { components } from "./schema";

type Schemas = components["schemas"];

export type Desk = Schemas["Desk"];
export type Topic = Schemas["TopicView"];
export type Source = Schemas["SourceView"];
export type Scene = Schemas["SceneView"];
export type Placed = Schemas["Placed"];
export type Job = Schemas["View"];
export type Passage = Schemas["PassageView"];
export type Mark = Schemas["MarkView"];
export type SourceText = Schemas["SourceTextView"];
export type Details = Schemas["Details"];
export type Description = Schemas["Description"];
export type Added = Schemas["Added"];
export type Proposal = Schemas["ProposalView"];
export type Outline = Schemas["OutlineView"];
export type LeftOut = Schemas["LeftOutView"];
export type Hits = Schemas["Hits"];
export type Box = Schemas["PageBox"];
export type Session = Schemas["Session"];
export type MapSummary = Schemas["Summary"];
export type News = { revision: number; jobs: Job[] };
export type DistilOptions = Schemas["DistilOptions"];
export type Wishes = Schemas["Wishes"];
export type Preview = Schemas["Preview"];
export type Belonging = Schemas["Belonging"];
export type Folding = Schemas["Folding"];
export type Edit =
  | Schemas["Add"]
  | Schemas["Rename"]
  | Schemas["Note"]
  | Schemas["SetAside"]
  | Schemas["Remove"]
  | Schemas["Move"]
  | Schemas["Link"]
  | Schemas["Unlink"];
