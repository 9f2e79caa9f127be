-- Places that hold whatever happens beside them: a rank instead of a number among the siblings.
alter table topic add column rank bigint;
update topic set rank = (position + 1) * 1048576::bigint;
alter table topic drop constraint topic_place;
alter table topic alter column rank set not null;
alter table topic add constraint topic_place unique (parent_id, rank) deferrable initially deferred;
alter table topic drop column position;

-- What a topic was given of its look by hand, and how the map as a whole is shown.
alter table topic add column ink text;
alter table map add column layout text not null default 'BRACES';

create table cross_link (
  id      uuid primary key,
  map_id  uuid not null references map on delete cascade,
  from_id uuid not null references topic on delete cascade,
  to_id   uuid not null references topic on delete cascade,
  phrase  text not null,
  check (from_id <> to_id),
  unique (from_id, to_id)
);
create index cross_link_map on cross_link (map_id);
create index cross_link_to on cross_link (to_id);

-- What is open belongs to the person who looks, not to the map.
create table map_view (
  map_id uuid not null references map on delete cascade,
  person uuid not null references visitor on delete cascade,
  folded boolean not null,
  primary key (map_id, person)
);
create index map_view_person on map_view (person);
insert into map_view select id, owner, folded from map;
create table closed_branch (
  person   uuid not null references visitor on delete cascade,
  topic_id uuid not null references topic on delete cascade,
  map_id   uuid not null references map on delete cascade,
  primary key (person, topic_id)
);
create index closed_branch_map on closed_branch (map_id, person);
create index closed_branch_topic on closed_branch (topic_id);
insert into closed_branch select m.owner, t.id, m.id
  from topic t join map m on m.id = t.map_id where t.closed;
alter table topic drop column closed;
alter table map drop column folded;

-- Rows that more than one path writes have a version.
alter table map    add column version bigint not null default 0;
alter table source add column version bigint not null default 0;
alter table job    add column version bigint not null default 0;

-- Whether a map had a title of its own from the start.
alter table map add column titled boolean not null default false;
update map m set titled = true
  where exists (select 1 from topic t where t.map_id = m.id and t.parent_id is null
                and t.label <> 'Untitled map');

-- Revisions know the format of their changes, the edit and the job that made them, what they touched.
alter table revision
  add column format  int     not null default 1,
  add column edit_id uuid,
  add column job_id  uuid,
  add column touched uuid[]  not null default '{}',
  add column titles  boolean not null default false;
alter table revision drop constraint revision_state_check;
alter table revision add constraint revision_state_check
  check (state in ('DONE', 'UNDONE', 'REPLACED', 'OVERTAKEN'));
create unique index revision_edit on revision (map_id, edit_id) where edit_id is not null;
drop index revision_state;
create index revision_of_person on revision (map_id, author, kind, state, number);

-- Who asked for a job.
alter table job add column person uuid;
update job j set person = (select owner from map m where m.id = j.map_id);
alter table job alter column person set not null;
create index job_person on job (person, state);

-- A recording without its transcript is a state, not a sentence.
alter table source add column awaits_transcript boolean not null default false;
update source set awaits_transcript = true
  where problem like 'This is a recording without a transcript.%';

-- Every foreign key has an index.
create index evidence_source on evidence (source_id);
create index topic_extent_source on topic_extent (source_id);
create index proposal_source on proposal (source_id);
create index job_source on job (source_id);
create index source_content on source (content_id);
create index source_text_of on source (text_id);
create index source_recording on source (recording);
create index source_newer_than on source (newer_than);
create index source_file_content on source_file (content_id);
create index topic_parent on topic (parent_id);
alter table job add column parked boolean not null default false;
alter table source_text add column digest text not null default '';
create index source_text_digest on source_text (content_id, digest);

-- The colour of a main branch stays with it.
alter table topic add column colour int;

-- A map distilled anew that waits for a person to take it, in whole or in part, or to leave it.
create table distillation (
  map_id   uuid primary key references map on delete cascade,
  format   int  not null,
  found    text not null,
  options  text not null,
  made_at  timestamptz not null
);
