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
