-- What is known of a source as a work that is cited, as an item of CSL-JSON, and the key by which
-- notes cite it; both null until it has been read.
alter table source
  add column reference text,
  add column cite_key  text;
update source s
set cite_key = 'source-' || (s.position + 1),
    reference = json_strip_nulls(json_build_object(
      'id', 'source-' || (s.position + 1),
      'type', case when s.address is null then 'document' else 'webpage' end,
      'title', s.name,
      'author', case
        when coalesce(s.author, t.author, '') = '' then null
        when coalesce(s.author, t.author) ~ '^\S+ \S+$' then json_build_array(json_build_object(
          'family', split_part(coalesce(s.author, t.author), ' ', 2),
          'given', split_part(coalesce(s.author, t.author), ' ', 1)))
        else json_build_array(json_build_object('literal', coalesce(s.author, t.author))) end,
      'issued', case
        when coalesce(s.dated, t.dated, '') = '' then null
        else json_build_object('raw', coalesce(s.dated, t.dated)) end,
      'genre', nullif(s.category, ''),
      'URL', s.address))::text
from source_text t
where t.id = s.text_id;
alter table source
  drop column author,
  drop column dated,
  drop column category;
create unique index source_cite_key on source (map_id, cite_key);

-- Works on the shelf that have no text.
create table work (
  id        uuid primary key,
  map_id    uuid not null references map on delete cascade,
  cite_key  text not null,
  reference text not null,
  made_at   timestamptz not null,
  unique (map_id, cite_key)
);

-- How a map cites: a style that ships by its key, or the text of one's own.
create table citing (
  map_id   uuid primary key references map on delete cascade,
  style    text not null,
  language text not null,
  own      text
);

-- A .docx whose styles a person's reports take.
create table report_template (
  person uuid primary key references visitor on delete cascade,
  docx   bytea not null
);
