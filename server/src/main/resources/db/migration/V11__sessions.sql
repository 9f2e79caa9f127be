-- Who is there is known by a random token, of which only a hash is kept. An invitation lets another
-- browser of the same person in, once and for minutes.
create table session (
  id         uuid primary key,
  hash       text not null unique,
  visitor_id uuid not null references visitor on delete cascade,
  former_id  uuid references session on delete set null,
  browser    text not null,
  created_at timestamptz not null,
  seen_at    timestamptz not null,
  ends_at    timestamptz not null
);
create index session_visitor on session (visitor_id);
create index session_former on session (former_id);

create table invitation (
  visitor_id uuid primary key references visitor on delete cascade,
  hash       text not null unique,
  ends_at    timestamptz not null
);

-- Who has never done anything but look is forgotten soon.
alter table visitor add column used boolean not null default true;
alter table visitor alter column used drop default;

-- The key of the signed cookies that sessions come in the place of is good for those who have one,
-- until nobody can have it any more.
insert into setting (name, value)
select 'visitor-key-until', to_char((now() + interval '90 days') at time zone 'utc', 'YYYY-MM-DD"T"HH24:MI:SS"Z"')
where exists (select 1 from setting where name = 'visitor-key');
