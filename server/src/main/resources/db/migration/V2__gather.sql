-- What is known of a source beside its text; newer versions, recordings, outlines and matches.

alter table source alter column content_id drop not null;
alter table source
  add column author     text,
  add column dated      text,
  add column category   text not null default '',
  add column language   text,
  add column chosen     text,
  add column address    text,
  add column recording  uuid references content,
  add column sound_type text,
  add column excluded   text not null default '[]',
  add column withdrawn  boolean not null default false,
  add column renamed    boolean not null default false;

alter table source_text
  add column author    text,
  add column dated     text,
  add column language  text not null default '',
  add column omissions text not null default '[]',
  add column layout    text not null default '{"lines":[]}',
  add column scanned   text not null default '[]';

-- Every file that a source has had, so that an older version can come back.
create table source_file (
  source_id  uuid not null references source on delete cascade,
  content_id uuid not null references content,
  file_name  text not null,
  primary key (source_id, content_id)
);
insert into source_file select id, content_id, file_name from source;

-- A passage whose words are not in the newer text of its source stands at 0 to 0.
alter table evidence drop constraint evidence_check;
alter table evidence add constraint evidence_check check (end_at >= start_at);

create table outline (
  map_id uuid primary key references map on delete cascade,
  name   text not null,
  body   text not null,
  grown  text not null
);

create table proposal (
  id        uuid primary key,
  map_id    uuid not null references map on delete cascade,
  topic_id  uuid not null,
  source_id uuid not null references source on delete cascade,
  start_at  int  not null check (start_at >= 0),
  end_at    int  not null check (end_at > start_at),
  quote     text not null,
  prefix    text not null,
  suffix    text not null,
  strength  double precision not null check (strength between 0 and 1),
  refused   boolean not null default false
);
create index proposal_map on proposal (map_id, topic_id);

-- A file can be read again, as another kind or with its pictures read too.
alter table source_text drop constraint source_text_content_id_kind_key;
create index source_text_content on source_text (content_id);
