-- Topics that are kept but are not what the map is about; what a map was last distilled with.

alter table topic add column aside boolean not null default false;
alter table map add column distilled_with text;

-- Whether a topic with something new came itself, and how many passages came to it.

alter table fresh_topic add column came boolean not null default false;
alter table fresh_topic add column passages integer not null default 0;

-- The revision that brought it: while that is undone, nothing is new.

alter table fresh_topic add column revision bigint not null default 0;

-- The text that a source had before its newer one, until what is new has been folded in.

alter table source add column newer_than uuid;
