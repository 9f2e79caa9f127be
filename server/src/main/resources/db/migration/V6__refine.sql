-- What a person sets beside a topic's label and note.
alter table topic
  add column definition text    not null default '',
  add column pinned     boolean not null default false,
  add column lead       text    not null default '',
  add column tags       text[]  not null default '{}';

-- How a cross-link holds, and a note on it; two topics may be linked with different words.
alter table cross_link
  add column direction text    not null default 'ONE',
  add column supposed  boolean not null default false,
  add column note      text    not null default '';
alter table cross_link drop constraint cross_link_from_id_to_id_key;
create index cross_link_from on cross_link (from_id);

-- What a map's tags mean, as JSON, null for the usual ones; and more of how it is shown.
alter table map
  add column legend   text,
  add column numbered boolean not null default true,
  add column crossing text    not null default 'LINES';

-- What a revision did, in words, and whether the state after it is one that is worth going back to.
alter table revision
  add column said   text,
  add column moment text check (moment in ('WORK', 'BROUGHT', 'RESTORED', 'HOUR'));
create index revision_moment on revision (map_id, made_at) where moment is not null;

-- States of a map that a person named.
create table named_version (
  map_id  uuid   not null references map on delete cascade,
  number  bigint not null,
  name    text   not null,
  made_at timestamptz not null,
  primary key (map_id, number)
);

-- A map that others begin from.
alter table map add column template boolean not null default false;

-- Where a topic lies loose beside the tree, from the root's corner, in scene pixels.
alter table topic
  add column spot_left double precision,
  add column spot_top double precision,
  add constraint topic_spot check ((spot_left is null) = (spot_top is null));

-- Topics that are shown again under another parent.
create table also_here (
  id        uuid primary key,
  map_id    uuid not null references map on delete cascade,
  topic_id  uuid not null references topic on delete cascade,
  parent_id uuid not null references topic on delete cascade,
  check (topic_id <> parent_id),
  unique (topic_id, parent_id) deferrable initially deferred
);
create index also_here_map on also_here (map_id);
create index also_here_parent on also_here (parent_id);

-- Remarks on topics, cross-links and passages; they stay while their subject is gone.
create table comment (
  id       uuid primary key,
  map_id   uuid not null references map on delete cascade,
  subject  uuid not null,
  author   uuid not null,
  said_at  timestamptz not null,
  body     text not null,
  resolved boolean not null
);
create index comment_map on comment (map_id);
