-- Visitors, sources, maps, their revisions, and the jobs that work on them.

create table setting (
  name  text primary key,
  value text not null
);

create table visitor (
  id         uuid primary key,
  created_at timestamptz not null
);

create table content (
  id         uuid primary key,
  sha256     text     not null unique,
  size       bigint   not null,
  bytes      bytea    not null
);

create table source_text (
  id         uuid primary key,
  content_id uuid not null references content,
  kind       text not null,
  title      text,
  body       text not null,
  structure  text not null,
  words      int  not null,
  pages      int  not null,
  duration   bigint not null,
  unique (content_id, kind)
);

create table map (
  id         uuid primary key,
  owner      uuid not null references visitor on delete cascade,
  revision   bigint not null,
  folded     boolean not null,
  created_at timestamptz not null,
  changed_at timestamptz not null
);
create index map_owner on map (owner);

create table source (
  id         uuid primary key,
  map_id     uuid not null references map on delete cascade,
  content_id uuid not null references content,
  text_id    uuid references source_text,
  position   int  not null,
  file_name  text not null,
  name       text not null,
  problem    text,
  created_at timestamptz not null
);
create index source_map on source (map_id);

create table topic (
  id        uuid primary key,
  map_id    uuid not null references map on delete cascade,
  parent_id uuid references topic deferrable initially deferred,
  position  int  not null,
  label     text not null,
  note      text not null,
  summary   text not null,
  closed    boolean not null,
  constraint topic_place unique (parent_id, position) deferrable initially deferred
);
create index topic_map on topic (map_id);
create unique index topic_root on topic (map_id) where parent_id is null;

create table topic_extent (
  topic_id  uuid not null references topic on delete cascade,
  position  int  not null,
  map_id    uuid not null references map on delete cascade,
  source_id uuid not null references source,
  start_at  int  not null check (start_at >= 0),
  end_at    int  not null check (end_at > start_at),
  primary key (topic_id, position)
);
create index topic_extent_map on topic_extent (map_id);

create table evidence (
  id        uuid primary key,
  topic_id  uuid not null references topic on delete cascade,
  map_id    uuid not null references map on delete cascade,
  source_id uuid not null references source,
  position  int  not null,
  start_at  int  not null check (start_at >= 0),
  end_at    int  not null check (end_at > start_at),
  quote     text not null,
  prefix    text not null,
  suffix    text not null,
  stance    text not null,
  origin    text not null,
  strength  double precision not null check (strength between 0 and 1)
);
create index evidence_map on evidence (map_id);
create index evidence_topic on evidence (topic_id);

create table revision (
  map_id    uuid   not null references map on delete cascade,
  number    bigint not null,
  author    uuid   not null,
  kind      text   not null check (kind in ('CHANGE', 'UNDO', 'REDO')),
  of_number bigint not null,
  state     text   not null check (state in ('DONE', 'UNDONE', 'REPLACED')),
  change    text   not null,
  inverse   text   not null,
  made_at   timestamptz not null,
  primary key (map_id, number)
);
create index revision_state on revision (map_id, kind, state, number);

create table job (
  id         uuid primary key,
  map_id     uuid not null references map on delete cascade,
  source_id  uuid references source on delete cascade,
  kind       text not null,
  state      text not null,
  step       text not null,
  share      double precision not null,
  options    text not null,
  problem    text,
  cancelled  boolean not null,
  created_at timestamptz not null,
  changed_at timestamptz not null
);
create index job_map on job (map_id, created_at);

-- The table of db-scheduler, as its documentation gives it for PostgreSQL.
create table scheduled_tasks (
  task_name            text not null,
  task_instance        text not null,
  task_data            bytea,
  execution_time       timestamptz not null,
  picked               boolean not null,
  picked_by            text,
  last_success         timestamptz,
  last_failure         timestamptz,
  consecutive_failures int,
  last_heartbeat       timestamptz,
  version              bigint not null,
  priority             smallint,
  state                text,
  primary key (task_name, task_instance)
);
create index scheduled_tasks_time on scheduled_tasks (execution_time);
create index scheduled_tasks_heartbeat on scheduled_tasks (last_heartbeat);
