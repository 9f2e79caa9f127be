-- Topics that came with the reply of a text assistant say so.
alter table topic add column trace text;

-- Replies that people work with, each as it was pasted or received.
create table reply (
  id        uuid primary key,
  map_id    uuid not null references map on delete cascade,
  person    uuid not null references visitor on delete cascade,
  body      text not null,
  assistant text not null,
  wish      text,
  about     uuid[] not null,
  brief     text not null,
  asked     text not null,
  refused   text[] not null,
  came_at   timestamptz not null
);
create index reply_map on reply (map_id);

-- The assistant that a person has set; its key is sealed with a secret that is not in here.
create table assistant (
  person     uuid primary key references visitor on delete cascade,
  address    text not null,
  model      text not null,
  name       text not null,
  sealed_key text
);
