-- Topics that came, or got passages, when a source was folded in, until somebody looks at them.

create table fresh_topic (
  topic_id uuid primary key,
  map_id   uuid not null references map on delete cascade
);
create index fresh_topic_map on fresh_topic (map_id);
