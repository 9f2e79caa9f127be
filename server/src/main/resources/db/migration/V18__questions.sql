-- Questions that a person keeps with a map, and which passages they have seen as answers.
create table question (
  id      uuid primary key,
  map_id  uuid not null references map on delete cascade,
  person  uuid not null references visitor on delete cascade,
  body    text not null,
  seen    text[] not null,
  kept_at timestamptz not null
);
create index question_map on question (map_id);
