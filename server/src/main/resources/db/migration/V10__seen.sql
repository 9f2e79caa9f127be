-- When somebody was here last, to the day: who has not been for long is forgotten.
alter table visitor add column seen_at timestamptz not null default now();
create index visitor_seen on visitor (seen_at);
