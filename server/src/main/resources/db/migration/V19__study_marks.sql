-- What people corrected by hand in what is computed from the sources: events, names, pairs.
create table study_mark (
  id        uuid primary key,
  map_id    uuid not null references map on delete cascade,
  kind      text not null,
  subject   text not null,
  body      text not null,
  marked_at timestamptz not null,
  unique (map_id, kind, subject)
);
