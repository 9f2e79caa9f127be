-- How firmly a person has topics of a map in mind. It stays when a topic goes, as that may come back.
create table recall (
  id          uuid primary key,
  map_id      uuid not null references map on delete cascade,
  person      uuid not null references visitor on delete cascade,
  topic_id    uuid not null,
  stability   double precision not null,
  difficulty  double precision not null,
  answers     integer not null,
  known       integer not null,
  answered_at timestamptz not null,
  unique (map_id, person, topic_id)
);
create index recall_person on recall (person);
