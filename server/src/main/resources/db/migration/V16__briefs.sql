-- What a person asks of text assistants, kept under names.
create table kept_brief (
  id      uuid primary key,
  person  uuid not null references visitor on delete cascade,
  name    text not null,
  choices text not null,
  kept_at timestamptz not null
);
create index kept_brief_person on kept_brief (person);
